package amberlens.desktop.shell.app;

import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.shelf.panes.ShelfPane;
import amberlens.desktop.shell.app.ResizableSplit.Part;
import amberlens.desktop.time.lineup.LineUpPane;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Orientation;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/**
 * Where the views stand: the Shelf and its rail at the left, then Camera, Table and Lens as the arrangement wants them, Line-up and
 * Score below. Every seam can be dragged.
 */
final class BenchLayout extends BorderPane implements Subscription {
    private static final double SHELF_PX = 176;

    /** Room for rows with what follows from their numbers beneath them. */
    private static final double CAMERA_PX = 310;

    /** Room for rows with what follows from their numbers beside them, so that they are half as high. */
    private static final double SIDE_PX = 470;

    private static final double UPPER = 0.448;
    private static final double SMALL_VIEW = 0.48;

    private record Shape(WindowLayout arrangement, boolean shelf, boolean lens, double text) {}

    private final Desk desk;
    private final ShelfRail rail;
    private final ShelfPane shelf;
    private final Region table;
    private final Region lens;
    private final Region camera;
    private final Region guide;
    private final LineUpPane lineUp;
    private final Region score;
    private final BorderPane upper = new BorderPane();
    private final Subscription subscription;
    private boolean lensHere = true;
    private double text = 1;
    private @Nullable Shape shown;

    BenchLayout(
            Desk desk,
            ShelfRail rail,
            ShelfPane shelf,
            Region table,
            Region lens,
            Region camera,
            Region guide,
            LineUpPane lineUp,
            Region score) {
        this.desk = desk;
        this.rail = rail;
        this.shelf = shelf;
        this.table = table;
        this.lens = lens;
        this.camera = camera;
        camera.getStyleClass().add("camera-column");
        VBox.setVgrow(score, Priority.ALWAYS);
        VBox.setVgrow(upper, Priority.ALWAYS);
        this.guide = guide;
        this.lineUp = lineUp;
        this.score = score;
        getStyleClass().add("bench");
        upper.setLeft(rail);
        upper.setMinHeight(0);
        arrange();
        subscription = desk.subscribe(changes -> {
            if (changes.contains(Change.PREFERENCES) || changes.contains(Change.VIEW)) {
                arrange();
            }
        });
    }

    /** Whether the Lens stands here, or in a window of its own. */
    void setLensHere(boolean here) {
        lensHere = here;
        arrange();
    }

    /** How large text is, 1 for the usual size: columns of words and numbers are as much wider. */
    void setText(double times) {
        text = times;
        arrange();
    }

    private void arrange() {
        var wanted = new Shape(arrangement(), desk.preferences().shelfOpen(), lensHere, text);
        if (wanted.equals(shown)) {
            return;
        }
        boolean gathers = wanted.arrangement() == WindowLayout.GATHER;
        if (shown == null || gathers != (shown.arrangement() == WindowLayout.GATHER)) {
            divide(gathers);
        }
        shown = wanted;
        if (upper.getCenter() instanceof ResizableSplit old) {
            old.empty();
        }
        List<Part> parts = new ArrayList<>();
        if (wanted.shelf() && !gathers) {
            parts.add(Part.fixed(shelf, SHELF_PX * text));
        }
        switch (wanted.arrangement()) {
            case TABLE -> {
                parts.add(Part.fixed(lensHere ? above(lens, "table") : camera, SIDE_PX * text));
                parts.add(Part.growing(table, 1));
            }
            case BOTH -> {
                parts.add(Part.fixed(camera, CAMERA_PX * text));
                parts.add(Part.growing(table, 1));
                parts.add(Part.growing(lens, 1));
            }
            case GATHER -> parts.add(Part.growing(shelf, 1));
            case LENS -> {
                parts.add(Part.fixed(above(table, "lens"), SIDE_PX * text));
                parts.add(Part.growing(lens, 1));
            }
        }
        String name = wanted.arrangement().name().toLowerCase(Locale.ROOT)
                + (wanted.shelf() ? "-shelf" : "")
                + (lensHere ? "" : "-alone");
        upper.setCenter(new ResizableSplit(desk.preferences(), name, Orientation.HORIZONTAL, parts));
        shelf.setSheet(gathers);
        rail.show(wanted.shelf() || gathers);
    }

    /** What stands below: Line-up and Score with a seam, or the Line-up alone, twice as high. */
    private void divide(boolean gathers) {
        if (getCenter() instanceof ResizableSplit old) {
            old.empty();
        } else if (getCenter() instanceof VBox old) {
            old.getChildren().clear();
        }
        lineUp.setGathering(gathers);
        if (gathers) {
            setCenter(new VBox(upper, guide, lineUp));
            return;
        }
        setCenter(new ResizableSplit(
                desk.preferences(),
                "score",
                Orientation.VERTICAL,
                List.of(Part.growing(upper, UPPER), Part.growing(new VBox(guide, lineUp, score), 1 - UPPER))));
    }

    /** Several frames at once, or how two differ, take the room of the Table while the Lens is small. */
    private WindowLayout arrangement() {
        WindowLayout chosen = desk.preferences().arrangement();
        boolean several = desk.tools().lensShow() != Tools.LensShow.NOW;
        return chosen == WindowLayout.GATHER
                ? chosen
                : !lensHere ? WindowLayout.TABLE : chosen == WindowLayout.TABLE && several ? WindowLayout.LENS : chosen;
    }

    /** A small view above the Camera. */
    private ResizableSplit above(Region small, String name) {
        return new ResizableSplit(
                desk.preferences(),
                name + "-side",
                Orientation.VERTICAL,
                List.of(Part.growing(small, SMALL_VIEW), Part.growing(camera, 1 - SMALL_VIEW)));
    }

    @Override
    public void close() {
        subscription.close();
    }
}
