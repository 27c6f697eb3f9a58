package amberlens.desktop.inspector.camera;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.judge.aim.AnchorPlace;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.DepthProperty;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.Unit;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** What else can be done with a property: mute, unlink, units, select its keys. */
final class PropertyMenu extends MenuButton {
    private final Desk desk;
    private final Overlay overlay;
    private final Property<?> property;
    private final String tag;

    /** @param tag for the names of its parts */
    PropertyMenu(Desk desk, Overlay overlay, Property<?> property, String tag) {
        this.desk = desk;
        this.overlay = overlay;
        this.property = property;
        this.tag = tag;
        String word = property.lowerWord();
        setId("more-" + tag);
        Hint.of(this, "More for " + word + ": mute, link axes, units");
        setAccessibleText("More for " + word);
        setGraphic(new FontIcon(Feather.MORE_VERTICAL));
        getStyleClass().add("more-button");
        getItems().add(new MenuItem());
        setOnShowing(_ -> fill());
    }

    private void fill() {
        getItems().clear();
        desk.cursor().selectedShot().ifPresent(shot -> {
            Channel<?> channel = shot.camera().get(property);
            CheckMenuItem muted = new CheckMenuItem("Mute the keys");
            muted.setId("mute-" + word());
            muted.setSelected(channel.muted());
            muted.setDisable(!channel.animated());
            muted.setOnAction(_ -> desk.document()
                    .apply(CameraEdits.mute(
                            shot.id(), property, !channel.muted(), desk.cursor().shotFrame())));
            getItems().add(muted);
            if (Properties.CORNERS.contains(property)) {
                getItems().add(corners(shot));
            }
            if (channel.kind().parts() == 2) {
                getItems().add(unlink(shot, channel));
            }
            MenuItem constant = new MenuItem("Make it constant…");
            constant.setId("constant-" + word());
            constant.setDisable(!channel.animated());
            constant.setOnAction(_ -> new ConstantChoice(desk, overlay, shot, property).ask());
            getItems().add(constant);
            MenuItem select = new MenuItem("Select all its keys");
            select.setId("select-" + word());
            select.setDisable(!channel.animated());
            select.setOnAction(_ -> desk.cursor()
                    .select(new Selection.Keys(KeySet.where(
                            shot.camera(), key -> key.lane().property().equals(property)))));
            getItems().add(select);
            if (property == Properties.ANCHOR) {
                getItems().add(anchors(shot));
            }
            addUnits();
        });
    }

    /** The four corners are pulled together, and put aside together. */
    private CheckMenuItem corners(Shot shot) {
        List<DepthProperty<FramePoint>> keyed = Properties.CORNERS.stream()
                .filter(corner -> shot.camera().get(corner).animated())
                .toList();
        boolean muted = !keyed.isEmpty()
                && keyed.stream().allMatch(corner -> shot.camera().get(corner).muted());
        var item = new CheckMenuItem("Mute the keys of all corners");
        item.setId("mute-corners");
        item.setSelected(muted);
        item.setDisable(keyed.isEmpty());
        item.setOnAction(_ -> desk.document()
                .apply(CameraEdits.mute(
                        "corners", shot.id(), keyed, !muted, desk.cursor().shotFrame())));
        return item;
    }

    /** The nine usual places of the anchor and the subject; the picture stays where it is. */
    private Menu anchors(Shot shot) {
        Menu menu = new Menu("Put the anchor on");
        menu.setId("anchor-places");
        Size picture = desk.document().project().mediaOf(shot).size();
        for (AnchorPlace place : AnchorPlace.values()) {
            MenuItem item = new MenuItem("The " + place.words());
            item.setId("anchor-" + place.name().toLowerCase(Locale.ROOT).replace('_', '-'));
            item.setOnAction(_ -> anchor(place.on(picture)));
            menu.getItems().add(item);
        }
        MenuItem subject = new MenuItem("The subject");
        subject.setId("anchor-subject");
        subject.setDisable(shot.settings().subject().isEmpty());
        subject.setOnAction(_ -> shot.settings().subject().ifPresent(this::anchor));
        menu.getItems().addAll(new SeparatorMenuItem(), subject);
        return menu;
    }

    private void anchor(PicturePoint at) {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> {
            Pose moved = desk.document()
                    .project()
                    .pose(shot, desk.cursor().shotFrame())
                    .withAnchorInPlace(at);
            desk.document()
                    .apply(CameraEdits.setPose(
                            "move anchor", shot.id(), desk.cursor().shotFrame(), moved));
        });
    }

    private CheckMenuItem unlink(Shot shot, Channel<?> channel) {
        boolean linked = channel.axes().isEmpty();
        CheckMenuItem item = new CheckMenuItem("Link x and y");
        item.setId("link-" + word());
        item.setSelected(linked);
        item.setOnAction(_ -> {
            try {
                desk.document().apply(CameraEdits.setLinked(shot.id(), property, !linked));
            } catch (IllegalArgumentException e) {
                desk.say("Not unlinked: " + e.getMessage() + ".");
            }
        });
        return item;
    }

    private void addUnits() {
        if (property.units().size() < 2) {
            return;
        }
        getItems().add(new SeparatorMenuItem());
        for (Unit unit : property.units()) {
            RadioMenuItem item = new RadioMenuItem("In " + unit.words());
            item.setId("unit-" + unit.id());
            item.setSelected(desk.preferences().unit(property).equals(unit));
            item.setOnAction(_ -> desk.prefer(to -> to.setUnit(property, unit)));
            getItems().add(item);
        }
    }

    private String word() {
        return tag;
    }
}
