package amberlens.desktop.shelf.panes;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.traced.ShakeEdits;
import amberlens.core.edit.traced.TracedWish.NoRoom;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.StockShake;
import amberlens.core.material.trace.Stand;
import amberlens.core.material.trace.Trace;
import amberlens.core.model.project.Project;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.services.KeptFiles;
import amberlens.desktop.work.services.KeptShakes;
import amberlens.desktop.work.services.Services;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** The shakes on the Shelf: those that come with the application and those that were kept. A click puts one under the selected shots' moves. */
final class ShakeCards {
    private static final double USUAL = 100;

    /** So much larger than it is, no edge is seen in a preview. */
    private static final double CLOSER = 1.08;

    private final Desk desk;
    private final Services services;
    private final KeptShakes kept;

    ShakeCards(Desk desk, Services services, KeptShakes kept) {
        this.desk = desk;
        this.services = services;
        this.kept = kept;
    }

    /** A card for each, with what it shows. */
    Map<MoveCard, Shake> cards() {
        Map<MoveCard, Shake> cards = new LinkedHashMap<>();
        for (StockShake stock : StockShake.values()) {
            cards.put(
                    new MoveCard(
                            "shake-" + stock.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            stock.words(),
                            stock.use(),
                            () -> give(stock.shake())),
                    stock.shake());
        }
        for (KeptFiles.Kept<Shake> one : kept.all()) {
            Shake shake = one.what();
            var card = new MoveCard(
                    "own-shake-" + shake.name().toLowerCase(Locale.ROOT).replace(' ', '-'),
                    shake.name(),
                    "a shake you have kept",
                    () -> give(shake));
            KeptMenu.on(card, "shake", one.file(), desk::say, () -> kept.remove(one));
            cards.put(card, shake);
        }
        return cards;
    }

    private void give(Shake shake) {
        Set<String> shots = desk.cursor().selection().shots();
        if (shots.isEmpty()) {
            desk.say("Make a shot first; a shake is put under the moves of the selected shots.");
            return;
        }
        Project project = desk.document().settled();
        double limit = desk.preferences().limitPercent();
        services.background()
                .start(Work.of(
                        () -> ShakeEdits.plan(project, shots, Optional.of(shake), USUAL, 0, NoRoom.SEALED, limit),
                        plan -> {
                            plan.edit().ifPresent(desk.document()::apply);
                            desk.say(shake.name() + " under the move. " + String.join(" ", plan.remarks()));
                        }));
    }

    /**
     * What a preview shows: a picture that is shaken in as much time as the preview takes.
     *
     * @param pose of the picture at rest
     * @param seconds that the preview takes
     */
    static CameraTrack preview(Shake shake, Pose pose, Size frame, int length, double seconds) {
        List<Stand> stands = IntStream.range(0, length)
                .mapToObj(at -> shake.at(seconds * at / Math.max(1, length - 1)))
                .toList();
        return new Trace(frame, shake.rate(), 0, stands, false, 0)
                .camera(frame, pose.zoomedAbout(frame.centre(), CLOSER));
    }
}
