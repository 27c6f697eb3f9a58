package amberlens.desktop.dialogs.proof;

import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.dialogs.session.FileChoice;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.services.Services;

/** The action that writes the proof. */
public final class ProofActions {
    private ProofActions() {}

    public static void addTo(Actions actions, Desk desk, Services services, Overlay overlay, FileChoice files) {
        actions.add(Menu.PROJECT, "project.proof", "Proof…", "", DeskNeeds.shots(desk), () -> files.proofTo(
                        desk.document().proposedName() + " proof.html")
                .ifPresent(file -> show(new ProofPanel(desk, services, overlay, file), overlay)));
    }

    private static void show(ProofPanel panel, Overlay overlay) {
        overlay.show(panel, panel::escape);
        panel.write();
    }
}
