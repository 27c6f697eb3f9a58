package amberlens.desktop.camera;

import amberlens.core.edit.CameraEdits;
import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Lane;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.style.Icons;
import amberlens.desktop.style.Overlay;
import java.util.List;
import java.util.Locale;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.layout.Region;

/** The bead of a lane: filled on a key, a ring between keys, dashed while constant. It turns animation on and off. */
final class PropertyBead extends Button {
    private static final PseudoClass ON_KEY = PseudoClass.getPseudoClass("on-key");
    private static final PseudoClass ANIMATED = PseudoClass.getPseudoClass("animated");

    private final Desk desk;
    private final Overlay overlay;
    private final Lane lane;

    PropertyBead(Desk desk, Overlay overlay, Lane lane) {
        this.desk = desk;
        this.overlay = overlay;
        this.lane = lane;
        getStyleClass().add("bead");
        setId("bead-" + lane.id());
        setGraphic(new Region());
        setOnAction(_ -> toggle());
    }

    void show(Shot shot, int frame) {
        Channel<?> channel = shot.camera().channel(lane);
        boolean onKey = channel.keyAt(frame).isPresent();
        pseudoClassStateChanged(ON_KEY, onKey);
        pseudoClassStateChanged(ANIMATED, channel.animated());
        String word = lane.words().toLowerCase(Locale.ROOT);
        Icons.name(
                this,
                !channel.animated()
                        ? "The " + word + " is constant: animate it"
                        : (onKey ? "On a key of " : "Between keys of ") + word + ": make it constant");
    }

    private void toggle() {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> {
            Channel<?> channel = shot.camera().channel(lane);
            if (channel.animated()) {
                ask(shot, channel);
            } else {
                desk.document()
                        .apply(CameraEdits.animate(
                                shot.id(), lane, desk.cursor().shotFrame()));
            }
        });
    }

    /** A single key is given up without a question: its value stays everywhere. */
    private void ask(Shot shot, Channel<?> channel) {
        int keys = channel.keys().size();
        int frame = desk.cursor().shotFrame();
        Runnable keepThis = () -> desk.document().apply(CameraEdits.makeConstant(shot.id(), lane, frame));
        if (keys == 1) {
            keepThis.run();
            return;
        }
        int first = channel.keys().getFirst().at();
        String word = lane.words().toLowerCase(Locale.ROOT);
        overlay.ask(
                "Make the " + word + " constant?",
                "Its " + keys
                        + " keys go. Which value remains? (To put the keys aside without losing them, mute them.)",
                List.of(
                        new Overlay.Answer("The value at the playhead", true, keepThis),
                        new Overlay.Answer("The value of the first key", false, () -> desk.document()
                                .apply(CameraEdits.makeConstant(shot.id(), lane, first))),
                        new Overlay.Answer("Cancel", false, () -> {})));
    }
}
