package amberlens.desktop.desk.menu;

import amberlens.desktop.desk.actions.Action;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.kit.style.Hint;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.ContextMenuEvent;

/** Makes menus of actions. What cannot be done now stays there, muted; pointed at or chosen it says why. */
public final class Menus {

    private static final String ON = "✓ ";

    private final Actions actions;
    private final Supplier<List<Path>> recent;
    private final Consumer<Path> opener;
    private final ContextMenu atPointer = new ContextMenu();

    /**
     * @param recent the projects opened lately
     * @param opener opens one of them
     */
    public Menus(Actions actions, Supplier<List<Path>> recent, Consumer<Path> opener) {
        this.actions = actions;
        this.recent = recent;
        this.opener = opener;
        atPointer.setId("at-pointer");
    }

    /** All menus side by side. */
    public MenuBar bar() {
        MenuBar bar = new MenuBar();
        bar.getMenus().addAll(all());
        return bar;
    }

    /** All menus inside one, where there is little room. */
    public MenuBar narrowBar() {
        Menu whole = new Menu("Menu");
        whole.setId("menu-all");
        whole.getItems().addAll(all());
        return new MenuBar(whole);
    }

    private List<Menu> all() {
        return List.of(Action.Menu.values()).stream().map(this::menu).toList();
    }

    private Menu menu(Action.Menu kind) {
        Menu menu = new Menu(kind.word());
        menu.setId("menu-" + kind.word().toLowerCase(Locale.ROOT));
        menu.getItems().add(new MenuItem());
        menu.setOnShowing(event -> {
            if (event.getTarget() == menu) {
                menu.getItems().setAll(items(MenuPlan.of(kind)));
            }
        });
        menu.setOnShown(_ -> explain(menu.getItems()));
        return menu;
    }

    /** Shows what can be done with what is pointed at. */
    public void show(MenuTarget spot, Node on, ContextMenuEvent event) {
        atPointer.getItems().setAll(items(MenuPlan.of(spot)));
        atPointer.show(on, event.getScreenX(), event.getScreenY());
        explain(atPointer.getItems());
        event.consume();
    }

    private List<MenuItem> items(List<Entry> entries) {
        return entries.stream().map(this::item).toList();
    }

    private MenuItem item(Entry entry) {
        return switch (entry) {
            case Entry.Does does -> doing(actions.get(does.action()));
            case Entry.Line _ -> new SeparatorMenuItem();
            case Entry.Inner inner -> inner(inner.word(), items(inner.entries()));
            case Entry.Recent _ ->
                inner("Recent", recent.get().stream().map(this::opening).toList());
        };
    }

    private static Menu inner(String word, List<MenuItem> items) {
        Menu menu = new Menu(word);
        menu.setId("inner-" + word.toLowerCase(Locale.ROOT).replace(' ', '-'));
        shorten(items);
        menu.getItems().setAll(items);
        menu.setDisable(items.isEmpty());
        menu.setOnShown(_ -> explain(menu.getItems()));
        return menu;
    }

    /** What all items would begin with, as in "Ease: linear", the menu that they stand in has said already. */
    private static void shorten(List<MenuItem> items) {
        List<String> beginnings = items.stream()
                .map(item -> item.getText().replace(ON, ""))
                .map(text -> text.substring(0, text.indexOf(": ") + 1))
                .distinct()
                .toList();
        if (beginnings.size() == 1 && !beginnings.getFirst().isEmpty()) {
            items.forEach(item -> item.setText(item.getText().replace(beginnings.getFirst() + " ", "")));
        }
    }

    private MenuItem opening(Path file) {
        MenuItem item = new MenuItem(file.toString());
        item.setMnemonicParsing(false);
        item.setOnAction(_ -> opener.accept(file));
        return item;
    }

    private MenuItem doing(Action action) {
        MenuItem item = new MenuItem(action.menuText().get());
        item.setMnemonicParsing(false);
        item.setId("item-" + action.id().replace('.', '-'));
        action.shortcut().ifPresent(item::setAccelerator);
        item.setUserData(action);
        if (!action.isPossible()) {
            item.getStyleClass().add("impossible");
        }
        item.setOnAction(_ -> actions.run(action.id()));
        return item;
    }

    /** Items have a place on the screen, and with it a tooltip, only once they are shown. */
    private static void explain(List<MenuItem> items) {
        for (MenuItem item : items) {
            Node shown = item.getStyleableNode();
            if (shown != null && item.getUserData() instanceof Action action && !action.isPossible()) {
                Hint.of(shown, action.refusal());
            }
        }
    }
}
