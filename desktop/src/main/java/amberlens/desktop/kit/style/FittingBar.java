package amberlens.desktop.kit.style;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/**
 * A row that leaves out what it can do without when there is not room for all: what was named first goes first. Everything in it is
 * reached by the search over all actions, too.
 */
public class FittingBar extends HBox {
    private final List<Node> spare = new ArrayList<>();
    private final Map<Node, Node> instead = new LinkedHashMap<>();
    private final Set<Node> unwanted = new HashSet<>();

    public FittingBar(double spacing, Node... children) {
        super(spacing, children);
        setMinWidth(0);
    }

    /** What goes when there is no room, the first first. */
    public final void spare(Node... nodes) {
        spare.addAll(List.of(nodes));
    }

    /** What stands there instead of something that had to go. */
    public final void instead(Node gone, Node substitute) {
        instead.put(gone, substitute);
    }

    /** Whether something is to be shown at all. */
    public final void want(Node node, boolean wanted) {
        if (wanted ? unwanted.remove(node) : unwanted.add(node)) {
            requestLayout();
        }
    }

    @Override
    protected double computeMinWidth(double height) {
        return 0;
    }

    @Override
    protected void layoutChildren() {
        double room = getWidth() - snappedLeftInset() - snappedRightInset();
        Set<Node> gone = new HashSet<>();
        for (int i = 0; i < spare.size() && needed(gone) > room; i++) {
            gone.add(spare.get(i));
        }
        for (Node child : getChildren()) {
            show(child, isShown(child, gone));
        }
        super.layoutChildren();
    }

    private boolean isShown(Node child, Set<Node> gone) {
        boolean substitute = instead.containsValue(child);
        boolean called = instead.entrySet().stream()
                .anyMatch(entry -> entry.getValue() == child && gone.contains(entry.getKey()));
        return !unwanted.contains(child) && !gone.contains(child) && (!substitute || called);
    }

    /** What is left takes so much; what says how small it may be counts as little as that. */
    private double needed(Set<Node> gone) {
        double sum = -getSpacing();
        for (Node child : getChildren()) {
            if (isShown(child, gone)) {
                double wanted = Math.max(child.minWidth(-1), child.prefWidth(-1));
                double least = child instanceof Region region && region.getMinWidth() >= 0
                        ? Math.min(wanted, region.getMinWidth())
                        : wanted;
                sum += least + getSpacing();
            }
        }
        return sum;
    }

    private static void show(Node child, boolean shown) {
        if (child.isManaged() != shown) {
            child.setManaged(shown);
            child.setVisible(shown);
        }
    }
}
