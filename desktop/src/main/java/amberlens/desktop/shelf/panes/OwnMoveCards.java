package amberlens.desktop.shelf.panes;

import amberlens.core.edit.ready.OwnMove;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.services.KeptFiles;
import amberlens.desktop.work.services.KeptHere;
import amberlens.desktop.work.services.Services;
import amberlens.project.MoveFile;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** The moves that somebody has kept, as cards beside the ready ones. */
final class OwnMoveCards {
    private static final KeptFiles.Format<OwnMove> FILES =
            new KeptFiles.Format<>(MoveFile.ENDING, OwnMove::name, MoveFile::open, MoveFile::save);

    private final Desk desk;
    private final KeptHere<OwnMove> own;

    /** @param onChange called when there are others */
    OwnMoveCards(Desk desk, Services services, Path settings, Runnable onChange) {
        this.desk = desk;
        own = new KeptHere<>(
                new KeptFiles<>(settings.resolve("moves"), FILES), services.background(), desk::say, onChange);
    }

    /**
     * A card for each, with its move.
     *
     * @param give gives a move to the selected shots
     */
    Map<MoveCard, OwnMove> cards(Consumer<OwnMove> give) {
        Map<MoveCard, OwnMove> cards = new LinkedHashMap<>();
        for (KeptFiles.Kept<OwnMove> kept : own.all()) {
            OwnMove move = kept.what();
            var card = new MoveCard(
                    "own-" + move.name().toLowerCase(Locale.ROOT).replace(' ', '-'),
                    move.name(),
                    "a move you have kept",
                    () -> give.accept(move));
            KeptMenu.on(card, "move", kept.file(), desk::say, () -> own.remove(kept));
            cards.put(card, move);
        }
        return cards;
    }

    /** Keeps the move of the selected shot. */
    void keepSelected() {
        Optional<Shot> shot = desk.cursor().selectedShot();
        if (shot.isEmpty()) {
            desk.say("There is no shot whose move could be kept.");
            return;
        }
        Project project = desk.document().project();
        own.keep(
                new OwnMove(
                        shot.get().name() + " move",
                        shot.get().camera(),
                        project.mediaOf(shot.get()).size(),
                        project.frameSize(),
                        shot.get().length(),
                        !shot.get().fillsFrame()),
                "The move is kept among the ready moves as \"" + shot.get().name() + " move\".");
    }

    /** Brings a move from a file among them. */
    void take(OwnMove move) {
        own.keep(move, "");
    }
}
