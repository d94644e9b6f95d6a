package reliqua.core.project;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import reliqua.core.build.Step;
import reliqua.core.build.StepNote;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.DesignSpec;
import reliqua.core.coop.family.Families;
import reliqua.core.coop.madeup.Seam;
import reliqua.core.cutting.CutMade;
import reliqua.core.cutting.CutWish;
import reliqua.core.cutting.Ticket;
import reliqua.core.fit.AsBuilt;
import reliqua.core.fit.Candidate;
import reliqua.core.fit.FitRequest;
import reliqua.core.flock.Advice;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.NeedChange;
import reliqua.core.flock.Needs;
import reliqua.core.flock.Site;
import reliqua.core.flock.WhatIf;
import reliqua.core.keep.Happening;
import reliqua.core.keep.KeepBook;
import reliqua.core.measure.Length;
import reliqua.core.measure.Sum;
import reliqua.core.measure.Words;
import reliqua.core.stock.Heap;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Material;
import reliqua.core.stock.PriceBook;

/**
 * Everything the keeper decided or did. What follows from it is derived, never stored.
 *
 * @param name of the project
 * @param keeper who builds
 * @param flock the birds
 * @param site the ground, its weather and the animals about
 * @param heap what there is
 * @param prices what can be bought
 * @param family id of the kind of coop that is sought
 * @param addOns what is to be built on
 * @param held lengths the keeper has fixed, by their keys
 * @param chosen the house settled on; without it the best fit is followed
 * @param begun the design that what is built was built after, and for whom
 * @param variants designs kept to come back to, by the names the keeper gave them
 * @param cuts what has been cut, in that order
 * @param wishes which pieces are to come from where, or not to
 * @param done keys of steps that are ticked
 * @param notes what is written down of steps as they were done, by their keys
 * @param story what happened at the saw, in that order
 * @param book what is written down of the coop in use
 */
public record Project(
        String name,
        Keeper keeper,
        Flock flock,
        Site site,
        Heap heap,
        PriceBook prices,
        String family,
        Set<AddOn> addOns,
        Map<String, Length> held,
        Optional<Chosen> chosen,
        Optional<Standing> begun,
        SortedMap<String, Chosen> variants,
        List<CutMade> cuts,
        SortedSet<CutWish> wishes,
        Set<String> done,
        SortedMap<String, StepNote> notes,
        List<Told> story,
        KeepBook book) {

    /**
     * What the build was begun after.
     *
     * @param design settled on
     * @param birds it was drawn up for; there may be others by now
     */
    public record Standing(Chosen design, Flock birds) {}

    /** The design that what is built was built after. */
    public Optional<Chosen> standing() {
        return begun.map(Standing::design);
    }

    /** A house settled on: its lengths and sections, and joints of which something is cut. */
    public record Chosen(DesignSpec spec, List<Seam> seams) {
        /** Copies the list. */
        public Chosen {
            seams = List.copyOf(seams);
        }

        /** In whole pieces. */
        public Chosen(DesignSpec spec) {
            this(spec, List.of());
        }

        /** With more joints that stand, one for a part. */
        Chosen joined(List<Seam> more) {
            List<Seam> all = new ArrayList<>(seams);
            more.stream()
                    .filter(m -> seams.stream().noneMatch(s -> s.mark().equals(m.mark())))
                    .forEach(all::add);
            return new Chosen(spec, all);
        }
    }

    /** Refuses a blank name; copies the collections. */
    public Project {
        if (name.isBlank()) {
            throw new IllegalArgumentException(Words.say("project.noName"));
        }
        Set<AddOn> ordered = EnumSet.noneOf(AddOn.class);
        ordered.addAll(addOns);
        addOns = Collections.unmodifiableSet(ordered);
        held = Collections.unmodifiableMap(new TreeMap<>(held));
        variants = Collections.unmodifiableSortedMap(new TreeMap<>(variants));
        cuts = List.copyOf(cuts);
        wishes = Collections.unmodifiableSortedSet(new TreeSet<>(wishes));
        done = Collections.unmodifiableSet(new TreeSet<>(done));
        notes = Collections.unmodifiableSortedMap(new TreeMap<>(notes));
        story = List.copyOf(story);
    }

    /** A project with nothing done yet. */
    public static Project start(
            String name, Keeper keeper, Flock flock, Heap heap, PriceBook prices) {
        return new Project(
                name,
                keeper,
                flock,
                Site.BARE,
                heap,
                prices,
                Families.all().getFirst().id(),
                Set.of(),
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                new TreeMap<>(),
                List.of(),
                new TreeSet<>(),
                Set.of(),
                new TreeMap<>(),
                List.of(),
                KeepBook.EMPTY);
    }

    /**
     * The next coop of the same keeper: birds, ground, what is left of the heap and prices go on,
     * and what was noted to do otherwise.
     */
    public Project next(String other) {
        return start(other, keeper, flock, heap, prices)
                .withSite(site)
                .seekingAny()
                .withBook(KeepBook.EMPTY.plus(book.of(Happening.NextTime.class)));
    }

    /**
     * The same coop as it stands, to be built on to: what is built, cut and left of the heap goes
     * on, and no length that follows from it can change. Its log stays with the coop it is of.
     */
    public Project extending(String other) {
        return draft().name(other)
                .story(List.of())
                .book(KeepBook.EMPTY.plus(book.of(Happening.NextTime.class)))
                .made();
    }

    ProjectDraft draft() {
        return new ProjectDraft(this);
    }

    /** With a design kept under a name, in place of what had it; a blank name is refused. */
    public Project keeping(String variant, Chosen design) {
        String trimmed = variant.strip();
        if (trimmed.isEmpty()) {
            throw new IllegalArgumentException(Words.say("project.noVariant"));
        }
        SortedMap<String, Chosen> more = new TreeMap<>(variants);
        more.put(trimmed, design);
        return draft().variants(more).made();
    }

    /**
     * The design alone, for somebody with another heap: kind, lengths and what is built on, as
     * locks and as a design kept under the project's name; no heap and no log.
     */
    public Project forFriend(DesignSpec design) {
        return start(name, Keeper.with(keeper.tape()), flock, Heap.EMPTY, prices)
                .withSite(site)
                .draft()
                .family(design.family())
                .addOns(design.addOns())
                .held(Map.of("width", design.width(), "depth", design.depth()))
                .made()
                .keeping(name, new Chosen(design));
    }

    /** Back to a design that was kept, with what is built on to it; the same where none has it. */
    public Project backTo(String variant) {
        Chosen kept = variants.get(variant);
        if (kept == null) {
            return this;
        }
        return draft().family(anyKind() ? family : kept.spec().family())
                .addOns(kept.spec().addOns())
                .made()
                .withChosen(Optional.of(kept));
    }

    /** Without what is kept under a name. */
    public Project dropping(String variant) {
        SortedMap<String, Chosen> fewer = new TreeMap<>(variants);
        fewer.remove(variant);
        return draft().variants(fewer).made();
    }

    public Project withKeeper(Keeper other) {
        return draft().keeper(other).made();
    }

    /** With other birds, for whom the coop is meant. */
    public Project withFlock(Flock other) {
        return draft().flock(other).book(book.builtFor(Optional.empty())).made();
    }

    /** With birds that came or went; the coop stays the one built for those before. */
    Project withBirds(Flock other) {
        Flock before = builtFor();
        Project changed = withFlock(other);
        return changed.withBook(book.builtFor(Optional.of(before)));
    }

    /** The birds the coop is built for: those there are, until some come or go. */
    public Flock builtFor() {
        return book.builtFor().orElse(flock);
    }

    public Project withSite(Site other) {
        return draft().site(other).made();
    }

    public Project withHeap(Heap other) {
        return draft().heap(other).made();
    }

    public Project withPrices(PriceBook other) {
        return draft().prices(other).made();
    }

    /**
     * With this house settled on, or none. What stands otherwise in it than it is built has to be
     * taken down, and is not ticked any more.
     */
    public Project withChosen(Optional<Chosen> other) {
        Set<String> kept = new TreeSet<>(done);
        other.map(c -> Begun.lostIn(this, c.spec())).orElse(Set.of()).stream()
                .map(Step::key)
                .forEach(kept::remove);
        return draft().done(kept).chosen(other).made();
    }

    /** A length that cannot change any more, because something that stands follows from it. */
    public Optional<Length> built(String key) {
        return Optional.ofNullable(Begun.lengths(this, asBuilt()).get(key));
    }

    /** What stands already, if anything does. */
    public Optional<AsBuilt> asBuilt() {
        return Begun.of(this);
    }

    /** The lengths that the work of a ticked step follows from, as they are taken to be. */
    public Map<String, Length> lengthsOf(String step) {
        return Measured.lengths(this, step);
    }

    /**
     * With a length of what stands as it was measured; what is still to be cut follows.
     *
     * @throws IllegalArgumentException when nothing stands that follows from it, it is far from
     *     what was meant, or would make another coop
     */
    public Project measured(String key, Length length) {
        return Measured.of(this, key, length);
    }

    /** With this house settled on. */
    public Project settledOn(Candidate house) {
        return withChosen(Optional.of(new Chosen(house.spec())));
    }

    /** With those joints of a plan that are begun by cutting a ticket. */
    public Project begun(Ticket ticket, List<Seam> seams) {
        List<Seam> begun =
                seams.stream()
                        .filter(
                                s ->
                                        ticket.cuts().stream()
                                                .flatMap(c -> c.parts().stream())
                                                .anyMatch(p -> s.makes(p.mark())))
                        .toList();
        return withChosen(chosen.map(c -> c.joined(begun)));
    }

    /** With a dimension fixed. */
    public Project hold(String dimension, Length length) {
        Map<String, Length> more = new TreeMap<>();
        more.putAll(held);
        more.put(dimension, length);
        return draft().held(more).made();
    }

    /** With a dimension free again. */
    public Project release(String dimension) {
        Map<String, Length> fewer = new TreeMap<>();
        fewer.putAll(held);
        fewer.remove(dimension);
        return draft().held(fewer).made();
    }

    public Project withCuts(List<CutMade> other) {
        return draft().cuts(other).made();
    }

    /** With a wish in place of those it contradicts, or without it. */
    public Project wish(CutWish wish, boolean wanted) {
        SortedSet<CutWish> other = new TreeSet<>(wishes);
        if (wanted) {
            other.removeIf(wish::contradicts);
            other.add(wish);
        } else {
            other.remove(wish);
        }
        return draft().wishes(other).made();
    }

    /** With another story. */
    Project withStory(List<Told> other) {
        return draft().story(other).made();
    }

    /** With this told behind the story so far of another project. */
    Project telling(List<Told> soFar, List<Told> more) {
        List<Told> all = new ArrayList<>(soFar);
        all.addAll(more);
        return withStory(all);
    }

    /** With another logbook. */
    public Project withBook(KeepBook other) {
        return draft().book(other).made();
    }

    /** With a step ticked, or not. */
    public Project tick(String key, boolean isDone) {
        Set<String> changed = new TreeSet<>(done);
        if (isDone) {
            changed.add(key);
        } else {
            changed.remove(key);
        }
        return draft().done(changed).made();
    }

    /** What is written down of a step. */
    public StepNote note(String key) {
        return notes.getOrDefault(key, StepNote.NONE);
    }

    /** With something written down of a step; an empty note is taken away. */
    public Project noting(String key, StepNote note) {
        SortedMap<String, StepNote> changed = new TreeMap<>(notes);
        if (note.isEmpty()) {
            changed.remove(key);
        } else {
            changed.put(key, note);
        }
        return draft().notes(changed).made();
    }

    /** Ids of lots that have been cut from, and of what went back: none is given again. */
    public Set<String> spentIds() {
        Set<String> spent = new TreeSet<>();
        for (CutMade cut : cuts) {
            spent.add(cut.taken().id());
            cut.back().forEach(b -> spent.add(b.lot()));
        }
        return spent;
    }

    /** An id for a lot that is added. */
    public String freshId(Material material) {
        return heap.freshId(material, spentIds());
    }

    /** With lots added: under their own ids where those are free, else under fresh ones. */
    public Project adding(List<Lot> lots) {
        return withHeap(heap.plus(lots, spentIds()));
    }

    /** Where the keeper leaves it to the heap what kind of coop it becomes. */
    public static final String ANY_KIND = "any";

    /** Whether any kind of coop will do. */
    public boolean anyKind() {
        return family.equals(ANY_KIND);
    }

    /**
     * The kind of coop that is sought. Where any will do, that of the house settled on; where
     * nothing tells, the usual one.
     */
    public CoopFamily kind() {
        String id = anyKind() ? chosen.map(c -> c.spec().family()).orElse("") : family;
        return Families.find(id).orElse(Families.all().getFirst());
    }

    /** Whether a design is of the kind, and has what is built on, that is sought now. */
    public boolean seeks(DesignSpec spec) {
        return BuildingOn.isSought(this, spec);
    }

    /** The keys of all lengths that can be fixed: where any kind will do, those all kinds have. */
    public List<String> keys() {
        List<String> keys = new ArrayList<>(kind().keys());
        if (anyKind() && chosen.isEmpty()) {
            Families.all().forEach(f -> keys.retainAll(f.keys()));
        }
        addOns.forEach(a -> keys.addAll(a.keys()));
        return keys;
    }

    /**
     * With something built on, or without it; the house is sought anew. What wants a run brings
     * one, and goes with it.
     */
    public Project with(AddOn addOn, boolean wanted) {
        return BuildingOn.with(this, addOn, wanted);
    }

    /**
     * With a found thing that must go in, or need not any more. Where the kind that is sought has a
     * place for it only in something that is built on, that is built on too; the house is sought
     * anew.
     */
    public Project pinning(String lot, boolean must) {
        return BuildingOn.pinning(this, lot, must);
    }

    /** Seeks whatever kind suits the heap best. */
    public Project seekingAny() {
        return draft().family(ANY_KIND).chosen(Optional.empty()).made();
    }

    /** Seeks another kind of coop; lengths that were fixed and that it has not are let go. */
    public Project seeking(CoopFamily other) {
        Map<String, Length> kept = new TreeMap<>(held);
        kept.keySet().removeIf(key -> kind().keys().contains(key) && !other.keys().contains(key));
        return draft().family(other.id()).held(kept).chosen(Optional.empty()).made();
    }

    /** What an experienced keeper would say, but for what is built on already. */
    public List<Sum> advice() {
        return Advice.of(flock, site, keeper).stream().filter(a -> !isMet(a.key())).toList();
    }

    private boolean isMet(String advice) {
        Set<AddOn> on = builtOn();
        return switch (advice) {
            case "advice.run" -> on.contains(AddOn.RUN);
            case "advice.pens" -> on.contains(AddOn.TWO_PENS);
            case "advice.floor" ->
                    on.contains(AddOn.SLATTED_FLOOR) || on.contains(AddOn.WIRE_FLOOR);
            default -> false;
        };
    }

    public Needs needs() {
        return Needs.of(flock, site, keeper.tape().system());
    }

    /** The needs of the birds the coop is built for. */
    public Needs builtNeeds() {
        return Needs.of(builtFor(), site, keeper.tape().system());
    }

    /** What would change if the flock were another, for every question that makes sense. */
    public Map<WhatIf, List<NeedChange>> whatIfs() {
        Map<WhatIf, List<NeedChange>> answers = new EnumMap<>(WhatIf.class);
        for (WhatIf each : WhatIf.of(flock)) {
            Needs other = Needs.of(each.apply(flock), site, keeper.tape().system());
            answers.put(each, NeedChange.between(needs(), other));
        }
        return answers;
    }

    /** What is built on, as far as the kind of coop has room for it. */
    public Set<AddOn> builtOn() {
        Set<AddOn> possible = EnumSet.noneOf(AddOn.class);
        possible.addAll(addOns);
        possible.retainAll(kind().addOns());
        return possible;
    }

    /** What a search for this project starts from. */
    public FitRequest fitRequest() {
        Optional<AsBuilt> built = asBuilt();
        return new FitRequest(
                kind(),
                builtNeeds(),
                flock.practice(),
                keeper,
                heap,
                prices,
                builtOn(),
                Begun.fixed(this, built),
                cuts,
                built,
                new HardwareToBuy(heap, prices, flock.practice().finish()),
                1);
    }
}
