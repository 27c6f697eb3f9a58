package amberlens.desktop.shell.guide;

import amberlens.desktop.kit.style.TextSizes;
import java.util.function.Consumer;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.CustomBlock;
import org.commonmark.node.CustomNode;
import org.commonmark.node.Emphasis;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.Heading;
import org.commonmark.node.Link;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;

/** A page of the guide as it is read. */
final class PageView extends VBox {
    private static final double WIDTH = 620;
    private static final double MARGINS = 36;
    private static final String ENDING = ".md";

    private final Consumer<String> go;

    /** @param go opens another page, by its name */
    PageView(Node page, Consumer<String> go) {
        this.go = go;
        setSpacing(10);
        getStyleClass().add("guide-page");
        setMinWidth(0);
        TextSizes.maxWidth(this, WIDTH);
        blocks(page, this);
    }

    private void blocks(Node parent, Pane into) {
        for (Node block = parent.getFirstChild(); block != null; block = block.getNext()) {
            block.accept(new Blocks(into));
        }
    }

    /** One block after the other. */
    private final class Blocks extends AbstractVisitor {
        private final Pane into;

        Blocks(Pane into) {
            this.into = into;
        }

        @Override
        public void visit(Heading heading) {
            into.getChildren().add(flow(heading, heading.getLevel() == 1 ? "guide-title" : "guide-heading"));
        }

        @Override
        public void visit(Paragraph paragraph) {
            if (paragraph.getFirstChild() instanceof org.commonmark.node.Image image) {
                picture(image);
            } else {
                into.getChildren().add(flow(paragraph, "guide-text"));
            }
        }

        private void picture(org.commonmark.node.Image image) {
            Pages.picture(image.getDestination()).ifPresent(address -> {
                ImageView view = new ImageView(new Image(address, true));
                view.setPreserveRatio(true);
                view.setSmooth(true);
                view.fitWidthProperty().bind(widthProperty().subtract(MARGINS));
                view.setAccessibleText(
                        image.getFirstChild() instanceof org.commonmark.node.Text text ? text.getLiteral() : "");
                into.getChildren().add(view);
            });
        }

        @Override
        public void visit(FencedCodeBlock code) {
            Label lines = new Label(code.getLiteral().stripTrailing());
            lines.getStyleClass().add("guide-code");
            lines.setMaxWidth(Double.MAX_VALUE);
            lines.setWrapText(true);
            into.getChildren().add(lines);
        }

        @Override
        public void visit(BulletList list) {
            items(list, false);
        }

        @Override
        public void visit(OrderedList list) {
            items(list, true);
        }

        private void items(Node list, boolean numbered) {
            int number = 1;
            for (Node item = list.getFirstChild(); item instanceof ListItem; item = item.getNext()) {
                Label mark = new Label(numbered ? number++ + "." : "•");
                mark.setMinWidth(USE_PREF_SIZE);
                mark.getStyleClass().add("guide-mark");
                VBox words = new VBox(4);
                HBox.setHgrow(words, Priority.ALWAYS);
                blocks(item, words);
                into.getChildren().add(new HBox(8, mark, words));
            }
        }

        @Override
        public void visit(CustomBlock block) {
            if (block instanceof TableBlock) {
                var rows = new Rows();
                block.accept(rows);
                into.getChildren().add(rows.grid);
            }
        }
    }

    /** The rows of a table. */
    private final class Rows extends AbstractVisitor {
        private final GridPane grid = new GridPane();
        private int row = -1;
        private int column;

        Rows() {
            grid.getStyleClass().add("guide-table");
        }

        @Override
        public void visit(CustomBlock block) {
            visitChildren(block);
        }

        @Override
        public void visit(CustomNode node) {
            if (node instanceof TableRow) {
                row++;
                column = 0;
                visitChildren(node);
            } else if (node instanceof TableCell cell) {
                TextFlow words = flow(cell, cell.isHeader() ? "guide-cell-head" : "guide-text");
                GridPane.setHgrow(words, Priority.ALWAYS);
                grid.add(words, column++, row);
            } else {
                visitChildren(node);
            }
        }
    }

    private TextFlow flow(Node parent, String style) {
        TextFlow flow = new TextFlow();
        flow.getStyleClass().add(style);
        parent.accept(new AbstractVisitor() {
            private String kind = "";

            private void words(String text, String more) {
                Text words = new Text(text);
                words.getStyleClass().add("guide-words");
                if (!more.isEmpty()) {
                    words.getStyleClass().add(more);
                }
                flow.getChildren().add(words);
            }

            @Override
            public void visit(org.commonmark.node.Text text) {
                words(text.getLiteral(), kind);
            }

            @Override
            public void visit(SoftLineBreak line) {
                words(" ", kind);
            }

            @Override
            public void visit(Code code) {
                words(code.getLiteral(), "guide-inline-code");
            }

            @Override
            public void visit(StrongEmphasis strong) {
                within("strong", strong);
            }

            @Override
            public void visit(Emphasis emphasis) {
                within("guide-emphasis", emphasis);
            }

            private void within(String style, Node node) {
                String before = kind;
                kind = style;
                visitChildren(node);
                kind = before;
            }

            @Override
            public void visit(Link link) {
                String to = link.getDestination();
                String text = link.getFirstChild() instanceof org.commonmark.node.Text words ? words.getLiteral() : to;
                if (to.startsWith("action:")) {
                    words(text, "guide-keys");
                } else if (to.endsWith(ENDING)) {
                    Hyperlink other = new Hyperlink(text);
                    other.getStyleClass().add("guide-link");
                    other.setOnAction(_ -> go.accept(to.substring(0, to.length() - ENDING.length())));
                    flow.getChildren().add(other);
                } else {
                    words(text, kind);
                }
            }
        });
        return flow;
    }
}
