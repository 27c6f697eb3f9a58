package amberlens.desktop.dialogs.check;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pace.Pace;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.services.Services;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.ObservableList;
import javafx.collections.transformation.SortedList;
import javafx.scene.control.SelectionMode;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableRow;
import javafx.scene.control.TableView;
import javafx.scene.image.ImageView;

/** What was found of every shot: first and last frame, length, edges, enlargement, pace, missing pictures. */
final class CheckTable extends TableView<ShotCheck> {
    private static final Size THUMBNAIL = new Size(64, 36);

    private final Desk desk;
    private final Services services;
    private final Consumer<ShotCheck> go;

    /** @param go is told which row was clicked twice */
    CheckTable(Desk desk, Services services, ObservableList<ShotCheck> checks, Consumer<ShotCheck> go) {
        this.desk = desk;
        this.services = services;
        this.go = go;
        columns();
        getSelectionModel().setSelectionMode(SelectionMode.MULTIPLE);
        getStyleClass().add("check-table");
        setId("check-table");
        setRowFactory(_ -> row());
        SortedList<ShotCheck> sorted = new SortedList<>(checks);
        sorted.comparatorProperty().bind(comparatorProperty());
        setItems(sorted);
    }

    boolean soft(ShotCheck check) {
        return !Enlargement.isWithin(
                check.enlargement().percent(), desk.preferences().limitPercent());
    }

    boolean missing(ShotCheck check) {
        return services.ready()
                .problem(desk.document().project().mediaOf(check.shot()))
                .isPresent();
    }

    boolean hasty(ShotCheck check) {
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
        column("Media", 90, this::missing, check -> missing(check) ? "missing" : "");
    }

    private String time(int frames) {
        return Timecode.brief(frames, desk.document().project().frame().rate());
    }

    private String edges(ShotCheck check) {
        if (!check.judged()) {
            return desk.document().project().isTitle(check.shot()) ? "a title" : "need not fill the frame";
        }
        if (check.edges().isSealed() && !check.planes().isSealed()) {
            return "▨ open behind a plane at " + time(check.worstFrame());
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
                : String.format(Locale.ROOT, "%.1f s across%s", seconds, hasty(check) ? ", fast" : "");
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
        getColumns().add(column);
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
                                picture.setPreserveRatio(true);
                                picture.setFitWidth(THUMBNAIL.width());
                                picture.setFitHeight(THUMBNAIL.height());
                                setGraphic(picture);
                            });
                }
            }
        });
        getColumns().add(column);
    }

    private TableRow<ShotCheck> row() {
        TableRow<ShotCheck> row = new TableRow<>();
        row.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2 && !row.isEmpty()) {
                go.accept(row.getItem());
            }
        });
        return row;
    }
}
