package reliqua.core.coop;

import static reliqua.core.coop.Duty.Trait.AWKWARD;
import static reliqua.core.coop.Duty.Trait.BOLTED;
import static reliqua.core.coop.Duty.Trait.CLOSES_BELOW;
import static reliqua.core.coop.Duty.Trait.HIDDEN;
import static reliqua.core.coop.Duty.Trait.LIES_OUT;
import static reliqua.core.coop.Duty.Trait.OVERHEAD;
import static reliqua.core.coop.Duty.Trait.RIPPED_TO_FIT;
import static reliqua.core.coop.Duty.Trait.SCAB;
import static reliqua.core.coop.Duty.Trait.SHOWN;
import static reliqua.core.coop.Duty.Trait.SLANTS_ACROSS_THICKNESS;
import static reliqua.core.coop.Duty.Trait.SLANTS_ACROSS_WIDTH;
import static reliqua.core.coop.Duty.Trait.WALKED_ON;
import static reliqua.core.stock.Straightness.BATTEN;
import static reliqua.core.stock.Straightness.DOOR;
import static reliqua.core.stock.Straightness.FRAME;

import java.util.Arrays;
import reliqua.core.coop.Duty.Assembly;
import reliqua.core.coop.Duty.Check;
import reliqua.core.coop.Duty.Crown;
import reliqua.core.coop.Duty.Load;
import reliqua.core.coop.Duty.Side;
import reliqua.core.coop.Duty.Trait;
import reliqua.core.stock.Latitude;
import reliqua.core.stock.Straightness;

/**
 * What a part is called, the letter that begins its mark, when it goes on, and its {@link Duty}. A
 * latitude is given where a larger stick than the design asks finds room and changes nothing else:
 * the side that others are measured from stays as it is.
 */
public enum Role {
    LEG(
            'A',
            Stage.FLOOR,
            Duty.of(FRAME, SHOWN, BOLTED)
                    .minutes(12)
                    .checked(Check.LEVEL)
                    .warned("build.caution.prop")
                    .seenFrom(Side.SIDE)),
    FOOTING(
            'K',
            Stage.FLOOR,
            Duty.of(FRAME, SHOWN, Trait.LOOSE).checked(Check.LEVEL).seenFrom(Side.PLAN)),
    POST(
            'A',
            Stage.FLOOR,
            Duty.of(FRAME, SHOWN, BOLTED)
                    .serving(Latitude.mm(40, 40).orRound(85, 170))
                    .minutes(40)
                    .checked(Check.PLUMB)
                    .warned("build.caution.post")),
    CHASSIS_BEAM('A', Stage.FLOOR, Duty.of(Straightness.JOIST, SHOWN).turned(Crown.UP).minutes(10)),
    CHASSIS_AXLE(
            'W',
            Stage.FLOOR,
            Duty.of(Straightness.JOIST, SHOWN, BOLTED).turned(Crown.UP).minutes(15)),
    CHASSIS_WHEEL(
            'W',
            Stage.FLOOR,
            Duty.of(FRAME, SHOWN, BOLTED, Trait.ROLLS)
                    .minutes(20)
                    .warned("build.caution.prop")
                    .seenFrom(Side.SIDE)),
    AXLE_POST('W', Stage.FLOOR, Duty.of(FRAME, SHOWN, BOLTED).minutes(12).checked(Check.PLUMB)),
    AXLE_BRACE(
            'W',
            Stage.FLOOR,
            Duty.of(FRAME, SHOWN, SLANTS_ACROSS_WIDTH).minutes(8).seenFrom(Side.SIDE)),
    PROP('A', Stage.FLOOR, Duty.of(FRAME, SHOWN, BOLTED).minutes(12).checked(Check.LEVEL)),
    SKID('A', Stage.FLOOR, Duty.of(Straightness.JOIST, SHOWN).minutes(12).checked(Check.LEVEL)),
    RIM(
            'A',
            Stage.FLOOR,
            Duty.of(Straightness.JOIST, HIDDEN, SHOWN)
                    .turned(Crown.UP)
                    .minutes(7)
                    .checked(Check.SQUARE)
                    .seenFrom(Side.PLAN)
                    .in(Assembly.FLOOR_FRAME)),
    JOIST(
            'A',
            Stage.FLOOR,
            Duty.of(Straightness.JOIST, HIDDEN)
                    .serving(Latitude.mm(15, 0))
                    .carrying(Load.FLOOR, Crown.UP)
                    .minutes(7)
                    .checked(Check.SQUARE)
                    .seenFrom(Side.PLAN)
                    .in(Assembly.FLOOR_FRAME)),
    FOUND_FLOOR(
            'P',
            Stage.FLOOR,
            Duty.of(FRAME, SHOWN, AWKWARD)
                    .minutes(30)
                    .checked(Check.SQUARE)
                    .warned("build.caution.foundFloor")
                    .seenFrom(Side.PLAN)),
    JOIST_SCAB('A', Stage.FLOOR, Duty.of(BATTEN, HIDDEN, SCAB).serving(Latitude.mm(15, 0))),
    FLOOR_PALLET(
            'P',
            Stage.FLOOR,
            Duty.of(FRAME, SHOWN, AWKWARD)
                    .minutes(12)
                    .checked(Check.SQUARE)
                    .warned("build.caution.pallet")
                    .seenFrom(Side.PLAN)),
    DECK('B', Stage.FLOOR, Duty.of(FRAME, HIDDEN, WALKED_ON).minutes(12).seenFrom(Side.PLAN)),
    DECK_ON_PALLETS('B', Stage.FLOOR, Duty.of(FRAME, HIDDEN).minutes(8).seenFrom(Side.PLAN)),
    FLOOR_BOARD(
            'B',
            Stage.FLOOR,
            Duty.of(BATTEN, HIDDEN, RIPPED_TO_FIT)
                    .serving(Latitude.mm(6, 60))
                    .minutes(3)
                    .seenFrom(Side.PLAN)),
    SLAT(
            'B',
            Stage.FLOOR,
            Duty.of(BATTEN, HIDDEN).serving(Latitude.mm(0, 0)).minutes(3).seenFrom(Side.PLAN)),
    FLOOR_MESH(
            'M',
            Stage.FLOOR,
            Duty.of(FRAME, HIDDEN).minutes(20).checked(Check.MESH).seenFrom(Side.PLAN)),
    FLOOR_VENT_RIM('B', Stage.FLOOR, Duty.of(FRAME, HIDDEN).minutes(6).seenFrom(Side.PLAN)),
    FLOOR_VENT_LID('B', Stage.FLOOR, Duty.of(FRAME, HIDDEN, Trait.LOOSE).seenFrom(Side.PLAN)),
    WALL_PALLET(
            'P',
            Stage.WALLS,
            Duty.of(FRAME, SHOWN, AWKWARD)
                    .minutes(15)
                    .checked(Check.PLUMB)
                    .warned("build.caution.pallet")),
    PEN_PANEL('P', Stage.WALLS, Duty.of(FRAME, SHOWN, AWKWARD).minutes(10).checked(Check.PLUMB)),
    PEN_RAIL('A', Stage.FLOOR, Duty.of(FRAME, SHOWN).minutes(7).checked(Check.SQUARE)),
    GIRT('C', Stage.WALLS, Duty.of(FRAME, HIDDEN).serving(Latitude.mm(10, 30)).minutes(7)),
    PEN_WALL_RAIL(
            'C',
            Stage.WALLS,
            Duty.of(FRAME, HIDDEN).serving(Latitude.mm(10, 30)).minutes(7).seenFrom(Side.PLAN)),
    PEN_POST('C', Stage.WALLS, Duty.of(FRAME, SHOWN, SLANTS_ACROSS_WIDTH).minutes(6)),
    RIDGE('C', Stage.WALLS, Duty.of(FRAME, SHOWN).minutes(7).seenFrom(Side.SIDE)),
    PEN_LEG(
            'C',
            Stage.WALLS,
            Duty.of(FRAME, SHOWN).minutes(8).turned(Crown.SAME).seenFrom(Side.SIDE)),
    HOOP(
            'H',
            Stage.WALLS,
            Duty.of(FRAME, SHOWN, AWKWARD)
                    .minutes(10)
                    .checked(Check.PLUMB)
                    .warned("build.caution.hoop")
                    .seenFrom(Side.SIDE)),
    PEN_TIE('C', Stage.WALLS, Duty.of(FRAME).minutes(7).seenFrom(Side.SIDE)),
    TIE_BEAM('C', Stage.WALLS, Duty.of(FRAME, HIDDEN).minutes(7).turned(Crown.SAME)),
    POST_PLATE('C', Stage.WALLS, Duty.of(FRAME, HIDDEN, BOLTED).minutes(12).turned(Crown.UP)),
    CRIPPLE('C', Stage.WALLS, Duty.of(FRAME, HIDDEN).minutes(5).checked(Check.PLUMB)),
    PLATE('C', Stage.WALLS, Duty.of(FRAME, HIDDEN, Trait.TIPPED_UP).minutes(7).turned(Crown.SAME)),
    STUD(
            'C',
            Stage.WALLS,
            Duty.of(FRAME, HIDDEN, AWKWARD, SLANTS_ACROSS_THICKNESS, Trait.TIPPED_UP)
                    .minutes(7)
                    .turned(Crown.SAME)
                    .checked(Check.PLUMB)
                    .warned("build.caution.raise")),
    SILL('C', Stage.WALLS, Duty.of(FRAME, HIDDEN, Trait.TIPPED_UP).minutes(7)),
    HEADER('C', Stage.WALLS, Duty.of(FRAME, HIDDEN, Trait.TIPPED_UP).minutes(7).turned(Crown.SAME)),
    BEAM_POST(
            'C',
            Stage.WALLS,
            Duty.of(FRAME, SHOWN).serving(Latitude.mm(20, 40)).checked(Check.PLUMB)),
    ROOF_BEAM(
            'C',
            Stage.WALLS,
            Duty.of(Straightness.JOIST, HIDDEN, AWKWARD, BOLTED)
                    .serving(Latitude.mm(0, 60))
                    .carrying(Load.ROOF_BEAM, Crown.UP)
                    .minutes(15)
                    .checked(Check.LEVEL)
                    .seenFrom(Side.SIDE)),
    BAND_STUD('C', Stage.WALLS, Duty.of(FRAME, HIDDEN).minutes(5).checked(Check.PLUMB)),
    BAND_PLATE(
            'C',
            Stage.WALLS,
            Duty.of(FRAME, HIDDEN, AWKWARD)
                    .minutes(7)
                    .turned(Crown.SAME)
                    .checked(Check.LEVEL)
                    .seenFrom(Side.SIDE)),
    BLOCKING('C', Stage.WALLS, Duty.of(FRAME, HIDDEN).serving(Latitude.mm(20, 0))),
    RAFTER(
            'D',
            Stage.RAFTERS,
            Duty.of(FRAME, HIDDEN, AWKWARD, OVERHEAD, SLANTS_ACROSS_WIDTH)
                    .serving(Latitude.mm(15, 0))
                    .carrying(Load.ROOF, Crown.UP)
                    .minutes(12)
                    .checked(Check.PITCH)
                    .seenFrom(Side.SIDE)),
    LIFTED_RAFTER(
            'D',
            Stage.RAFTERS,
            Duty.of(FRAME, HIDDEN, AWKWARD, OVERHEAD, SLANTS_ACROSS_WIDTH, Trait.LIFTS)
                    .serving(Latitude.mm(15, 0))
                    .carrying(Load.ROOF, Crown.UP)
                    .minutes(15)
                    .checked(Check.SWING)
                    .warned("build.caution.lifted")
                    .seenFrom(Side.SIDE)),
    RIDGE_BOARD(
            'D',
            Stage.RAFTERS,
            Duty.of(Straightness.JOIST, HIDDEN, AWKWARD, OVERHEAD)
                    .serving(Latitude.mm(12, 60))
                    .turned(Crown.UP)
                    .minutes(15)
                    .checked(Check.LEVEL)
                    .seenFrom(Side.SIDE)),
    COLLAR_TIE(
            'D',
            Stage.RAFTERS,
            Duty.of(FRAME, HIDDEN, OVERHEAD)
                    .serving(Latitude.mm(15, 40))
                    .minutes(8)
                    .seenFrom(Side.SIDE)),
    RAFTER_SCAB('D', Stage.RAFTERS, Duty.of(BATTEN, HIDDEN, SCAB).serving(Latitude.mm(15, 0))),
    PURLIN(
            'D',
            Stage.RAFTERS,
            Duty.of(BATTEN, HIDDEN, SHOWN, OVERHEAD)
                    .serving(Latitude.mm(0, 50))
                    .carrying(Load.ROOF_FLAT, Crown.UP)
                    .minutes(7)
                    .seenFrom(Side.SIDE)),
    RAKE_FILLER('D', Stage.RAFTERS, Duty.of(BATTEN, HIDDEN, OVERHEAD).seenFrom(Side.SIDE)),
    SKIN('E', Stage.SKINS, Duty.of(FRAME, SHOWN).minutes(12)),
    BOARD('E', Stage.SKINS, Duty.of(BATTEN, SHOWN, RIPPED_TO_FIT).serving(Latitude.mm(6, 60))),
    COVER_BATTEN('E', Stage.SKINS, Duty.of(BATTEN, SHOWN).serving(Latitude.mm(6, 20))),
    ROOF_SHEET(
            'R',
            Stage.ROOF,
            Duty.of(FRAME, SHOWN, AWKWARD, OVERHEAD)
                    .minutes(12)
                    .warned("build.caution.roof")
                    .seenFrom(Side.SIDE)),
    COVER('R', Stage.ROOF, Duty.of(FRAME, SHOWN, OVERHEAD).minutes(20)),
    RIDGE_CAP('R', Stage.ROOF, Duty.of(BATTEN, SHOWN, OVERHEAD).serving(Latitude.mm(10, 80))),
    DOOR_LEAF(
            'F',
            Stage.DOORS,
            Duty.of(DOOR, SHOWN, Trait.LEAF).minutes(20).checked(Check.SWING).in(Assembly.DOOR)),
    FOUND_LEAF('F', Stage.DOORS, Duty.of(DOOR, SHOWN, Trait.LEAF).minutes(30).checked(Check.SWING)),
    WINDOW('F', Stage.DOORS, Duty.of(DOOR, SHOWN).minutes(20).seenFrom(Side.SIDE)),
    SHUTTER('F', Stage.DOORS, Duty.of(DOOR, SHOWN, Trait.LID).minutes(15).checked(Check.SWING)),
    LEAF_BOARD(
            'F',
            Stage.DOORS,
            Duty.of(BATTEN, SHOWN, RIPPED_TO_FIT).serving(Latitude.mm(6, 60)).in(Assembly.DOOR)),
    DOOR_FRAME(
            'F',
            Stage.DOORS,
            Duty.of(DOOR, SHOWN).turned(Crown.STRAIGHTEST).checked(Check.SWING).in(Assembly.DOOR)),
    HATCH_LEAF('F', Stage.DOORS, Duty.of(DOOR, SHOWN, Trait.LEAF).minutes(20).checked(Check.SWING)),
    EGG_HATCH(
            'F',
            Stage.DOORS,
            Duty.of(DOOR, SHOWN, Trait.LEAF, Trait.GIVES_EGGS)
                    .minutes(20)
                    .checked(Check.SWING)
                    .seenFrom(Side.SIDE)),
    HATCH_BOARD(
            'F',
            Stage.DOORS,
            Duty.of(DOOR, SHOWN, Trait.LEAF)
                    .serving(Latitude.mm(6, 0))
                    .minutes(6)
                    .checked(Check.SWING)
                    .seenFrom(Side.SIDE)),
    HATCH_RAIL(
            'F',
            Stage.DOORS,
            Duty.of(DOOR, SHOWN).serving(Latitude.mm(10, 40)).turned(Crown.STRAIGHTEST)),
    LEAF_LAP('F', Stage.DOORS, Duty.of(BATTEN, HIDDEN).serving(Latitude.mm(10, 40))),
    POP_DOOR('F', Stage.DOORS, Duty.of(DOOR, SHOWN).minutes(20)),
    POP_GUIDE('F', Stage.DOORS, Duty.of(BATTEN, SHOWN)),
    LITTER_BOARD('F', Stage.DOORS, Duty.of(FRAME, HIDDEN, Trait.HOLDS_LITTER).seenFrom(Side.PLAN)),
    NEST_PANEL(
            'N',
            Stage.NESTS,
            Duty.of(FRAME, SHOWN).minutes(12).seenFrom(Side.SIDE).in(Assembly.NEST_BOX)),
    NEST_SLOPE(
            'N',
            Stage.NESTS,
            Duty.of(FRAME, HIDDEN, Trait.ROLLS_EGGS).minutes(10).seenFrom(Side.SIDE)),
    EGG_CURTAIN('N', Stage.NESTS, Duty.of(FRAME, HIDDEN).minutes(8).seenFrom(Side.SIDE)),
    DRAWER_FLOOR(
            'N',
            Stage.NESTS,
            Duty.of(FRAME, HIDDEN, Trait.STANDS_LOOSE)
                    .minutes(8)
                    .seenFrom(Side.SIDE)
                    .in(Assembly.NEST_DRAWER)),
    DRAWER_SIDE(
            'N',
            Stage.NESTS,
            Duty.of(BATTEN, HIDDEN, Trait.STANDS_LOOSE)
                    .seenFrom(Side.SIDE)
                    .in(Assembly.NEST_DRAWER)),
    DRAWER_FRONT(
            'N',
            Stage.NESTS,
            Duty.of(FRAME, SHOWN, Trait.STANDS_LOOSE, Trait.DRAWN_OUT)
                    .minutes(8)
                    .seenFrom(Side.SIDE)
                    .in(Assembly.NEST_DRAWER)),
    NEST_CRATE('N', Stage.NESTS, Duty.of(FRAME, Trait.LOOSE).minutes(6).seenFrom(Side.SIDE)),
    FOUND_NESTS(
            'N',
            Stage.NESTS,
            Duty.of(FRAME, SHOWN, Trait.GIVES_EGGS, AWKWARD).minutes(30).checked(Check.SWING)),
    NEST_LID(
            'N',
            Stage.NESTS,
            Duty.of(DOOR, SHOWN, Trait.LID, Trait.GIVES_EGGS)
                    .minutes(20)
                    .checked(Check.SWING)
                    .seenFrom(Side.SIDE)),
    NEST_RAIL('N', Stage.NESTS, Duty.of(BATTEN).seenFrom(Side.SIDE).in(Assembly.NEST_BOX)),
    DRIP_BOARD(
            'N',
            Stage.NESTS,
            Duty.of(BATTEN, SHOWN).serving(Latitude.mm(6, 40)).seenFrom(Side.SIDE)),
    ROOST_LEDGER('T', Stage.ROOSTS, roost(FRAME).serving(Latitude.mm(12, 60))),
    ROOST_RAIL('T', Stage.ROOSTS, roost(FRAME, Trait.TAKES_HINGES).serving(Latitude.mm(12, 60))),
    ROOST_ARM(
            'T',
            Stage.ROOSTS,
            roost(FRAME, Trait.SWINGS_UP)
                    .serving(Latitude.mm(12, 60))
                    .checked(Check.SWING)
                    .in(Assembly.ROOST_FRAME)),
    ROOST_LEG(
            'T',
            Stage.ROOSTS,
            roost(FRAME, Trait.HANGS_PLUMB).serving(Latitude.mm(12, 60)).in(Assembly.ROOST_FRAME)),
    ROOST_POST('T', Stage.ROOSTS, roost(FRAME).serving(Latitude.mm(12, 60))),
    ROOST_BAR(
            'T',
            Stage.ROOSTS,
            roost(Straightness.JOIST)
                    .serving(Latitude.mm(12, 25).orRound(60, 90))
                    .carrying(Load.ROOST, Crown.UP)),
    DROPPINGS_BEARER('T', Stage.ROOSTS, roost(BATTEN)),
    DROPPINGS_BOARD(
            'T',
            Stage.ROOSTS,
            Duty.of(FRAME, HIDDEN, Trait.LOOSE, Trait.SCRAPED).seenFrom(Side.PLAN)),
    BOARD_LINING(
            'T', Stage.ROOSTS, Duty.of(FRAME, HIDDEN, Trait.LOOSE, Trait.CUT_TO_FIT).minutes(8)),
    LADDER_RAIL(
            'T',
            Stage.ROOSTS,
            roost(BATTEN, Trait.STANDS_LOOSE).serving(Latitude.mm(12, 30)).in(Assembly.LADDER)),
    LADDER_RUNG(
            'T',
            Stage.ROOSTS,
            roost(BATTEN, Trait.STANDS_LOOSE).serving(Latitude.mm(12, 30)).in(Assembly.LADDER)),
    FEEDER_BAR('T', Stage.ROOSTS, Duty.of(BATTEN, HIDDEN).serving(Latitude.mm(12, 60)).minutes(10)),
    FEEDER(
            'Q',
            Stage.RUN,
            Duty.of(FRAME, Trait.LOOSE, Trait.KEPT_CLEAN).minutes(25).seenFrom(Side.PLAN)),
    OPENER_BATTEN('F', Stage.DOORS, Duty.of(BATTEN, SHOWN)),
    OPENER_BOARD('F', Stage.DOORS, Duty.of(FRAME, SHOWN).minutes(15)),
    VENT_BOARD('F', Stage.DOORS, Duty.of(FRAME, HIDDEN, Trait.LOOSE, Trait.SHUTS_VENTS)),
    DOOR_BAR('F', Stage.DOORS, Duty.of(Straightness.JOIST, SHOWN, Trait.LOOSE, Trait.BARS)),
    BAR_BRACKET('F', Stage.DOORS, Duty.of(BATTEN, SHOWN).serving(Latitude.mm(0, 40))),
    GUTTER(
            'J',
            Stage.ROOF,
            Duty.of(Straightness.JOIST, SHOWN, OVERHEAD, Trait.LEADS_RAIN)
                    .serving(Latitude.mm(6, 60))
                    .minutes(10)
                    .warned("build.caution.roof")
                    .seenFrom(Side.SIDE)),
    RAIN_TUB('J', Stage.RUN, Duty.of(FRAME, SHOWN, Trait.LOOSE)),
    ANCHOR(
            'K',
            Stage.RUN,
            Duty.of(FRAME, SHOWN, BOLTED, Trait.ANCHORS)
                    .serving(Latitude.mm(40, 40).orRound(50, 120))
                    .minutes(12)),
    DUST_BATH(
            'Q',
            Stage.RUN,
            Duty.of(BATTEN, Trait.FILLED, Trait.KEPT_CLEAN).serving(Latitude.mm(20, 80))),
    DRINKER_LEG(
            'Q',
            Stage.RUN,
            Duty.of(BATTEN, Trait.STANDS_LOOSE)
                    .serving(Latitude.mm(20, 80))
                    .in(Assembly.DRINKER_STAND)),
    DRINKER_TOP(
            'Q',
            Stage.RUN,
            Duty.of(FRAME, Trait.STANDS_LOOSE, Trait.KEPT_CLEAN)
                    .seenFrom(Side.PLAN)
                    .in(Assembly.DRINKER_STAND)),
    FEED_BOX(
            'Q',
            Stage.RUN,
            Duty.of(FRAME, Trait.STANDS_LOOSE, Trait.KEPT_CLEAN).in(Assembly.FEED_BOX)),
    FEED_BATTEN(
            'Q',
            Stage.RUN,
            Duty.of(BATTEN, Trait.STANDS_LOOSE).serving(Latitude.mm(10, 20)).in(Assembly.FEED_BOX)),
    FLOOR_HATCH_LID('B', Stage.DOORS, Duty.of(DOOR, HIDDEN, Trait.LEAF).seenFrom(Side.PLAN)),
    FEED_LID('Q', Stage.RUN, Duty.of(FRAME, Trait.LOOSE).seenFrom(Side.PLAN).in(Assembly.FEED_BOX)),
    WATER_TUB('Q', Stage.RUN, Duty.of(FRAME, Trait.LOOSE, Trait.KEPT_CLEAN).seenFrom(Side.PLAN)),
    BROODER_WALL(
            'Q',
            Stage.RUN,
            Duty.of(FRAME, Trait.STANDS_LOOSE).seenFrom(Side.PLAN).in(Assembly.BROODER)),
    BROODER_POST(
            'Q',
            Stage.RUN,
            Duty.of(BATTEN, Trait.STANDS_LOOSE).serving(Latitude.mm(20, 40)).in(Assembly.BROODER)),
    BROODER_LID(
            'Q',
            Stage.RUN,
            Duty.of(BATTEN, Trait.STANDS_LOOSE).serving(Latitude.mm(12, 30)).in(Assembly.BROODER)),
    WINDBREAK('Q', Stage.RUN, Duty.of(FRAME, SHOWN).minutes(12).seenFrom(Side.SIDE)),
    WORM_BED('Q', Stage.RUN, Duty.of(BATTEN, Trait.LOOSE, Trait.ROTS).serving(Latitude.mm(20, 80))),
    PERCH('Q', Stage.RUN, Duty.of(BATTEN).serving(Latitude.mm(12, 25).orRound(40, 90))),
    PERCH_STAKE('Q', Stage.RUN, Duty.of(BATTEN).serving(Latitude.mm(20, 40))),
    PAVING(
            'K',
            Stage.MESH,
            Duty.of(FRAME, SHOWN, LIES_OUT, Trait.LOOSE)
                    .minutes(4)
                    .checked(Check.LEVEL)
                    .seenFrom(Side.PLAN)),
    AXLE('W', Stage.RUN, Duty.of(FRAME, SHOWN, BOLTED).serving(Latitude.mm(15, 40)).minutes(15)),
    AXLE_ARM(
            'W', Stage.RUN, Duty.of(FRAME, SHOWN, BOLTED).serving(Latitude.mm(15, 40)).minutes(10)),
    WHEEL('W', Stage.RUN, Duty.of(FRAME, SHOWN, BOLTED, Trait.ROLLS).minutes(20)),
    BALCONY_BEARER(
            'G',
            Stage.RAMP,
            Duty.of(FRAME, SHOWN).minutes(7).checked(Check.LEVEL).in(Assembly.BALCONY)),
    BALCONY_POST(
            'G',
            Stage.RAMP,
            Duty.of(FRAME, SHOWN).minutes(7).checked(Check.PLUMB).in(Assembly.BALCONY)),
    BALCONY_DECK(
            'G',
            Stage.RAMP,
            Duty.of(FRAME, SHOWN).minutes(10).seenFrom(Side.PLAN).in(Assembly.BALCONY)),
    RAMP_BOARD('G', Stage.RAMP, Duty.of(FRAME, SHOWN).seenFrom(Side.SIDE).in(Assembly.RAMP)),
    RAMP_RUNNER(
            'G',
            Stage.RAMP,
            Duty.of(BATTEN, HIDDEN)
                    .serving(Latitude.mm(20, 60))
                    .seenFrom(Side.SIDE)
                    .in(Assembly.RAMP)),
    RAMP_LEDGER('G', Stage.RAMP, Duty.of(BATTEN).in(Assembly.RAMP)),
    RAMP_CLEAT(
            'G',
            Stage.RAMP,
            Duty.of(BATTEN, Trait.TREAD)
                    .serving(Latitude.mm(12, 25))
                    .seenFrom(Side.SIDE)
                    .in(Assembly.RAMP)),
    STANDING_WALL(
            'Q',
            Stage.RUN,
            Duty.of(FRAME, SHOWN, Trait.STANDS_ALREADY)
                    .minutes(20)
                    .checked(Check.PLUMB)
                    .seenFrom(Side.PLAN)),
    RUN_POST(
            'Q',
            Stage.RUN,
            Duty.of(FRAME, SHOWN).serving(Latitude.mm(0, 40)).in(Assembly.RUN_FRAMES)),
    RUN_RAIL('Q', Stage.RUN, Duty.of(FRAME, SHOWN).in(Assembly.RUN_FRAMES)),
    RUN_FOOT(
            'Q',
            Stage.RUN,
            Duty.of(FRAME, SHOWN).serving(Latitude.mm(0, 40)).minutes(6).checked(Check.LEVEL)),
    GATE_FRAME('Q', Stage.RUN, Duty.of(DOOR, SHOWN).checked(Check.SWING)),
    GROUND_FLAP(
            'Q',
            Stage.RUN,
            Duty.of(BATTEN, SHOWN, Trait.BY_DAY, Trait.STANDS_LOOSE)
                    .serving(Latitude.mm(8, 20))
                    .minutes(4)
                    .checked(Check.SWING)),
    GROUND_FLAP_NET('M', Stage.MESH, Duty.of(FRAME, Trait.BY_DAY, Trait.SWINGS_FREE).minutes(6)),
    YARD_POST(
            'Q',
            Stage.RUN,
            Duty.of(FRAME, SHOWN, Trait.BY_DAY)
                    .serving(Latitude.mm(40, 40).orRound(45, 120))
                    .minutes(12)
                    .checked(Check.PLUMB)
                    .warned("build.caution.yard")),
    YARD_RAIL('Q', Stage.RUN, Duty.of(BATTEN, SHOWN, Trait.BY_DAY).serving(Latitude.mm(20, 20))),
    YARD_GATE('Q', Stage.RUN, Duty.of(DOOR, SHOWN, Trait.BY_DAY).checked(Check.SWING)),
    YARD_NET('M', Stage.MESH, Duty.of(FRAME, Trait.BY_DAY).minutes(15)),
    RUN_MESH('M', Stage.MESH, Duty.of(FRAME).minutes(20).checked(Check.MESH)),
    SECOND_MESH('M', Stage.MESH, Duty.of(FRAME).minutes(20).checked(Check.MESH)),
    BROODER_MESH(
            'M',
            Stage.MESH,
            Duty.of(FRAME, Trait.STANDS_LOOSE).checked(Check.MESH).warned("build.caution.brooder")),
    VENT_MESH(
            'M',
            Stage.MESH,
            Duty.of(FRAME, OVERHEAD, Trait.VENTS).checked(Check.MESH).warned("build.caution.mesh")),
    FLOOR_VENT_MESH('M', Stage.MESH, Duty.of(FRAME).checked(Check.MESH).seenFrom(Side.PLAN)),
    PEN_MESH('M', Stage.MESH, Duty.of(FRAME).minutes(20).checked(Check.MESH)),
    WINDOW_MESH('M', Stage.MESH, Duty.of(FRAME).checked(Check.MESH)),
    WIRE_FLOOR('M', Stage.MESH, Duty.of(FRAME, CLOSES_BELOW).minutes(20).checked(Check.MESH)),
    SKIRT('M', Stage.MESH, Duty.of(FRAME, CLOSES_BELOW).minutes(20).checked(Check.MESH)),
    BURIED_SKIRT('M', Stage.MESH, Duty.of(FRAME, CLOSES_BELOW).minutes(30).checked(Check.MESH)),
    APRON(
            'M',
            Stage.MESH,
            Duty.of(FRAME, LIES_OUT).minutes(20).checked(Check.MESH).seenFrom(Side.PLAN));

    private final char letter;
    private final Stage stage;
    private final Duty duty;

    Role(char letter, Stage stage, Duty duty) {
        this.letter = letter;
        this.stage = stage;
        this.duty = duty;
    }

    private static Duty roost(Straightness straightness, Trait... more) {
        Trait[] traits = Arrays.copyOf(more, more.length + 1);
        traits[more.length] = HIDDEN;
        return Duty.of(straightness, traits).minutes(7).seenFrom(Side.PLAN);
    }

    /** First letter of the marks of such parts. */
    public char letter() {
        return letter;
    }

    public Stage stage() {
        return stage;
    }

    /** What such a part is to everybody who works with it. */
    public Duty duty() {
        return duty;
    }

    /** How straight a stick of this role must be. */
    public Straightness straightness() {
        return duty.straightness();
    }

    /** Which larger sections, and which poles, serve as well as the one that is designed. */
    public Latitude latitude() {
        return duty.latitude();
    }

    /** Whether it is out of sight when the coop stands. */
    public boolean hidden() {
        return is(HIDDEN);
    }

    /** Whether this is true of such parts. */
    public boolean is(Trait trait) {
        return duty.is(trait);
    }
}
