package reliqua.core.project;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import reliqua.core.build.StepNote;
import reliqua.core.coop.family.AddOn;
import reliqua.core.cutting.CutMade;
import reliqua.core.cutting.CutWish;
import reliqua.core.flock.Flock;
import reliqua.core.flock.Keeper;
import reliqua.core.flock.Site;
import reliqua.core.keep.KeepBook;
import reliqua.core.measure.Length;
import reliqua.core.stock.Heap;
import reliqua.core.stock.PriceBook;

/** A project about to be changed: it begins as one and is made into another. */
final class ProjectDraft {
    private String name;
    private Keeper keeper;
    private Flock flock;
    private Site site;
    private Heap heap;
    private PriceBook prices;
    private String family;
    private Set<AddOn> addOns;
    private Map<String, Length> held;
    private Optional<Project.Chosen> chosen;
    private final Optional<Project.Standing> begun;
    private SortedMap<String, Project.Chosen> variants;
    private List<CutMade> cuts;
    private SortedSet<CutWish> wishes;
    private Set<String> done;
    private SortedMap<String, StepNote> notes;
    private List<Told> story;
    private KeepBook book;

    ProjectDraft(Project from) {
        this.name = from.name();
        this.keeper = from.keeper();
        this.flock = from.flock();
        this.site = from.site();
        this.heap = from.heap();
        this.prices = from.prices();
        this.family = from.family();
        this.addOns = from.addOns();
        this.held = from.held();
        this.chosen = from.chosen();
        this.begun = from.begun();
        this.variants = from.variants();
        this.cuts = from.cuts();
        this.wishes = from.wishes();
        this.done = from.done();
        this.notes = from.notes();
        this.story = from.story();
        this.book = from.book();
    }

    ProjectDraft keeper(Keeper other) {
        keeper = other;
        return this;
    }

    ProjectDraft flock(Flock other) {
        flock = other;
        return this;
    }

    ProjectDraft site(Site other) {
        site = other;
        return this;
    }

    ProjectDraft heap(Heap other) {
        heap = other;
        return this;
    }

    ProjectDraft prices(PriceBook other) {
        prices = other;
        return this;
    }

    ProjectDraft family(String other) {
        family = other;
        return this;
    }

    ProjectDraft addOns(Set<AddOn> other) {
        addOns = other;
        return this;
    }

    ProjectDraft held(Map<String, Length> other) {
        held = other;
        return this;
    }

    ProjectDraft chosen(Optional<Project.Chosen> other) {
        chosen = other;
        return this;
    }

    ProjectDraft variants(SortedMap<String, Project.Chosen> other) {
        variants = other;
        return this;
    }

    ProjectDraft cuts(List<CutMade> other) {
        cuts = other;
        return this;
    }

    ProjectDraft wishes(SortedSet<CutWish> other) {
        wishes = other;
        return this;
    }

    ProjectDraft done(Set<String> other) {
        done = other;
        return this;
    }

    ProjectDraft notes(SortedMap<String, StepNote> other) {
        notes = other;
        return this;
    }

    ProjectDraft name(String other) {
        name = other;
        return this;
    }

    ProjectDraft story(List<Told> other) {
        story = other;
        return this;
    }

    ProjectDraft book(KeepBook other) {
        book = other;
        return this;
    }

    /** What is built is built after the design that is settled on then. */
    Project made() {
        Optional<Project.Standing> built =
                done.isEmpty() ? Optional.empty() : chosen.map(this::built).or(() -> begun);
        return new Project(
                name, keeper, flock, site, heap, prices, family, addOns, held, chosen, built,
                variants, cuts, wishes, done, notes, story, book);
    }

    /** Of what is begun it stays known for whom it was drawn up, whoever is to live in it now. */
    private Project.Standing built(Project.Chosen design) {
        return begun.filter(b -> b.design().spec().equals(design.spec()))
                .map(b -> new Project.Standing(design, b.birds()))
                .orElseGet(() -> new Project.Standing(design, book.builtFor().orElse(flock)));
    }
}
