package amberlens.desktop.inspector.camera;

import amberlens.core.base.time.Timecode;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.commands.KeyChanges;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.NearKey;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.inspector.planes.PlaneCuts;
import amberlens.desktop.inspector.planes.PlanesForm;
import amberlens.desktop.inspector.titles.TitleForm;
import amberlens.desktop.inspector.titles.TitleWriting;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.LazyParts;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.services.Services;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The pose at the playhead in numbers, and what the next change will do; or the ease of the selected leg. */
public final class CameraPane extends StackPane implements Subscription {
    private final Desk desk;
    private final Services services;
    private final Button addFraming = new Button("Add framing");
    private final Label willDo = new Label();
    private final Hyperlink goToKey = new Hyperlink();
    private final Map<Property<?>, PropertyRow<?>> rows = new LinkedHashMap<>();
    /** What changes nothing here. */
    private static final Set<Change> NOTHING_HERE = EnumSet.of(Change.FILE, Change.MESSAGE, Change.EXPORTS);

    /** From so many pixels on, what follows from a number stands beside it. */
    private static final double WIDE_PX = 420;

    private final Map<CameraGroup, ToggleButton> tabs = new EnumMap<>(CameraGroup.class);
    private final Label nothing = new Label();
    private final LookList looks;
    private final TitleForm title;
    private final PlanesForm planes;
    private final ShakeRow shake;
    private final HBox heading = new HBox(8);
    private final HBox outcome = new HBox(8);
    private final VBox pose;
    private final LegPanel leg;
    private final Subscription subscription;

    public CameraPane(Desk desk, Services services, Actions actions, Overlay overlay) {
        this.desk = desk;
        this.services = services;
        leg = new LegPanel(desk, actions);
        looks = new LookList(desk, overlay, actions, new AddLook(actions));
        title = new TitleForm(desk, services.background());
        planes = new PlanesForm(desk, services, actions);
        shake = new ShakeRow(actions);
        outcome.getChildren().addAll(willDo, goToKey);
        outcome.getStyleClass().add("outcome");
        pose = new VBox(heading(actions), outcome, tabs(), list(overlay));
        leg.managedProperty().bind(leg.visibleProperty());
        leg.setVisible(false);
        var all = new VBox();
        LazyParts.fill(all, List.of(pose, leg));
        var scroll = new ScrollPane(all);
        all.heightProperty().addListener((_, _, _) -> scroll.setVvalue(leg.isVisible() ? 1 : 0));
        scroll.setFitToWidth(true);
        scroll.setMinViewportHeight(0);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("property-list");
        getChildren().add(scroll);
        getStyleClass().add("camera-pane");
        setMinSize(0, 0);
        widthProperty().subscribe(this::fitWidth);
        addFraming.fontProperty().subscribe(this::fitWidth);
        subscription = desk.subscribe(this::changed);
        changed(Changes.EVERYTHING);
    }

    /** What a change will do stands beside the title, or on a line of its own. */
    private void fitWidth() {
        setWide(getWidth() >= WIDE_PX * TextSizes.of(addFraming));
    }

    private void setWide(boolean wide) {
        rows.values().forEach(row -> row.setWide(wide));
        if (wide != heading.getChildren().contains(willDo)) {
            outcome.getChildren().remove(willDo);
            heading.getChildren().remove(willDo);
            if (wide) {
                heading.getChildren().add(1, willDo);
            } else {
                outcome.getChildren().addFirst(willDo);
            }
        }
    }

    private HBox heading(Actions actions) {
        Label title = new Label("Camera");
        title.getStyleClass().add("view-title");
        title.setMinWidth(USE_PREF_SIZE);
        willDo.getStyleClass().add("will-do");
        willDo.setId("will-do");
        willDo.setMinWidth(0);
        goToKey.getStyleClass().add("go-to-key");
        goToKey.setId("go-to-key");
        goToKey.setMinWidth(USE_PREF_SIZE);
        Region gap = DialogParts.gap();
        actions.bind(addFraming, "framing.add");
        addFraming.getStyleClass().add("quiet-button");
        addFraming.setMinWidth(USE_PREF_SIZE);
        heading.getChildren().addAll(title, gap, addFraming);
        heading.setAlignment(Pos.CENTER_LEFT);
        heading.getStyleClass().add("view-heading");
        return heading;
    }

    private HBox tabs() {
        HBox bar = new HBox(16);
        for (CameraGroup group : CameraGroup.values()) {
            ToggleButton tab = new ToggleButton(group.words());
            tab.setId("group-" + group.words().toLowerCase(Locale.ROOT));
            tab.getStyleClass().add("tab-word");
            tab.setMinWidth(USE_PREF_SIZE);
            tab.setOnAction(_ -> show(group));
            tab.managedProperty().bind(tab.visibleProperty());
            tabs.put(group, tab);
            bar.getChildren().add(tab);
        }
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("camera-tabs");
        return bar;
    }

    private VBox list(Overlay overlay) {
        List<Node> parts = new ArrayList<>(List.of(planes));
        for (Property<?> property : Properties.ALL) {
            PropertyRow<?> row = new PropertyRow<>(desk, overlay, property);
            rows.put(property, row);
            parts.add(row);
        }
        nothing.setWrapText(true);
        nothing.getStyleClass().addAll("quiet", "camera-empty");
        nothing.managedProperty().bind(nothing.visibleProperty());
        parts.addAll(List.of(shake, nothing, looks, title));
        parts.forEach(part -> part.setVisible(false)); // what is shown is told by the first change
        var list = new VBox();
        LazyParts.fill(list, parts);
        return list;
    }

    /** The corners of the picture can be pulled in the Lens while the depth is shown, and looks while they are. */
    private void show(CameraGroup group) {
        group.show(desk.tools());
        changed(Changes.EVERYTHING);
    }

    private void changed(Changes changes) {
        if (changes.only(NOTHING_HERE)
                || !changes.concern(desk.cursor().selection().shotId())) {
            return;
        }
        Optional<Shot> shot = desk.cursor().selectedShot();
        pose.setDisable(shot.isEmpty());
        Optional<Selection.LegFrom> legFrom = legFrom(shot);
        leg.setVisible(legFrom.isPresent());
        Optional<Title> words = TitleWriting.title(desk);
        CameraGroup group = CameraGroup.of(desk.tools(), words.isPresent(), PlaneCuts.atHand(desk));
        tabs.get(CameraGroup.PLANES).setVisible(PlaneCuts.canBeCut(desk));
        tabs.get(CameraGroup.TITLE).setVisible(words.isPresent());
        tabs.forEach((of, tab) -> {
            tab.setSelected(of == group);
            tab.setText(of.words() + (shot.isPresent() && hasKeys(of, shot.get()) ? " •" : ""));
        });
        rows.forEach((property, row) -> row.setVisible(shows(group, property, shot)));
        shake.show(group == CameraGroup.MOVE ? shot : Optional.empty());
        looks.setVisible(group == CameraGroup.LOOK);
        title.setVisible(group == CameraGroup.TITLE);
        planes.setVisible(group == CameraGroup.PLANES);
        nothing.setVisible(group != CameraGroup.LOOK
                && group != CameraGroup.PLANES
                && group != CameraGroup.TITLE
                && rows.values().stream().noneMatch(Node::isVisible));
        nothing.setText("Select a shot to see its opacity, and the speed of footage.");
        if (shot.isEmpty()) {
            willDo.setText("no shot yet");
            rows.values().forEach(PropertyRow::showNothing);
            showGoToKey(false);
            return;
        }
        legFrom.ifPresent(from ->
                leg.show(shot.get(), from, desk.document().project().frame().rate()));
        int frame = desk.cursor().shotFrame();
        var judged = services.facts().judged(desk.document().project(), shot.get(), frame);
        rows.forEach((property, row) -> {
            if (row.isVisible()) {
                row.show(
                        shot.get(),
                        frame,
                        Consequences.of(property, desk.document().project(), shot.get(), frame, judged));
            }
        });
        if (group == CameraGroup.LOOK) {
            looks.show(shot.get(), frame);
        }
        if (group == CameraGroup.PLANES) {
            planes.show(shot.get());
        }
        words.filter(_ -> group == CameraGroup.TITLE).ifPresent(title::show);
        if (group == CameraGroup.TITLE) {
            willDo.setText("applies to the whole title");
            showGoToKey(false);
        } else {
            announce(shot.get(), frame);
        }
    }

    private static boolean hasKeys(CameraGroup of, Shot shot) {
        return shot.camera().channels().properties().stream()
                .filter(of::shows)
                .anyMatch(property -> shot.camera().get(property).animated());
    }

    /** Rows that can do nothing for a shot and do nothing already are left out. */
    private boolean shows(CameraGroup group, Property<?> property, Optional<Shot> shot) {
        boolean here = group.shows(property);
        boolean always = group != CameraGroup.LAYER && group != CameraGroup.PLANES;
        return here && (always || shot.isPresent() && concerns(property, shot.get()));
    }

    private boolean concerns(Property<?> property, Shot shot) {
        return shot.camera().has(property)
                || property == Properties.OPACITY
                || (property == Properties.PARALLAX
                        && !desk.document().project().mediaOf(shot).planes().isEmpty())
                || (property == Properties.SPEED
                        && desk.document().project().mediaOf(shot).moves());
    }

    /** What a change of a look would do. */
    private static String looksOutcome(Shot shot, int frame, String time) {
        List<Channel<?>> keyed = new ArrayList<>();
        for (Property<?> property : shot.camera().channels().properties()) {
            Channel<?> channel = shot.camera().get(property);
            if (property.group() == Group.LOOK && channel.animated() && !channel.muted()) {
                keyed.add(channel);
            }
        }
        if (keyed.isEmpty()) {
            return "changes the constant";
        }
        return keyed.stream().anyMatch(channel -> channel.keyAt(frame).isPresent())
                ? "sets the key at " + time
                : "adds a key at " + time + " to keyed properties";
    }

    private void showGoToKey(boolean shown) {
        goToKey.setVisible(shown);
        goToKey.setManaged(shown);
    }

    private Optional<Selection.LegFrom> legFrom(Optional<Shot> shot) {
        return shot.isPresent() && desk.cursor().selection().part() instanceof Selection.LegFrom from
                ? Optional.of(from)
                : Optional.empty();
    }

    /** Says what a change would do, before it is made. */
    private void announce(Shot shot, int frame) {
        String time = Timecode.brief(frame, desk.document().project().frame().rate());
        boolean animated = shot.camera().channels().all().stream().anyMatch(Channel::animated);
        boolean onKey = shot.camera().keyFrames().contains(frame);
        int number = Framings.numberAt(shot.camera(), frame);
        boolean muted = KeyChanges.anyMuted(shot);
        String outcome = desk.tools().group() == Group.LOOK
                ? looksOutcome(shot, frame, time)
                : muted && !onKey
                        ? "changes the constant of what is muted"
                        : !animated
                                ? (desk.wouldKeepStart(shot)
                                        ? "keeps the start, adds framing 2 at " + time
                                        : "changes the constant")
                                : onKey
                                        ? (number > 0 ? "sets framing " + number : "sets the key at " + time)
                                        : "adds a framing or key at " + time;
        willDo.setText(desk.cursor().insideShot() ? outcome : "goes to " + time + ", then " + outcome);
        Optional<Integer> near = NearKey.of(shot, frame);
        boolean automatic = desk.preferences().toNearKeys();
        if (automatic && near.isPresent()) {
            willDo.setText("goes to the key at "
                    + Timecode.brief(
                            near.get(), desk.document().project().frame().rate()) + " and sets it");
        }
        showGoToKey(near.isPresent() && !automatic);
        near.ifPresent(key -> {
            goToKey.setText("go to key at "
                    + Timecode.brief(key, desk.document().project().frame().rate()));
            goToKey.setOnAction(_ -> desk.cursor().seekInShot(key));
        });
    }

    @Override
    public void close() {
        subscription.close();
    }
}
