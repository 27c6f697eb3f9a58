package amberlens.desktop.shell.app;

import amberlens.desktop.desk.state.Preferences;
import java.util.List;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.input.MouseEvent;

/** Views beside or above each other with seams between them that can be dragged and are remembered under a name. */
final class ResizableSplit extends SplitPane {
    /** How much room a view takes at first: pixels where it keeps its size in a larger window, else a share of what is left. */
    record Part(Node view, double px, double share) {
        static Part fixed(Node view, double px) {
            return new Part(view, px, 0);
        }

        static Part growing(Node view, double share) {
            return new Part(view, 0, share);
        }

        boolean grows() {
            return share > 0;
        }
    }

    private final Preferences preferences;
    private final String name;
    private final List<Part> parts;
    private boolean laid;

    ResizableSplit(Preferences preferences, String name, Orientation orientation, List<Part> parts) {
        this.preferences = preferences;
        this.name = name;
        this.parts = parts;
        setOrientation(orientation);
        setId("seam-" + name);
        setMinSize(0, 0);
        for (Part part : parts) {
            getItems().add(part.view());
            setResizableWithParent(part.view(), part.grows());
        }
        (orientation == Orientation.HORIZONTAL ? widthProperty() : heightProperty()).addListener((_, before, now) -> {
            if (!laid && now.doubleValue() > 1) {
                laid = true;
                place();
                Platform.runLater(this::place); // the first layout of a split pane moves its dividers
            }
        });
        addEventFilter(MouseEvent.MOUSE_RELEASED, event -> {
            if (event.getTarget() instanceof Node node && isDivider(node)) {
                remember();
            }
        });
    }

    /** Lets go of the views, which stand elsewhere then. */
    void empty() {
        List.copyOf(getItems()).forEach(view -> {
            if (view instanceof ResizableSplit inner) {
                inner.empty();
            }
        });
        getItems().clear();
    }

    private boolean isDivider(Node node) {
        return node.getStyleClass().contains("split-pane-divider")
                || node.getParent() != null && node.getParent().getStyleClass().contains("split-pane-divider");
    }

    /** Of what keeps its size the pixels, of what grows its share, so that a larger window leaves the first as it is. */
    private void remember() {
        double growing = 0;
        for (int i = 0; i < parts.size(); i++) {
            growing += parts.get(i).grows() ? taken(i) : 0;
        }
        for (int i = 0; i < parts.size(); i++) {
            preferences.setSeam(name + "." + i, parts.get(i).grows() ? taken(i) / growing : taken(i));
        }
    }

    /** How many pixels a part takes now. */
    private double taken(int part) {
        double[] dividers = getDividerPositions();
        double from = part == 0 ? 0 : dividers[part - 1];
        double to = part == dividers.length ? 1 : dividers[part];
        return (to - from) * along();
    }

    private double along() {
        return getOrientation() == Orientation.HORIZONTAL ? getWidth() : getHeight();
    }

    private Part remembered(int index) {
        Part part = parts.get(index);
        double kept = preferences.seam(name + "." + index).orElse(part.px() + part.share());
        return part.grows() ? Part.growing(part.view(), kept) : Part.fixed(part.view(), kept);
    }

    private void place() {
        List<Part> now =
                IntStream.range(0, parts.size()).mapToObj(this::remembered).toList();
        double fixed = now.stream().mapToDouble(Part::px).sum();
        double shares = now.stream().mapToDouble(Part::share).sum();
        double at = 0;
        for (int i = 0; i + 1 < now.size(); i++) {
            Part part = now.get(i);
            at += part.px() + Math.max(0, along() - fixed) * part.share() / shares;
            setDividerPosition(i, Math.clamp(at / along(), 0, 1));
        }
    }
}
