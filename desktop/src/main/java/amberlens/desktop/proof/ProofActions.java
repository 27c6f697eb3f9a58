package amberlens.desktop.proof;

import amberlens.desktop.actions.Action.Menu;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.commands.DeskNeeds;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.services.Services;
import amberlens.desktop.session.FileChoice;
import amberlens.desktop.style.Overlay;

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
