package amberlens.desktop.shell.guide;

import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.TextSizes;
import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The guide: its pages at the left, the one that is read beside them. */
public final class GuidePanel extends DialogPanel {
    private static final double INDEX = 180;
    private static final double PAGE = 680;
    private static final double HEIGHT = 480;

    private final Map<String, ToggleButton> index = new LinkedHashMap<>();
    private final ScrollPane page = new ScrollPane();

    /** @param close takes the dialog away */
    public GuidePanel(Runnable close) {
        super("Guide");
        setId("guide");
        VBox list = new VBox(1);
        TextSizes.prefWidth(list, INDEX);
        for (String name : Pages.ALL) {
            ToggleButton row = new ToggleButton(Pages.title(name));
            row.setId("guide-" + name);
            row.getStyleClass().addAll("list-row", "guide-row");
            row.setMaxWidth(Double.MAX_VALUE);
            row.setOnAction(_ -> open(name));
            index.put(name, row);
            list.getChildren().add(row);
        }
        ScrollPane names = new ScrollPane(list);
        names.setFitToWidth(true);
        names.setMinHeight(0);
        page.setFitToWidth(true);
        names.getStyleClass().add("quiet-scroll");
        page.getStyleClass().add("quiet-scroll");
        TextSizes.pref(page, PAGE, HEIGHT);
        HBox both = new HBox(names, page);
        HBox.setHgrow(page, Priority.ALWAYS);
        body(both);
        foot(main("Close", close));
        open(Pages.ALL.getFirst());
    }

    /** Shows a page. */
    private void open(String name) {
        index.forEach((other, row) -> row.setSelected(other.equals(name)));
        page.setContent(new PageView(Pages.read(name), this::open));
        page.setVvalue(0);
    }
}
