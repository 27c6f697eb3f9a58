package amberlens.desktop.inspector.titles;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.OwnKeys;
import amberlens.desktop.kit.style.TextSizes;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;

/**
 * Words written where they stand in the Lens: what is typed is seen in the title at once, and the cursor is in a field right below it,
 * or above where there is no room. Escape leaves the words as they were; a click elsewhere, or Enter with the shortcut key, takes them.
 */
public final class TitleEditor extends Pane {
    private static final double LEAST_WIDTH = 220;
    private static final double LINE = 20;
    private static final double FRAME = 20;
    private static final double GAP = 6;
    private static final int MOST_LINES = 5;

    /** A field that keeps the keys which end the writing. */
    private static final class Words extends TextArea implements OwnKeys {
        @Override
        public boolean uses(KeyEvent event) {
            boolean takes = event.getCode() == KeyCode.ENTER && event.isShortcutDown();
            return takes || event.getCode() == KeyCode.ESCAPE;
        }
    }

    private final Desk desk;
    private final UnaryOperator<FramePoint> toScreen;
    private final TitleWriting writing;
    private final Words text = new Words();
    private Optional<String> edited = Optional.empty();
    private Optional<Title> before = Optional.empty();

    /** @param toScreen from frame pixels to the pixels of the Lens */
    public TitleEditor(Desk desk, UnaryOperator<FramePoint> toScreen) {
        this.desk = desk;
        this.toScreen = toScreen;
        writing = new TitleWriting(desk);
        text.setId("lens-title");
        text.getStyleClass().add("lens-title");
        text.setAccessibleText("The words of the title");
        text.setManaged(false);
        text.setVisible(false);
        text.textProperty().addListener((_, _, typed) -> {
            if (edited.isPresent()) {
                writing.type(typed);
                place();
            }
        });
        text.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                end();
            }
        });
        text.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        getChildren().add(text);
        setPickOnBounds(false);
        widthProperty().subscribe(this::place);
        heightProperty().subscribe(this::place);
    }

    /** The topmost title that is seen at a place of the frame, at the playhead. */
    public static Optional<Shot> at(Desk desk, FramePoint place) {
        Project project = desk.document().project();
        int playhead = desk.cursor().playhead();
        return LineUp.at(project, playhead).reversed().stream()
                .filter(project::isTitle)
                .filter(shot -> {
                    Pose pose =
                            project.ride(shot).on(project.pose(shot, playhead - shot.start()), playhead - shot.start());
                    PicturePoint on = pose.toPicture(place);
                    Size box = project.mediaOf(shot).size();
                    return on.x() >= 0 && on.y() >= 0 && on.x() <= box.width() && on.y() <= box.height();
                })
                .findFirst();
    }

    /** Lets the title of a shot be written, if it shows one and is seen at the playhead. */
    public void begin(Shot shot) {
        desk.cursor().select(Selection.shot(shot.id()));
        Optional<Title> title = TitleWriting.title(desk);
        if (title.isEmpty()) {
            return;
        }
        desk.cursor().enterShot();
        before = title;
        edited = Optional.empty();
        text.setText(title.get().text());
        edited = Optional.of(shot.id());
        text.setVisible(true);
        place();
        text.requestFocus();
        text.selectAll();
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE) {
            event.consume();
            restore();
        } else if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
            event.consume();
            end();
        }
    }

    /** What rested while it was typed is a step already; then the words from before are another one. */
    private void restore() {
        writing.forget();
        before.ifPresent(title -> writing.change("text", now -> now.withText(title.text())));
        end();
    }

    private void end() {
        if (edited.isPresent()) {
            edited = Optional.empty();
            writing.rest();
            text.setVisible(false);
            getParent().requestFocus();
        }
    }

    /** Follows what is shown; a title that is no longer selected is no longer written. */
    public void refresh() {
        if (edited.isPresent()) {
            boolean still = desk.cursor().selectedShot().map(Shot::id).equals(edited);
            if (still) {
                place();
            } else {
                end();
            }
        }
    }

    private void place() {
        Optional<Shot> shot = edited.flatMap(desk.document().project()::shot);
        if (shot.isEmpty()) {
            return;
        }
        Project project = desk.document().project();
        Size box = project.mediaOf(shot.get()).size();
        int at = desk.cursor().shotFrame();
        Pose pose = project.ride(shot.get()).on(project.pose(shot.get(), at), at);
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (Corner corner : Corner.values()) {
            FramePoint of = corner.of(box);
            FramePoint screen = toScreen.apply(pose.toFrame(new PicturePoint(of.x(), of.y())));
            left = Math.min(left, screen.x());
            right = Math.max(right, screen.x());
            top = Math.min(top, screen.y());
            bottom = Math.max(bottom, screen.y());
        }
        long lines = Math.clamp(text.getText().lines().count(), 1, MOST_LINES);
        double scale = TextSizes.of(text);
        double height = (lines * LINE + FRAME) * scale;
        double width = Math.min(getWidth() - 2 * GAP, Math.max(right - left, LEAST_WIDTH * scale));
        double x = Math.clamp((left + right - width) / 2, GAP, Math.max(GAP, getWidth() - width - GAP));
        double below = bottom + GAP;
        double y = below + height <= getHeight() - GAP ? below : top - GAP - height;
        text.resizeRelocate(
                Math.rint(x), Math.rint(Math.clamp(y, GAP, Math.max(GAP, getHeight() - height - GAP))), width, height);
    }
}
