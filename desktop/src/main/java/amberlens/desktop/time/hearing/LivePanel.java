package amberlens.desktop.time.hearing;

import amberlens.core.edit.edits.Edit;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.Overlay;
import java.util.Optional;
import java.util.function.DoubleConsumer;

/** A dialog whose result is seen, and heard, behind it while its answers change. */
public abstract class LivePanel extends FormPanel {
    /** What the edit is shown in. */
    protected final Desk desk;

    private final Overlay overlay;

    @SuppressWarnings("this-escape")
    protected LivePanel(String title, String main, Desk desk, Overlay overlay) {
        super(title, main, () -> end(desk, overlay));
        this.desk = desk;
        this.overlay = overlay;
    }

    private static void end(Desk desk, Overlay overlay) {
        desk.document().cancel();
        overlay.close();
    }

    /** Shows the dialog, and what it does to begin with. */
    public final void open() {
        overlay.showAbove(this, () -> end(desk, overlay));
        refresh();
    }

    /** What the answers amount to now; empty where nothing can be done yet. */
    protected abstract Optional<Edit> edit();

    /** Shows what the answers amount to. */
    protected final void refresh() {
        try {
            Optional<Edit> edit = edit();
            say("");
            edit.ifPresentOrElse(desk.document()::show, desk.document()::cancel);
        } catch (IllegalArgumentException e) {
            desk.document().cancel();
            say(String.valueOf(e.getMessage()));
        }
    }

    /** A number of the dialog: Enter shows what comes of it, and takes it when nothing has changed since. */
    protected final NumberField number(String id, String hint, double value, DoubleConsumer set) {
        var known = new double[] {value};
        NumberField field = new NumberField(2, hint, typed -> {
                    boolean again = typed == known[0];
                    known[0] = typed;
                    set.accept(typed);
                    refresh();
                    if (again) { // Enter once more
                        tryTake();
                    }
                })
                .keeping();
        field.setId(id);
        field.show(value);
        field.setPrefColumnCount(7);
        return field;
    }

    @Override
    protected final void take() {
        Optional<Edit> edit = edit();
        if (edit.isEmpty()) {
            throw new IllegalArgumentException("Its sound is still being read; wait a moment.");
        }
        desk.document().cancel();
        desk.document().apply(edit.get());
        overlay.close();
    }
}
