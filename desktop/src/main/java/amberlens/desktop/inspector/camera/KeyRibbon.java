package amberlens.desktop.inspector.camera;

import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.keys.KeyOrder;
import amberlens.core.motion.keys.KeyRef;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.property.Lane;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.OwnKeys;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Surface;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/**
 * The keys of one lane over the whole shot in miniature, with the playhead in it: a filled bead on a key, a ring between keys, a dashed
 * line for a constant. A click at a key goes there, a click at the playhead sets or takes a key.
 */
final class KeyRibbon extends Surface implements OwnKeys {
    /** How close to the playhead or a key a click means it, in pixels. */
    private static final double REACH = 6;

    private static final Set<KeyCode> KEYS = EnumSet.of(KeyCode.LEFT, KeyCode.RIGHT, KeyCode.ENTER, KeyCode.SPACE);

    private static final double MARGIN = 7;
    private static final double KEY_RADIUS = 2.8;
    private static final double HEAD_RADIUS = 4.6;

    private final Desk desk;
    private final Lane lane;
    private @Nullable Shot shot;
    private int frame;

    KeyRibbon(Desk desk, Lane lane) {
        super(false);
        this.desk = desk;
        this.lane = lane;
        setId("ribbon-" + lane.id());
        getStyleClass().add("key-ribbon");
        setAccessibleRole(AccessibleRole.BUTTON);
        setCursor(Cursor.HAND);
        setOnMouseClicked(this::clicked);
        setOnKeyPressed(this::pressed);
        focusedProperty().addListener((_, _, _) -> redraw());
    }

    void show(Shot newShot, int newFrame) {
        shot = newShot;
        frame = newFrame;
        setAccessibleText(words(newShot));
        Hint.of(this, words(newShot) + "\nClick a key to go to it; arrow keys step from key to key");
        redraw();
    }

    void showNothing() {
        shot = null;
        redraw();
    }

    private String word() {
        return lane.words().toLowerCase(Locale.ROOT);
    }

    private String words(Shot of) {
        Channel<?> channel = of.camera().channel(lane);
        if (!channel.animated()) {
            return lane.words() + " is constant: click at the playhead to set its first key";
        }
        int keys = channel.keys().size();
        String count = lane.words() + ", " + (keys == 1 ? "1 key" : keys + " keys");
        return channel.keyAt(frame).isPresent()
                ? count + ", on a key: click at the playhead to remove it"
                : count + ", between keys: click at the playhead to add one";
    }

    private double x(int at) {
        Shot of = shot;
        int last = of == null ? 1 : Math.max(1, of.lastFrame());
        return MARGIN + (getWidth() - 2 * MARGIN) * Math.clamp((double) at / last, 0, 1);
    }

    private List<Integer> keys(Shot of) {
        return of.camera().channel(lane).keys().stream().map(Key::at).toList();
    }

    private void clicked(MouseEvent event) {
        if (event.getButton() != MouseButton.PRIMARY || shot == null) {
            return;
        }
        requestFocus();
        int at = nearest(event.getX());
        if (at == frame) {
            setOrTake();
        } else if (at >= 0) {
            desk.cursor().seekInShot(at);
        }
    }

    /** The playhead's frame or that of a key, whichever a place means; −1 for none. The playhead goes first. */
    private int nearest(double x) {
        Shot of = shot;
        if (of == null) {
            return -1;
        }
        if (Math.abs(x - x(frame)) <= REACH) {
            return frame;
        }
        return keys(of).stream()
                .filter(at -> Math.abs(x(at) - x) <= REACH)
                .min((one, other) -> Double.compare(Math.abs(x(one) - x), Math.abs(x(other) - x)))
                .orElse(-1);
    }

    @Override
    public boolean uses(KeyEvent event) {
        return KEYS.contains(event.getCode()) && !event.isShortcutDown() && !event.isAltDown() && !event.isShiftDown();
    }

    private void pressed(KeyEvent event) {
        if (uses(event)) {
            event.consume();
            switch (event.getCode()) {
                case LEFT -> step(-1);
                case RIGHT -> step(1);
                default -> setOrTake();
            }
        }
    }

    private void step(int direction) {
        Shot of = shot;
        if (of != null) {
            Optional<Integer> next = direction < 0
                    ? keys(of).stream().filter(at -> at < frame).reduce((_, later) -> later)
                    : keys(of).stream().filter(at -> at > frame).findFirst();
            next.ifPresent(desk.cursor()::seekInShot);
        }
    }

    /** Sets a key at the playhead, or takes the one that is there; the value of the last one remains. */
    private void setOrTake() {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(now -> {
            int at = desk.cursor().shotFrame();
            Channel<?> channel = now.camera().channel(lane);
            if (!channel.animated()) {
                desk.document().apply(CameraEdits.animate(now.id(), lane, at));
            } else if (channel.keyAt(at).isEmpty()) {
                desk.document().apply(CameraEdits.setKey(now.id(), lane, at));
            } else if (channel.keys().size() == 1) {
                desk.document().apply(CameraEdits.makeConstant(now.id(), lane, at));
            } else {
                KeySet only = KeySet.of(new KeyRef(lane, at));
                desk.document()
                        .apply(ShotEdits.setCamera(
                                "delete key of " + word(), now.id(), KeyOrder.deleted(now.camera(), only, at)));
            }
        });
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        Shot of = shot;
        if (of == null || width < 4 * MARGIN) {
            return;
        }
        Channel<?> channel = of.camera().channel(lane);
        boolean works = channel.animated() && !channel.muted();
        double middle = Math.rint(height / 2) + 0.5;
        pen.setStroke(works ? Palette.faint(Palette.AMBER.colour(), 0.55) : Palette.MUTED.colour());
        pen.setLineWidth(1.2);
        if (!channel.animated()) {
            pen.setLineDashes(2, 4);
        }
        pen.strokeLine(MARGIN, middle, width - MARGIN, middle);
        pen.setLineDashes();
        for (int at : keys(of)) {
            Brush.bead(pen, x(at), middle, KEY_RADIUS, at == frame, false);
        }
        head(pen, channel, x(frame), middle, height);
        if (isFocused()) {
            pen.setStroke(Palette.PALE.colour());
            pen.setLineWidth(1);
            pen.strokeRoundRect(0.5, 0.5, width - 1, height - 1, 5, 5);
        }
    }

    private void head(GraphicsContext pen, Channel<?> channel, double x, double middle, double height) {
        boolean inside = desk.cursor().insideShot();
        pen.setStroke(Palette.faint(Palette.AMBER.colour(), inside ? 1 : 0.4));
        pen.setLineWidth(1.5);
        pen.strokeLine(x, middle - height / 2 + 2, x, middle + height / 2 - 2);
        if (channel.animated()) {
            Brush.bead(pen, x, middle, HEAD_RADIUS, channel.keyAt(frame).isPresent(), false);
        } else {
            pen.setFill(Palette.PANEL.colour());
            pen.fillOval(x - HEAD_RADIUS, middle - HEAD_RADIUS, 2 * HEAD_RADIUS, 2 * HEAD_RADIUS);
            pen.setStroke(Palette.MUTED.colour());
            pen.setLineDashes(2, 2);
            pen.strokeOval(x - HEAD_RADIUS, middle - HEAD_RADIUS, 2 * HEAD_RADIUS, 2 * HEAD_RADIUS);
            pen.setLineDashes();
        }
    }
}
