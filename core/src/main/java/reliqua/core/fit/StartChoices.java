package reliqua.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import reliqua.core.coop.family.Choices;
import reliqua.core.coop.family.Finds;
import reliqua.core.flock.Practice;
import reliqua.core.measure.Length;
import reliqua.core.stock.FoundPart;
import reliqua.core.stock.Section;

/**
 * The choices a search begins with: sections, sheets and finds that the heap has most of, and what
 * to begin with where those make no house.
 *
 * @param step what the keeper's tape shows
 */
record StartChoices(
        FitRequest request,
        SectionOptions sections,
        SheetOptions sheets,
        FindOptions finds,
        Length step) {
    /** Sections a side of a pen is tried of. */
    private static final int MOST_FRAMES = 3;

    /** What is begun goes on with the sections and sheets it was begun with. */
    Optional<Choices> first() {
        Optional<Choices> begun = request.built().map(b -> b.spec().choices());
        return begun.isPresent() ? begun : fromHeap();
    }

    private Optional<Choices> fromHeap() {
        Optional<List<Section>> chosen = sections.shared();
        if (chosen.isEmpty()
                || sheets.decks().isEmpty()
                || sheets.skins().isEmpty()
                || sheets.roofings().isEmpty()) {
            return Optional.empty();
        }
        Choices choices =
                new Choices(
                        chosen.get(),
                        sheets.decks().getFirst(),
                        sheets.skins().getFirst(),
                        sheets.panels().isEmpty() ? Length.mm(1220) : sheets.panels().getFirst(),
                        sheets.roofings().getFirst(),
                        request.practice().underside(),
                        step);
        Finds built = whole().stream().findFirst().orElse(Finds.NONE);
        boolean paved =
                request.needs().apron() == Practice.Apron.PAVED && built.footing().isEmpty();
        Finds found = paved ? built.paved(finds.slabs()) : built;
        return Optional.of(choices.with(found.with(placed())));
    }

    /** The first, for all that the sticks along the sides of a frame of its own can be of. */
    List<Choices> frames(Choices first) {
        List<Choices> frames = List.of(first);
        for (Choices.Group group : request.family().width(first).groups()) {
            List<Section> options = sections.of(group).stream().limit(MOST_FRAMES).toList();
            frames =
                    frames.stream()
                            .flatMap(c -> options.stream().map(o -> c.with(group, o)))
                            .toList();
        }
        return frames;
    }

    /** The first, on every floor of pallets that lies there. */
    List<Choices> onPallets(Choices first) {
        return finds.floors(request).stream().map(f -> first.with(f.among(first.finds()))).toList();
    }

    /**
     * Other seams, walls and rafters, for when the first make no house at all: seams too close for
     * a nest between two of them, or rafters too shallow for their seats, mostly.
     */
    List<Choices> others(Choices first) {
        List<Choices> others = new ArrayList<>();
        List<Finds.Thing> things = first.finds().things();
        things.forEach(t -> others.add(first.with(first.finds().without(t.use()))));
        if (things.size() > 1) {
            others.add(first.with(first.finds().with(List.of())));
        }
        whole().forEach(f -> others.add(first.with(f.with(things))));
        for (Length widest : sheets.panels()) {
            others.add(first.withWidestPanel(widest));
        }
        for (Length widest : sheets.panels()) {
            for (Section wall : sections.of(Choices.Group.WALLS)) {
                for (Section rafter : sections.of(Choices.Group.RAFTERS)) {
                    others.add(
                            first.withWidestPanel(widest)
                                    .with(Choices.Group.WALLS, wall)
                                    .with(Choices.Group.RAFTERS, rafter));
                }
            }
        }
        return others;
    }

    /** What the heap has of that which decides the sizes of this family. */
    private List<Finds> whole() {
        return finds.whole(request);
    }

    /**
     * What must go in is in its place from the start, and what is built on has what there is most
     * of. A door or nests are tried once the size is found: few sizes have room for them.
     */
    private List<Finds.Thing> placed() {
        List<Finds.Thing> pinned = finds.pinned(request.places());
        Set<FoundPart.Use> taken =
                pinned.stream().map(Finds.Thing::use).collect(Collectors.toSet());
        return Stream.concat(pinned.stream(), usual().filter(t -> !taken.contains(t.use())))
                .toList();
    }

    private Stream<Finds.Thing> usual() {
        return Stream.concat(
                        request.family().musts().stream(),
                        request.addOns().stream().flatMap(a -> a.places().stream()))
                .distinct()
                .sorted()
                .flatMap(place -> finds.things(place).stream().limit(1));
    }
}
