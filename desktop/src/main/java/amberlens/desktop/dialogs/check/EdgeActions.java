package amberlens.desktop.dialogs.check;

import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.desk.actions.Action.Menu;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.actions.Needs;
import amberlens.desktop.desk.commands.DeskNeeds;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** The actions of the Edges menu. */
public final class EdgeActions {
    private final Actions actions;
    private final Desk desk;
    private final Services services;
    private final Overlay overlay;

    private EdgeActions(Actions actions, Desk desk, Services services, Overlay overlay) {
        this.actions = actions;
        this.desk = desk;
        this.services = services;
        this.overlay = overlay;
    }

    public static void addTo(Actions actions, Desk desk, Services services, Overlay overlay) {
        new EdgeActions(actions, desk, services, overlay).add();
    }

    private void add() {
        Needs shot = DeskNeeds.shot(desk);
        Tools viewing = desk.tools();
        actions.add(Menu.EDGES, "edges.seal", "Seal…", "S", shot, () -> {
            if (viewing.sealing()) {
                desk.document().cancel();
            }
            viewing.setSealing(!viewing.sealing());
        });
        actions.add(Menu.EDGES, "edges.lift", "Seal by lift at once", "Shift+S", shot, this::lift);
        actions.add(Menu.EDGES, "edges.next", "Next open or tightest frame", "E", shot, () -> step(1));
        actions.add(Menu.EDGES, "edges.back", "Previous open or tightest frame", "Shift+E", shot, () -> step(-1));
        setting(
                "edges.keep-inside",
                "Keep inside",
                "I",
                found -> found.settings().keepInside(),
                found -> desk.document()
                        .apply(SettingsEdits.setKeepInside(
                                found.id(), !found.settings().keepInside())));
        setting("edges.fills-frame", "The shot fills the frame", "Shift+I", Shot::fillsFrame, found -> desk.document()
                .apply(InsetEdits.set(desk.cursor().selection().shots(), found.fillsFrame())));
        setting(
                "edges.opaque",
                "Check only the opaque part of the picture",
                "",
                found -> found.settings().opaqueOnly(),
                this::judgeOpaque);
        setting("edges.lock", "Lock the framing against seals", "Shift+L", this::isLocked, this::toggleLock);
        actions.add(
                Menu.EDGES,
                "edges.delivery",
                "Check edges and room for the delivery guide",
                () -> (viewing.judgingDelivery() ? "✓ " : "") + "Check edges and room for the delivery guide",
                "",
                Needs.of("a delivery guide, see View", () -> viewing.delivery().isPresent()),
                () -> viewing.setJudgingDelivery(!viewing.judgingDelivery()));
        actions.add(
                Menu.EDGES,
                "edges.closest",
                "Show the closest sharp framing",
                () -> (viewing.closest() ? "✓ " : "") + "Show the closest sharp framing",
                "Q",
                shot,
                () -> viewing.setClosest(!viewing.closest()));
        actions.add(
                Menu.EDGES,
                "edges.sharpness",
                "Sharpness and output sizes…",
                "Shift+Q",
                shot,
                () -> withShot(
                        found -> overlay.show(new SharpnessPanel(desk, services, overlay, found), overlay::close)));
    }

    private void setting(String id, String words, String keys, Predicate<Shot> on, Consumer<Shot> toggle) {
        actions.add(
                Menu.EDGES,
                id,
                words,
                () -> (desk.cursor().selectedShot().filter(on).isPresent() ? "✓ " : "") + words,
                keys,
                DeskNeeds.shot(desk),
                () -> withShot(toggle));
    }

    private void withShot(Consumer<Shot> action) {
        desk.cursor().selectedShot().ifPresent(action);
    }

    private void lift() {
        withShot(shot -> {
            switch (services.facts().seal(desk.document().project(), shot)) {
                case SealResult.AlreadySealed _ -> desk.say("Every frame of this shot is sealed already.");
                case SealResult.Sealed sealed -> desk.document().apply(SealEdits.accept(shot, SealWay.LIFT, sealed));
                case SealResult.Refused refused -> desk.say("It cannot be sealed: " + refused.reason() + ".");
            }
        });
    }

    /** To the worst frame of the next open span; where none is open, to the next frame that is tighter than its neighbours. */
    private void step(int direction) {
        withShot(shot -> {
            EdgeReport report = services.facts().edges(desk.document().project(), shot);
            List<Integer> frames = report.isSealed()
                    ? tightest(report)
                    : report.open().stream()
                            .map(EdgeReport.OpenSpan::worstFrame)
                            .toList();
            int now = desk.cursor().insideShot() ? desk.cursor().shotFrame() : direction > 0 ? -1 : shot.length();
            int next = direction > 0
                    ? frames.stream().filter(frame -> frame > now).findFirst().orElse(frames.getFirst())
                    : frames.stream()
                            .filter(frame -> frame < now)
                            .reduce((_, later) -> later)
                            .orElse(frames.getLast());
            desk.cursor().seekInShot(next);
        });
    }

    private static List<Integer> tightest(EdgeReport report) {
        List<Integer> frames = IntStream.range(0, report.margins().size())
                .filter(frame -> isTighter(report, frame, -1) && isTighter(report, frame, 1))
                .boxed()
                .toList();
        return frames.isEmpty() ? List.of(report.worstFrame()) : frames;
    }

    /** Of equal neighbours the first counts. */
    private static boolean isTighter(EdgeReport report, int frame, int side) {
        int other = frame + side;
        if (other < 0 || other >= report.margins().size()) {
            return true;
        }
        double own = report.margins().get(frame).framePx();
        double beside = report.margins().get(other).framePx();
        return side < 0 ? own < beside - 1e-9 : own <= beside + 1e-9;
    }

    private int lockFrame() {
        return desk.cursor().selection().part() instanceof Selection.Framing framing
                ? framing.frame()
                : desk.cursor().shotFrame();
    }

    private boolean isLocked(Shot shot) {
        return shot.settings().locked().contains(lockFrame());
    }

    private void toggleLock(Shot shot) {
        if (!isLocked(shot) && !Framings.of(shot.camera()).contains(lockFrame())) {
            desk.say("There is no framing here to lock; go to one, or add one (A).");
        } else {
            desk.document().apply(SettingsEdits.setLocked(shot.id(), lockFrame(), !isLocked(shot)));
        }
    }

    private void judgeOpaque(Shot shot) {
        if (shot.settings().opaqueOnly()) {
            desk.document().apply(SettingsEdits.judgeWhole(shot.id()));
            return;
        }
        Picture picture =
                services.ready().of(PictureRef.of(desk.document().project().mediaOf(shot), 0));
        if (!(picture instanceof Picture.Pixels pixels)) {
            desk.say("The picture is still loading. Try again in a moment.");
            return;
        }
        services.background()
                .start(Work.of(
                        () -> pixels.pyramid().opaqueBounds(),
                        bounds -> bounds.ifPresentOrElse(
                                area -> desk.document().applyBeside(SettingsEdits.judgeOpaque(shot.id(), area)),
                                () -> desk.say("No pixel of this picture is fully opaque."))));
    }
}
