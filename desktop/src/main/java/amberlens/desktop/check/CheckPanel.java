package amberlens.desktop.check;

import amberlens.core.check.ShotCheck;
import amberlens.core.edges.Margin;
import amberlens.core.edit.Edit;
import amberlens.core.edit.SealEdits;
import amberlens.core.geometry.Size;
import amberlens.core.model.LineUp;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.pace.Pace;
import amberlens.core.seal.SealResult;
import amberlens.core.seal.SealTerms;
import amberlens.core.seal.SealWay;
import amberlens.core.sharpness.Enlargement;
import amberlens.core.time.Timecode;
import amberlens.core.words.Counted;
import amberlens.desktop.desk.Change;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Selection;
import amberlens.desktop.desk.Subscription;
import amberlens.desktop.services.Services;
import amberlens.desktop.style.Choices;
import amberlens.desktop.style.DialogPanel;
import amberlens.desktop.style.DialogParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.transformation.FilteredList;
import javafx.collections.transformation.SortedList;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.image.ImageView;

/** All shots in one table: first and last frame, length, edges, enlargement, pace, missing pictures. */
public final class CheckPanel extends DialogPanel implements Subscription {
    private static final Size THUMBNAIL = new Size(64, 36);

    /** Which shots are listed. */
    private enum Listed {
        ALL("all shots"),
        OPEN("with an open edge"),
        SOFT("too soft"),
        HASTY("too hasty"),
        MISSING("with a missing picture");

        private final String words;

        Listed(String words) {
            this.words = words;
        }
    }

    private final Desk desk;
    private final Services services;
    private final Runnable close;
    private final ObservableList<ShotCheck> checks = FXCollections.observableArrayList();
    private final FilteredList<ShotCheck> filtered = new FilteredList<>(checks);
    private final TableView<ShotCheck> table = new TableView<>();
    private final Label note = DialogParts.quiet("Checking …");
    private final ComboBox<Listed> listed =
            Choices.of(List.of(Listed.values()), choice -> choice.words, Listed.ALL, "check-listed");
    private final Subscription subscription;
    private final Button seal = new Button("Seal the selected");

    public CheckPanel(Desk desk, Services services, Runnable close) {
        super("Check of all shots");
        this.desk = desk;
        this.services = services;
        this.close = close;
        listed.setOnAction(_ -> filtered.setPredicate(this::isListed));
        beside(DialogParts.quiet("Show"), listed);
        columns();
        table.getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        table.getStyleClass().add("check-table");
        table.setId("check-table");
        table.setRowFactory(_ -> row());
        SortedList<ShotCheck> sorted = new SortedList<>(filtered);
        sorted.comparatorProperty().bind(table.comparatorProperty());
        table.setItems(sorted);
        table.setPlaceholder(DialogParts.quiet("No shot is " + Listed.ALL.words + " here."));
        note.setId("check-note");
        setId("check-panel");
        body(table);
        foot(
                note,
                DialogParts.gap(),
                named(other(seal, this::sealSelected), "check-seal"),
                named(other("Go there", this::goToChosen), "check-go"),
                named(main("Close", close), "check-close"));
        subscription = desk.subscribe(changes -> {
            if (changes.contains(Change.PICTURES)) {
                table.refresh();
            }
        });
        check();
    }

    @Override
    public void close() {
        subscription.close();
    }

    private void check() {
        Project project = desk.document().project();
        services.background().execute(() -> {
            List<ShotCheck> found = LineUp.inTime(project).parallelStream()
                    .map(shot -> ShotCheck.of(project, shot))
                    .toList();
            Platform.runLater(() -> {
                checks.setAll(found);
                table.refresh();
                long open = found.stream().filter(check -> !check.sealed()).count();
                note.setText(
                        open == 0
                                ? found.size() + " shots, every frame of each is sealed."
                                : open + " of " + Counted.of(found.size(), "shot") + (open == 1 ? " has" : " have")
                                        + " an open edge.");
            });
        });
    }

    private boolean soft(ShotCheck check) {
        return !Enlargement.isWithin(
                check.enlargement().percent(), desk.preferences().limitPercent());
    }

    private boolean isListed(ShotCheck check) {
        return switch (listed.getValue()) {
            case ALL -> true;
            case OPEN -> !check.sealed();
            case SOFT -> soft(check);
            case HASTY -> hasty(check);
            case MISSING -> missing(check);
        };
    }

    private boolean missing(ShotCheck check) {
        return services.ready()
                .problem(desk.document().project().mediaOf(check.shot()))
                .isPresent();
    }

    private boolean hasty(ShotCheck check) {
        return crossing(check) < Pace.CALM_CROSSING_SECONDS;
    }

    private double crossing(ShotCheck check) {
        return check.fastest()
                .crossingSeconds(
                        desk.document().project().frameSize(),
                        desk.document().project().frame().rate());
    }

    private void columns() {
        thumbnail("First", 0);
        thumbnail("Last", 1);
        column("Shot", 190, check -> check.shot().name(), check -> check.shot().name());
        column(
                "Length",
                70,
                check -> check.shot().length(),
                check -> time(check.shot().length()));
        column("Edges", 210, check -> check.judged() ? check.edges().worst().framePx() : 1e9, this::edges);
        column(
                "Enlargement",
                130,
                check -> check.enlargement().percent(),
                check -> String.format(
                        Locale.ROOT, "%.0f %%%s", check.enlargement().percent(), soft(check) ? ", soft" : ""));
        column("Pace", 120, this::crossing, this::pace);
        column("Picture", 90, this::missing, check -> missing(check) ? "missing" : "there");
    }

    private String time(int frames) {
        return Timecode.brief(frames, desk.document().project().frame().rate());
    }

    private String edges(ShotCheck check) {
        if (!check.judged()) {
            return desk.document().project().isTitle(check.shot()) ? "a title" : "not meant to fill the frame";
        }
        return check.sealed()
                ? String.format(
                        Locale.ROOT,
                        "sealed, %.0f px to spare",
                        Math.max(0, check.edges().worst().framePx()))
                : "▨ open at " + time(check.edges().worstFrame())
                        + open(check.edges().worst());
    }

    private static String open(Margin worst) {
        return worst.unseen().isPresent()
                ? ": " + worst.reason()
                : String.format(Locale.ROOT, " by %.0f px", Math.max(1, -worst.framePx()));
    }

    private String pace(ShotCheck check) {
        double seconds = crossing(check);
        return seconds > 999
                ? "still"
                : String.format(Locale.ROOT, "%.1f s across%s", seconds, hasty(check) ? ", hasty" : "");
    }

    private <T extends Comparable<T>> void column(
            String title, double width, Function<ShotCheck, T> order, Function<ShotCheck, String> words) {
        TableColumn<ShotCheck, ShotCheck> column = new TableColumn<>(title);
        column.setPrefWidth(width);
        column.setComparator((a, b) -> order.apply(a).compareTo(order.apply(b)));
        column.setCellValueFactory(row -> new SimpleObjectProperty<>(row.getValue()));
        column.setCellFactory(_ -> new TableCell<>() {
            @Override
            protected void updateItem(ShotCheck check, boolean empty) {
                super.updateItem(check, empty);
                setText(empty || check == null ? "" : words.apply(check));
            }
        });
        table.getColumns().add(column);
    }

    private void thumbnail(String title, int end) {
        TableColumn<ShotCheck, ShotCheck> column = new TableColumn<>(title);
        column.setPrefWidth(78);
        column.setSortable(false);
        column.setCellValueFactory(row -> new SimpleObjectProperty<>(row.getValue()));
        column.setCellFactory(_ -> new TableCell<>() {
            private final ImageView picture = new ImageView();

            @Override
            protected void updateItem(ShotCheck check, boolean empty) {
                super.updateItem(check, empty);
                setGraphic(null);
                if (!empty && check != null) {
                    Shot shot = check.shot();
                    services.thumbnails()
                            .framing(desk.document().project(), shot, end == 0 ? 0 : shot.lastFrame(), THUMBNAIL)
                            .ifPresent(image -> {
                                picture.setImage(image);
                                picture.setFitWidth(THUMBNAIL.width());
                                picture.setFitHeight(THUMBNAIL.height());
                                setGraphic(picture);
                            });
                }
            }
        });
        table.getColumns().add(column);
    }

    private TableRow<ShotCheck> row() {
        TableRow<ShotCheck> row = new TableRow<>();
        row.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2 && !row.isEmpty()) {
                goTo(row.getItem());
            }
        });
        return row;
    }

    /** To the frame of a shot that is furthest open, or to its first. */
    private void goToChosen() {
        goTo(table.getSelectionModel().getSelectedItem());
    }

    private void goTo(ShotCheck check) {
        if (check == null) {
            return;
        }
        desk.cursor().select(Selection.shot(check.shot().id()));
        desk.cursor().seekInShot(check.sealed() ? 0 : check.edges().worstFrame());
        close.run();
    }

    /** Seals by least change, and by lift where that cannot do it; says which shots refuse. */
    private void sealSelected() {
        List<ShotCheck> chosen = new ArrayList<>(table.getSelectionModel().getSelectedItems());
        if (chosen.isEmpty()) {
            chosen.addAll(filtered);
        }
        Project project = desk.document().project();
        SealTerms terms = SealTerms.limit(desk.preferences().limitPercent());
        seal.setDisable(true);
        note.setText("Sealing …");
        services.background().execute(() -> {
            List<Edit> edits = new ArrayList<>();
            List<String> refused = new ArrayList<>();
            for (ShotCheck check : chosen) {
                if (!check.sealed()) {
                    seal(project, check.shot(), terms, edits, refused);
                }
            }
            Platform.runLater(() -> {
                seal.setDisable(false);
                if (!edits.isEmpty()) {
                    desk.document()
                            .apply(Edit.all(
                                    "seal of " + edits.size() + (edits.size() == 1 ? " shot" : " shots"), edits));
                }
                check();
                if (!refused.isEmpty()) {
                    note.setText(refused.getFirst());
                }
            });
        });
    }

    private static void seal(Project project, Shot shot, SealTerms terms, List<Edit> edits, List<String> refused) {
        for (SealWay way : List.of(SealWay.LEAST, SealWay.LIFT)) {
            SealResult result = SealEdits.seal(project, shot, way, terms);
            if (result instanceof SealResult.Sealed sealed) {
                edits.add(SealEdits.accept(shot, way, sealed));
                return;
            }
            if (result instanceof SealResult.Refused refusal && way == SealWay.LIFT) {
                refused.add(shot.name() + ": " + refusal.reason() + ".");
            }
        }
    }
}
