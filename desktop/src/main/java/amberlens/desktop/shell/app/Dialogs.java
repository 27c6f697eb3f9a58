package amberlens.desktop.shell.app;

import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.dialogs.check.CheckPanel;
import amberlens.desktop.dialogs.export.ExportPanel;
import amberlens.desktop.dialogs.export.QueuePanel;
import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.shell.guide.GuidePanel;
import amberlens.desktop.shell.help.ActionSearch;
import amberlens.desktop.shell.settings.SettingsPanel;
import amberlens.desktop.work.services.Services;
import amberlens.media.export.ExportFormat;
import java.nio.file.Path;
import javafx.scene.layout.Region;
import org.jspecify.annotations.Nullable;

/** The dialogs that are about the whole bench. */
final class Dialogs implements AutoCloseable {
    private final Desk desk;
    private final Services services;
    private final Actions actions;
    private final Overlay overlay;
    private final FileChoice files;
    private @Nullable Subscription listening;

    /** @param files asks where an export goes */
    Dialogs(Desk desk, Services services, Actions actions, Overlay overlay, FileChoice files) {
        this.desk = desk;
        this.services = services;
        this.actions = actions;
        this.overlay = overlay;
        this.files = files;
    }

    /** Opens the table of all shots. */
    void showCheck() {
        showListening(new CheckPanel(desk, services, this::closeListening));
    }

    /** Opens the guide. */
    void showGuide() {
        overlay.show(new GuidePanel(overlay::close), overlay::close);
    }

    /** Opens the settings. */
    void showSettings() {
        overlay.show(new SettingsPanel(desk, actions, overlay::close), overlay::close);
    }

    /** Opens the search over all actions. */
    void showActionSearch() {
        var panel = new ActionSearch(actions, desk.preferences(), overlay);
        overlay.show(panel, panel::escape);
        panel.lookup("#key-search").requestFocus();
    }

    /** Opens the export dialog. */
    void showExport() {
        desk.cursor().transport().setPlaying(false);
        Path folder = desk.document()
                .file()
                .map(file -> file.toAbsolutePath().getParent())
                .orElse(Path.of(System.getProperty("user.home")));
        Path proposed = folder.resolve(desk.document().proposedName() + ExportFormat.MP4_H264.ending());
        ExportPanel panel =
                new ExportPanel(desk, services, proposed, files::exportTo, overlay::close, this::showExports);
        overlay.show(panel, overlay::close);
    }

    /** Opens the list of exports. */
    void showExports() {
        showListening(new QueuePanel(desk, services.exports(), files::showFolder, this::closeListening));
    }

    /** Shows a panel that listens to the desk until it is closed. */
    private <P extends Region & Subscription> void showListening(P panel) {
        closeListening();
        listening = panel;
        overlay.show(panel, this::closeListening);
    }

    private void closeListening() {
        if (listening != null) {
            listening.close();
            listening = null;
            overlay.close();
        }
    }

    /** Takes away whatever dialog stands over the bench, without an answer. */
    @Override
    public void close() {
        closeListening();
        overlay.close();
    }
}
