package reliqua.desktop.fit;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.application.ConditionalFeature;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import reliqua.core.coop.Coop;
import reliqua.core.coop.Part;
import reliqua.core.coop.family.AddOn;
import reliqua.core.coop.family.CoopFamily;
import reliqua.core.coop.family.Families;
import reliqua.core.drawing.Elevation;
import reliqua.core.drawing.FromCorner;
import reliqua.core.drawing.Oblique;
import reliqua.core.drawing.Picture;
import reliqua.core.fit.Candidate;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.measure.Words;
import reliqua.core.project.Describe;
import reliqua.core.project.Design;
import reliqua.core.project.Kinds;
import reliqua.core.project.Project;
import reliqua.desktop.Texts;
import reliqua.desktop.paint.HouseView;
import reliqua.desktop.paint.PictureView;
import reliqua.desktop.shell.Parts;
import reliqua.desktop.shell.Station;
import reliqua.desktop.work.DesignService;
import reliqua.desktop.work.Workspace;

/** The houses that suit the heap, and the chosen one in space and in dimensioned views. */
public final class FitStation implements Station {
    private enum Look {
        SPACE,
        FRONT,
        SIDE,
        PLAN,
        BESIDE
    }

    private static final double QUARTER = 90;

    private final Workspace workspace;
    private final HouseCards cards = new HouseCards(this::settle);

    /** Only where a graphics card turns it. */
    private final Optional<HouseView> house =
            Platform.isSupported(ConditionalFeature.SCENE3D)
                    ? Optional.of(new HouseView())
                    : Optional.empty();

    private final PictureView flat = new PictureView();
    private final Label summary = Parts.text("", "soft");
    private final Label picked = Parts.text("", "soft");
    private final FlowPane kinds = new FlowPane(5, 6);
    private final Button compare = new Button();
    private final BuildOn builtOn = new BuildOn(this::buildOn);
    private final Label remark = Parts.text("", "note-ink");
    private String shownKind = "";
    private boolean shownBills;
    private final Scatter scatter = new Scatter();
    private final Label suggestion = Parts.text("");
    private final VBox bench = new VBox(10);
    private final DesignSlip slip;
    private final BesideView beside;
    private final StackPane views;
    private final PulledView pulled;
    private final VBox notes;
    private final ComparedKinds compared = new ComparedKinds(this::showKinds);
    private final Button turn =
            Parts.button("turn-coop", Texts.get("fit.turn"), this::turn, "small");
    private final LookIn lookIn = new LookIn(this::seenAnew);
    private FromCorner corner = FromCorner.FRONT_RIGHT;
    private Look look = Look.SPACE;
    private String lit = "";
    private Optional<Design.Search> last = Optional.empty();
    private Optional<Candidate> shown = Optional.empty();
    private String shownLit = "";

    /** Over the workspace. */
    public FitStation(Workspace workspace) {
        this.workspace = workspace;
        this.slip = new DesignSlip(workspace);
        this.beside = new BesideView(workspace);
        Label headline = Parts.text(Texts.get("station.fit"), "headline");
        headline.setMinWidth(Region.USE_PREF_SIZE);
        HBox head = Parts.row(12, headline, summary, Parts.spring(), compare, builtOn.node());
        compare.setId("compare-kinds");
        compare.setMinWidth(Region.USE_PREF_SIZE);
        compare.getStyleClass().add("pill");
        compare.setOnAction(_ -> compared.press(workspace.project()));
        pulled = new PulledView(workspace, flat, picked::setText);
        views = new StackPane(pulled, beside);
        house.ifPresent(h -> views.getChildren().add(h));
        views.setMinSize(0, 0);
        HBox.setHgrow(views, Priority.ALWAYS);
        notes = new VBox(8, scatter, suggestionBox());
        notes.setMinWidth(232);
        notes.setMaxWidth(232);
        HBox lower = new HBox(12, new VBox(6, viewChoices(), views, caption()), notes);
        VBox left = (VBox) lower.getChildren().getFirst();
        VBox.setVgrow(views, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox.setVgrow(lower, Priority.ALWAYS);
        remark.visibleProperty().bind(remark.textProperty().isNotEmpty());
        remark.managedProperty().bind(remark.visibleProperty());
        remark.setMinHeight(Region.USE_PREF_SIZE);
        bench.getChildren().addAll(head, kinds, remark, cards.node(), lower);
        workspace
                .designs()
                .doing()
                .addListener(
                        (_, _, _) -> summary.setText(summary(workspace.designs().state().get())));
        house.ifPresent(h -> h.onPick(this::pick));
        flat.onPick(this::pick);
    }

    /** One choice for every kind of coop; the other kinds are a press away. */
    private void showKinds() {
        shownBills = compared.isFor(workspace.project());
        ToggleGroup group = new ToggleGroup();
        CoopFamily sought = workspace.project().kind();
        boolean any = workspace.project().anyKind();
        kinds.setMinHeight(Region.USE_PREF_SIZE);
        kinds.getChildren()
                .setAll(
                        Parts.choice(
                                "kind-" + Project.ANY_KIND,
                                Words.say("family." + Project.ANY_KIND + ".short"),
                                group,
                                any,
                                this::seekAny,
                                "pill",
                                "tight"));
        for (CoopFamily each : Families.all()) {
            ToggleButton choice =
                    Parts.choice(
                            "kind-" + each.id(),
                            kindCaption(each),
                            group,
                            !any && each.equals(sought),
                            () -> seek(each),
                            "pill",
                            "tight");
            kinds.getChildren().add(choice);
        }
        compare.setText(Texts.get(compared.running() ? "fit.comparing" : "fit.compare"));
    }

    /** What is wanted, and the stakes or the hatch that a design has by itself. */
    private Set<AddOn> builtOn() {
        Set<AddOn> all = EnumSet.noneOf(AddOn.class);
        all.addAll(workspace.project().addOns());
        design().ifPresent(d -> all.addAll(d.candidate().spec().addOns()));
        return all;
    }

    /** Its name; once the kinds are compared, with what it would cost. */
    private String kindCaption(CoopFamily kind) {
        String title = Words.say("family." + kind.id() + ".short");
        return compared.bill(kind, workspace.project())
                .or(() -> found(kind))
                .map(bill -> Texts.get("fit.kind.bill", title, workspace.tape().say(bill)))
                .orElse(title);
    }

    /** What a kind came to in a search among all of them. */
    private Optional<Money> found(CoopFamily kind) {
        return last.stream()
                .flatMap(search -> search.kinds().stream())
                .filter(o -> o.family().equals(kind) && o.holds())
                .findFirst()
                .flatMap(Kinds.Outcome::bill);
    }

    private void seekAny() {
        if (!workspace.project().anyKind()) {
            workspace.edit(
                    Texts.get("edit.kind.any", Words.say("family." + Project.ANY_KIND)),
                    Project::seekingAny);
        }
    }

    private void buildOn(AddOn addOn, boolean wanted) {
        String key = wanted ? "say.with" : "say.without";
        workspace.edit(
                Words.say(key, Words.say("addon." + addOn.id())), p -> p.with(addOn, wanted));
    }

    private void seek(CoopFamily kind) {
        if (workspace.project().anyKind() || !kind.equals(workspace.project().kind())) {
            workspace.edit(
                    Texts.get("edit.kind", Words.say("family." + kind.id())), p -> p.seeking(kind));
        }
    }

    private Node suggestionBox() {
        VBox box = new VBox(4, Parts.text(Texts.get("fit.suggests"), "strong"), suggestion);
        box.getStyleClass().add("box");
        suggestion.getStyleClass().add("note-ink");
        suggestion.setMinHeight(Region.USE_PREF_SIZE);
        box.setMinHeight(Region.USE_PREF_SIZE);
        // Where the list is long and the window low it scrolls, and pushes nothing out of sight.
        ScrollPane scroll = new ScrollPane(box);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        scroll.setMinHeight(0);
        return scroll;
    }

    private Node viewChoices() {
        ToggleGroup group = new ToggleGroup();
        HBox row = Parts.row(6);
        for (Look each : Look.values()) {
            row.getChildren()
                    .add(
                            Parts.choice(
                                    "view-" + each.name(),
                                    Texts.get("fit.view." + each.name()),
                                    group,
                                    each == look,
                                    () -> look(each),
                                    "pill"));
        }
        picked.setMinHeight(Region.USE_PREF_SIZE);
        return row;
    }

    private Node caption() {
        turn.setMinWidth(Region.USE_PREF_SIZE);
        turn.managedProperty().bind(turn.visibleProperty());
        HBox row = Parts.row(8, picked, Parts.spring(), turn, lookIn);
        row.visibleProperty().bind(beside.visibleProperty().not());
        row.managedProperty().bind(row.visibleProperty());
        return row;
    }

    private void look(Look other) {
        look = other;
        boolean both = look == Look.BESIDE;
        notes.setVisible(!both);
        notes.setManaged(!both);
        cards.node().setVisible(!both);
        cards.node().setManaged(!both);
        draw();
    }

    @Override
    public String id() {
        return "fit";
    }

    @Override
    public Node bench() {
        return bench;
    }

    @Override
    public Node slip() {
        return slip;
    }

    @Override
    public String pictogram() {
        return "M3 9 L20 4 M5 9 L5 17 L18 17 L18 5 M7 17 L7 21 M16 17 L16 21 M9 17 L9 12 L13 12 L13 17";
    }

    private Optional<Design> design() {
        return workspace.designs().state().get().design();
    }

    @Override
    public String line() {
        return design().map(d -> Texts.get("fit.line", size(d.candidate())))
                .orElseGet(
                        () ->
                                Texts.get(
                                        workspace.designs().progress().get() < 1
                                                ? "fit.searching"
                                                : "fit.none"));
    }

    private String size(Candidate c) {
        return HouseCards.size(c, workspace.tape());
    }

    @Override
    public void refresh() {
        DesignService.State state = workspace.designs().state().get();
        if (state.search().isPresent()) {
            last = state.search();
        } else if (workspace.project().chosen().isEmpty() && state.design().isEmpty()) {
            last = Optional.empty();
        }
        String remark = state.design().map(d -> d.candidate().plan().remark()).orElse("");
        summary.setText(summary(state));
        this.remark.setText(remark);
        String sought =
                workspace.project().family()
                        + workspace.project().addOns()
                        + last.map(s -> s.kinds().size()).orElse(0);
        boolean bills = compared.isFor(workspace.project());
        if (!sought.equals(shownKind)) {
            shownKind = sought;
            last = state.search();
            showKinds();
        } else if (bills != shownBills) {
            showKinds();
        }
        builtOn.show(workspace.project().kind(), builtOn());
        cards();
        draw();
        scatter.show(
                last.map(Design.Search::fit),
                state.design().map(Design::candidate),
                workspace.project().keeper().tape());
        suggestion.setText(suggestion(state));
        slip.refresh(state.design());
    }

    private String summary(DesignService.State state) {
        if (workspace.project().chosen().isPresent()) {
            return Texts.get("fit.settled");
        }
        if (state.search().isPresent() && state.design().isPresent()) {
            Candidate best = state.design().get().candidate();
            Money gap = best.weighed().minus(best.plan().lowerBound());
            String proven =
                    gap.isZero()
                            ? Texts.get("fit.proven")
                            : Texts.get("fit.within", workspace.tape().say(gap));
            return Texts.get("fit.tried", state.search().get().fit().tried(), proven);
        }
        String at = workspace.designs().doing().get();
        if (workspace.project().anyKind() && !at.isEmpty()) {
            return Texts.get("fit.looking", at);
        }
        return Texts.get(state.fault().isEmpty() ? "fit.searching" : "fit.none");
    }

    private void cards() {
        Optional<Design> current = design();
        List<Design> all = new ArrayList<>();
        last.ifPresent(
                search -> {
                    all.add(search.best());
                    all.addAll(search.others());
                });
        if (all.isEmpty()) {
            current.ifPresent(all::add);
        }
        cards.show(
                HouseCards.of(all),
                last.flatMap(Design.Search::standard),
                current.map(d -> d.candidate().spec()),
                workspace.tape());
    }

    private void settle(Candidate c) {
        Adopting.settle(workspace, c, Texts.get("edit.settle", size(c)));
    }

    private void pick(String mark) {
        lit = mark.equals(lit) ? "" : mark;
        draw();
    }

    private void draw() {
        Optional<Design> design = design();
        boolean both = look == Look.BESIDE;
        turn.setVisible(look == Look.SPACE);
        lookIn.setVisible(look == Look.SPACE);
        boolean solid = look == Look.SPACE && house.isPresent();
        beside.setVisible(both);
        if (both) {
            beside.show(
                    design,
                    last.map(Design.Search::all).orElse(List.of()),
                    last.flatMap(Design.Search::standard));
        }
        house.ifPresent(h -> h.setVisible(solid && design.isPresent()));
        pulled.setVisible(!solid && !both && design.isPresent());
        if (design.isEmpty()) {
            shown = Optional.empty();
            picked.setText("");
            return;
        }
        Candidate c = design.get().candidate();
        if (both) {
            picked.setText("");
            return;
        }
        if (solid) {
            if (!shown.equals(Optional.of(c)) || !shownLit.equals(lit)) {
                Coop whole = lookIn.peopled(c.coop(), workspace.project().flock());
                Coop cut = lookIn.cut().map(at -> at.of(whole, corner)).orElse(whole);
                house.ifPresent(h -> h.show(cut, lit, lookIn::isSolid));
                shown = Optional.of(c);
                shownLit = lit;
            }
        } else {
            flat(design.get());
        }
        picked.setText(
                c.coop()
                        .find(lit)
                        .map(p -> describe(p, c))
                        .orElse(Texts.get(look == Look.SPACE ? "fit.pick" : "fit.pick.flat")));
    }

    /** A view with its measures; where nothing can be turned in space, the house drawn askew. */
    private void flat(Design design) {
        Set<String> marks = lit.isEmpty() ? Set.of() : Set.of(lit);
        Optional<Elevation.View> view =
                look == Look.SPACE
                        ? Optional.empty()
                        : Optional.of(Elevation.View.valueOf(look.name()));
        pulled.show(design, view, marks);
        if (view.isEmpty()) {
            flat.picture().set(inSpace(design.candidate().coop(), marks));
        }
    }

    private Picture inSpace(Coop bare, Set<String> marks) {
        Coop coop = lookIn.peopled(bare, workspace.project().flock());
        return lookIn.cut()
                .map(at -> Oblique.of(coop, at, corner, lookIn::isShown, marks))
                .orElseGet(() -> Oblique.of(coop, corner, lookIn::isShown, marks));
    }

    private void turn() {
        corner = corner.next();
        house.ifPresent(h -> h.turnBy(QUARTER));
        // Where it is cut open, the side that now faces the eye is taken away.
        seenAnew();
    }

    private void seenAnew() {
        shown = Optional.empty();
        draw();
    }

    private String describe(Part part, Candidate c) {
        Tape tape = workspace.tape();
        String size =
                switch (part) {
                    case Part.StickPart s ->
                            tape.section(s.section().thickness(), s.section().width())
                                    + ", "
                                    + tape.say(s.length());
                    case Part.PanelPart p -> tape.mark(p.width()) + " x " + tape.say(p.height());
                    case Part.RoofPart r -> tape.say(r.length());
                    case Part.WholePart w -> Describe.whole(w, tape);
                    case Part.MeshPart m -> tape.mark(m.width()) + " x " + tape.say(m.length());
                };
        String from =
                c.plan()
                        .ticketOf(part.mark())
                        .map(
                                t ->
                                        Texts.get(
                                                t.bought() ? "fit.part.bought" : "fit.part.from",
                                                t.source()))
                        .orElse("");
        return part.mark() + " " + Words.say("role." + part.role().name()) + ", " + size + from;
    }

    private String suggestion(DesignService.State state) {
        Optional<Design> standard = last.flatMap(Design.Search::standard);
        if (standard.isEmpty() && workspace.project().chosen().isPresent()) {
            return state.design().map(d -> buys(d.candidate())).orElse("");
        }
        if (standard.isEmpty() || state.design().isEmpty()) {
            return Texts.get("fit.suggests.wait");
        }
        Tape tape = workspace.tape();
        Candidate best = state.design().get().candidate();
        Candidate usual = standard.get().candidate();
        if (usual.faults() > 0 || !usual.plan().missing().isEmpty()) {
            return Texts.get("fit.suggests.short", size(usual)) + "\n" + buys(best);
        }
        Money whole = standard.get().bill().total();
        Money saved = whole.minus(state.design().get().bill().total());
        List<String> words = new ArrayList<>();
        words.add(
                Texts.get(
                        "fit.suggests.standard",
                        size(standard.get().candidate()),
                        tape.say(whole)));
        if (saved.micros() > 0) {
            words.add(Texts.get("fit.suggests.saves", tape.say(saved)));
        }
        words.add(buys(best));
        return String.join("\n", words);
    }

    /** What drives the bill. */
    private String buys(Candidate c) {
        Map<String, String> names = new HashMap<>();
        workspace.project().prices().offers().forEach(o -> names.put(o.id(), o.name()));
        List<String> lines =
                c.plan().bought().entrySet().stream()
                        .map(e -> e.getValue() + " \u00d7 " + names.get(e.getKey()))
                        .limit(4)
                        .toList();
        return lines.isEmpty()
                ? Texts.get("fit.suggests.nothing")
                : Texts.get("fit.suggests.buys") + "\n" + String.join("\n", lines);
    }

    /** Names of the dimensions, for the slip. */
    static String name(String key) {
        return Words.say("dimension." + key);
    }
}
