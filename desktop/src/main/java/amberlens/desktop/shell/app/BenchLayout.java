package amberlens.desktop.shell.app;

import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.shell.app.ResizableSplit.Part;
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
    private final Region shelf;
    private final Region table;
    private final Region lens;
    private final Region camera;
    private final BorderPane upper = new BorderPane();
    private final Subscription subscription;
    private boolean lensHere = true;
    private double text = 1;
    private @Nullable Shape shown;

    BenchLayout(
            Desk desk,
            ShelfRail rail,
            Region shelf,
            Region table,
            Region lens,
            Region camera,
            Region guide,
            Region lineUp,
            Region score) {
        this.desk = desk;
        this.rail = rail;
        this.shelf = shelf;
        this.table = table;
        this.lens = lens;
        this.camera = camera;
        camera.getStyleClass().add("camera-column");
        VBox.setVgrow(score, Priority.ALWAYS);
        VBox lower = new VBox(guide, lineUp, score);
        var seam = new ResizableSplit(
                desk.preferences(),
                "score",
                Orientation.VERTICAL,
                List.of(Part.growing(upper, UPPER), Part.growing(lower, 1 - UPPER)));
        setCenter(seam);
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
        shown = wanted;
        if (upper.getCenter() instanceof ResizableSplit old) {
            old.empty();
        }
        List<Part> parts = new ArrayList<>();
        if (wanted.shelf()) {
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
            case LENS -> {
                parts.add(Part.fixed(above(table, "lens"), SIDE_PX * text));
                parts.add(Part.growing(lens, 1));
            }
        }
        String name = wanted.arrangement().name().toLowerCase(Locale.ROOT)
                + (wanted.shelf() ? "-shelf" : "")
                + (lensHere ? "" : "-alone");
        upper.setCenter(new ResizableSplit(desk.preferences(), name, Orientation.HORIZONTAL, parts));
        rail.show(wanted.shelf());
    }

    /** Several frames at once, or how two differ, take the room of the Table while the Lens is small. */
    private WindowLayout arrangement() {
        WindowLayout chosen = desk.preferences().arrangement();
        boolean several = desk.tools().lensShow() != Tools.LensShow.NOW;
        return !lensHere ? WindowLayout.TABLE : chosen == WindowLayout.TABLE && several ? WindowLayout.LENS : chosen;
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
