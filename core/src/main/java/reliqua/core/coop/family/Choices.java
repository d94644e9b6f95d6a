package reliqua.core.coop.family;

import java.util.ArrayList;
import java.util.List;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.stock.Section;

/**
 * What the heap may decide: a section for each group of sticks, thicknesses of sheets, the roofing,
 * and how large a panel may be before a surface is divided on its framing.
 *
 * @param sections one for each {@link Group}, in its order
 * @param deck thickness of the floor sheet
 * @param skin thickness of walls, nests, doors and ramp
 * @param widestPanel no panel of a wall or the floor is wider
 * @param roofing sheets for the roof
 * @param underside what becomes of the space below
 * @param step free lengths are rounded to this: what the keeper's tape shows
 * @param finds what is used whole
 * @param cladding what closes walls and doors
 */
public record Choices(
        List<Section> sections,
        Length deck,
        Length skin,
        Length widestPanel,
        RoofingChoice roofing,
        Practice.Underside underside,
        Length step,
        Finds finds,
        Cladding cladding) {

    /** Sticks that share a section. */
    public enum Group {
        LEGS(64, 64),
        FLOOR(36, 63),
        WALLS(36, 38),
        RAFTERS(36, 63),
        PURLINS(18, 38),
        TRIM(16, 36),
        ROOSTS(36, 38),
        RUN(18, 44),
        BOARDS(12, 60);

        private final Section least;

        Group(long thickness, long width) {
            this.least = Section.mm(thickness, width);
        }

        /** The smallest section that holds its screws and does its work in a house of this size. */
        public Section least() {
            return least;
        }
    }

    /** What closes walls, doors and floors in families that can be built of either. */
    public enum Cladding {
        SHEETS,
        BOARDS
    }

    /** The same closed with something else. */
    public Choices with(Cladding other) {
        return new Choices(
                sections, deck, skin, widestPanel, roofing, underside, step, finds, other);
    }

    /**
     * Roofing sheets of one profile.
     *
     * @param fullWidth edge to edge
     * @param coverWidth after the side lap
     * @param longest sheet to be had
     */
    public record RoofingChoice(Length fullWidth, Length coverWidth, Length longest) {
        /** What a side lap takes. */
        public Length lap() {
            return fullWidth.minus(coverWidth);
        }
    }

    /** With nothing used whole. */
    public Choices(
            List<Section> sections,
            Length deck,
            Length skin,
            Length widestPanel,
            RoofingChoice roofing,
            Practice.Underside underside,
            Length step) {
        this(
                sections,
                deck,
                skin,
                widestPanel,
                roofing,
                underside,
                step,
                Finds.NONE,
                Cladding.SHEETS);
    }

    /** The same with other things used whole. */
    public Choices with(Finds other) {
        return new Choices(
                sections, deck, skin, widestPanel, roofing, underside, step, other, cladding);
    }

    /** Refuses a list that does not have one section for every group. */
    public Choices {
        sections = List.copyOf(sections);
        if (sections.size() != Group.values().length) {
            throw new IllegalArgumentException(
                    sections.size() + " sections for " + Group.values().length + " groups");
        }
    }

    /** The section of a group. */
    public Section section(Group group) {
        return sections.get(group.ordinal());
    }

    /** The same with another section for one group. */
    public Choices with(Group group, Section section) {
        List<Section> changed = new ArrayList<>(sections);
        changed.set(group.ordinal(), section);
        return new Choices(
                changed, deck, skin, widestPanel, roofing, underside, step, finds, cladding);
    }

    public Choices withSkin(Length other) {
        return new Choices(
                sections, deck, other, widestPanel, roofing, underside, step, finds, cladding);
    }

    public Choices withDeck(Length other) {
        return new Choices(
                sections, other, skin, widestPanel, roofing, underside, step, finds, cladding);
    }

    public Choices withWidestPanel(Length other) {
        return new Choices(sections, deck, skin, other, roofing, underside, step, finds, cladding);
    }

    public Choices withRoofing(RoofingChoice other) {
        return new Choices(
                sections, deck, skin, widestPanel, other, underside, step, finds, cladding);
    }
}
