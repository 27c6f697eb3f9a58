package amberlens.desktop.picture.lens;

import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.menu.MenuTarget;
import amberlens.desktop.desk.menu.Menus;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.inspector.titles.TitleEditor;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FittingBar;
import amberlens.desktop.kit.style.Icons;
import amberlens.desktop.work.services.Services;
import java.util.EnumSet;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** The Lens with the transport beneath it. */
public final class LensPane extends BorderPane implements Subscription {
    private final Desk desk;
    private final LensSurface surface;
    private final TimeField time;
    private final Label caption = new Label();
    private final Button play;
    private final ToggleButton loop;
    private final Button zoom = new Button();
    private final TitleEditor title;
    private final Subscription subscription;

    public LensPane(Desk desk, Services services, Actions actions, Menus menus) {
        this.desk = desk;
        surface = new LensSurface(desk, services);
        surface.setId("lens-surface");
        time = new TimeField(desk);
        title = new TitleEditor(desk, point -> surface.view().toScreen(point));
        new LensHands(desk, surface, title);
        surface.setOnContextMenuRequested(event -> {
            desk.tools()
                    .setPointed(desk.cursor()
                            .pose()
                            .filter(Pose::isSeen)
                            .map(pose -> pose.toPicture(surface.toFrame(event.getX(), event.getY()))));
            menus.show(MenuTarget.OUTPUT, surface, event);
        });
        play = actions.bind(Icons.button(Feather.PLAY, ""), "play.toggle");
        play.getStyleClass().add("play-button");
        loop = actions.bind(Icons.toggle(Feather.REPEAT, ""), "play.loop");
        setTop(heading(actions));
        setCenter(new StackPane(surface, title));
        setBottom(transport(actions));
        setMinSize(0, 0);
        getStyleClass().add("lens-pane");
        subscription = desk.subscribe(this::changed);
        changed(Changes.EVERYTHING);
    }

    private FittingBar heading(Actions actions) {
        Label title = new Label("Lens");
        title.getStyleClass().add("view-title");
        title.setMinWidth(Region.USE_PREF_SIZE);
        caption.getStyleClass().add("quiet");
        caption.setMinWidth(0);
        actions.bind(zoom, "view.lens-zoom");
        zoom.setId("lens-zoom");
        zoom.getStyleClass().add("lens-zoom");
        ToggleButton path =
                Icons.toggle(Feather.GIT_COMMIT, "The path of the anchor through the frame, with its handles");
        path.setId("lens-path");
        path.setOnAction(_ -> surface.setPath(path.isSelected()));
        var guides = new GuideMenu(desk, surface);
        Button apart = actions.bind(Icons.button(Feather.EXTERNAL_LINK, ""), "lens.window");
        Button full = actions.bind(Icons.button(Feather.MAXIMIZE, ""), "lens.full");
        var heading = new FittingBar(4, title, caption, DialogParts.gap(), path, guides, zoom, apart, full);
        heading.spare(path, apart, full, guides);
        heading.setAlignment(Pos.CENTER_LEFT);
        heading.getStyleClass().add("view-heading");
        return heading;
    }

    private FittingBar transport(Actions actions) {
        Button first = actions.bind(Icons.button(Feather.SKIP_BACK, ""), "go.first");
        Button back = actions.bind(Icons.button(Feather.CHEVRON_LEFT, ""), "go.back");
        Button on = actions.bind(Icons.button(Feather.CHEVRON_RIGHT, ""), "go.on");
        Button last = actions.bind(Icons.button(Feather.SKIP_FORWARD, ""), "go.last");
        var bar = new FittingBar(2, time, DialogParts.gap(), first, back, play, on, last, DialogParts.gap(), loop);
        bar.spare(loop, first, last, back, on);
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("transport");
        return bar;
    }

    /** Says when the first or the last frame of the selected shot is shown. */
    private String end() {
        var shot = desk.cursor().selectedShot().filter(_ -> desk.cursor().insideShot());
        int frame = desk.cursor().shotFrame();
        return shot.isEmpty()
                ? ""
                : frame == 0 ? "first frame" : frame == shot.get().lastFrame() ? "last frame" : "";
    }

    /** Lets the title of a shot be written. */
    public void write(Shot shot) {
        title.begin(shot);
    }

    /** Lets a time be typed. */
    public void askTime() {
        time.begin();
    }

    private void changed(Changes changes) {
        if (!changes.only(EnumSet.of(Change.MESSAGE, Change.FILE))) {
            surface.refresh();
            title.refresh();
        }
        time.refresh();
        double speed = desk.cursor().transport().speed();
        caption.setText(
                desk.cursor().transport().playing() && speed != 1
                        ? String.format(Locale.ROOT, "× %.0f", speed)
                        : end());
        ((FontIcon) play.getGraphic()).setIconCode(desk.cursor().transport().playing() ? Feather.PAUSE : Feather.PLAY);
        loop.setSelected(desk.cursor().transport().looping());
        zoom.setText(desk.tools().lensZoom().words());
    }

    @Override
    public void close() {
        subscription.close();
    }
}
