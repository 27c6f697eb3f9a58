package amberlens.desktop.dialogs.arrange;

import amberlens.core.edit.ready.ArrangedMoves;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.Project;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.work.services.Services;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What one shot would get: its picture with the way, the move's name, what it aims at, and ways to have another one. */
final class ArrangeCard extends VBox {
    /** The width of a picture: at least, at most, and from one to the next that is chosen of. */
    static final double NARROWEST = 256;

    static final double WIDEST = 512;
    static final double STEP = 32;

    private static final double SHAPE = 158 / 256.0;

    /** What a card has beside and below its picture. */
    private static final double BESIDE = 20;

    private static final double BELOW = 106;

    private static final PseudoClass OPEN = PseudoClass.getPseudoClass("open");
    private static final PseudoClass MARKED = PseudoClass.getPseudoClass("marked");

    private final CardPicture picture;
    private final Label name = DialogParts.strong("");
    private final Label aim = DialogParts.quiet("");
    private final Label facts = DialogParts.quiet("");
    private final ToggleButton lock = new ToggleButton("Lock");
    private Optional<Arranged.Card> card = Optional.empty();

    /**
     * @param change takes the id of the shot and what it asks for instead
     */
    ArrangeCard(
            Services services,
            Project project,
            String shot,
            double limit,
            BiConsumer<String, ArrangedMoves.Choice> change) {
        picture = new CardPicture(services, project);
        aim.getStyleClass().add("card-aim");
        Button other = small("Other");
        other.setId("arrange-other-" + shot);
        other.setOnAction(_ -> card.ifPresent(now -> change.accept(
                shot, now.choice().other(amberlens.core.edit.edits.ReadyEdits.stage(project, now.shot(), limit)))));
        Hint.of(other, "The next move that suits this picture.");
        Button turn = small("Turn round");
        turn.setId("arrange-turn-" + shot);
        turn.setOnAction(
                _ -> card.ifPresent(now -> change.accept(shot, now.choice().turned())));
        Hint.of(turn, "The other way: away instead of closer, or to the other side.");
        lock.getStyleClass().add("small-toggle");
        lock.setId("arrange-lock-" + shot);
        lock.selectedProperty().subscribe(on -> lock.setText(on ? "Locked" : "Lock"));
        Hint.of(lock, "Keeps this move while the others change.");
        facts.setMinWidth(0);
        var title = new HBox(6, name, DialogParts.gap(), facts);
        title.setAlignment(Pos.CENTER_LEFT);
        var ways = new HBox(6, lock, other, turn);
        ways.setAlignment(Pos.CENTER_LEFT);
        name.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().addAll(picture, title, aim, ways);
        setSpacing(5);
        getStyleClass().add("arrange-card");
        setId("arrange-card-" + shot);
        this.limit = limit;
        fit(NARROWEST);
    }

    private final double limit;

    /** Makes its picture so wide. */
    void fit(double width) {
        double height = Math.round(SHAPE * width);
        picture.setMinSize(width, height);
        picture.setPrefSize(width, height);
        picture.setMaxSize(width, height);
        TextSizes.maxWidth(this, width + BESIDE);
    }

    /** How wide the pictures of so many cards can be, so that all cards are seen at once; the narrowest where they cannot. */
    static double fitting(int cards, double width, double height, double gap) {
        for (double picture = WIDEST; picture > NARROWEST; picture -= STEP) {
            int columns = (int) ((width + gap) / (picture + BESIDE + gap));
            int rows = columns < 1 ? Integer.MAX_VALUE : (cards + columns - 1) / columns;
            if (rows * (SHAPE * picture + BELOW + gap) - gap <= height) {
                return picture;
            }
        }
        return NARROWEST;
    }

    private static Button small(String words) {
        Button button = new Button(words);
        button.getStyleClass().addAll("small-button", "quiet-button");
        return button;
    }

    boolean isLocked() {
        return lock.isSelected();
    }

    Optional<ArrangedMoves.Choice> choice() {
        return card.map(Arranged.Card::choice);
    }

    void show(Arranged.Card now) {
        card = Optional.of(now);
        picture.show(now);
        name.setText(now.choice().move().words());
        aim.setText(now.refusal().map(why -> "not given: " + why).orElse(now.aim()));
        aim.pseudoClassStateChanged(MARKED, now.marked());
        boolean soft = !Enlargement.isWithin(now.percent(), limit);
        String size = String.format(Locale.ROOT, "%.0f %%", now.percent());
        facts.setText(now.refusal().isPresent() ? "" : size + (soft ? ", soft" : "") + (now.cuts() ? ", cut" : ""));
        facts.pseudoClassStateChanged(OPEN, soft || now.cuts());
        setAccessibleText(now.shot().name() + ": " + name.getText() + ", " + aim.getText() + ", " + facts.getText());
    }

    void play(double part) {
        picture.play(part);
    }

    void refresh() {
        picture.redraw();
    }
}
