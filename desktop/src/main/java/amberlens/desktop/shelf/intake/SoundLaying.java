package amberlens.desktop.shelf.intake;

import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.work.sounds.KnownSound;
import amberlens.desktop.work.sounds.SoundStore;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Lays sounds into the Line-up as clips: as long as they are, one after the other, as soon as that is known. */
public final class SoundLaying implements Subscription {
    private final Desk desk;
    private final SoundStore store;
    private final Subscription subscription;
    private final List<Waiting> waiting = new ArrayList<>();

    /** Sounds that are still being read. */
    private record Waiting(List<String> media, Seconds start) {}

    /** Lays sounds through the desk's document. */
    public SoundLaying(Desk desk, SoundStore store) {
        this.desk = desk;
        this.store = store;
        subscription = desk.subscribe(this::changed);
    }

    /** At a time of the line-up. */
    public void at(List<Media> sounds, Seconds start) {
        if (sounds.isEmpty()) {
            return;
        }
        var one = new Waiting(
                sounds.stream().map(Media::id).toList(), start.compareTo(Seconds.ZERO) < 0 ? Seconds.ZERO : start);
        if (!lay(one)) {
            waiting.add(one);
            desk.say("Reading " + sounds.getFirst().fileName() + " …");
        }
    }

    /** At the playhead. */
    public void atPlayhead(List<Media> sounds) {
        at(
                sounds,
                Seconds.ofFrames(
                        desk.cursor().playhead(),
                        desk.document().project().frame().rate()));
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.SOUNDS)) {
            List.copyOf(waiting).stream().filter(this::isKnown).forEach(one -> {
                waiting.remove(one);
                lay(one);
            });
        }
    }

    private boolean isKnown(Waiting one) {
        return media(one).stream().allMatch(media -> {
            KnownSound known = store.known(media);
            return known.samples() != null || known.problem().isPresent();
        });
    }

    /** Those that are still on the Shelf. */
    private List<Media> media(Waiting one) {
        return one.media().stream()
                .flatMap(id -> desk.document().project().media(id).stream())
                .toList();
    }

    private boolean lay(Waiting one) {
        if (!isKnown(one)) {
            return false;
        }
        List<Edit> edits = new ArrayList<>();
        Seconds at = one.start();
        for (Media media : media(one)) {
            Samples samples = store.known(media).samples();
            if (samples == null) {
                store.known(media).problem().ifPresent(desk::say);
                continue;
            }
            Seconds length = new Seconds(Math.max(1, samples.length()), Samples.RATE);
            edits.add(SoundEdits.add(media, at, length));
            at = at.plus(length);
        }
        if (!edits.isEmpty()) {
            apply(edits);
        }
        return true;
    }

    private void apply(List<Edit> edits) {
        Set<String> before = ids();
        desk.document().apply(edits.size() == 1 ? edits.getFirst() : Edit.all("sounds", edits));
        Set<String> laid = ids();
        laid.removeAll(before);
        desk.cursor().select(new Selection.Sounds(laid));
        desk.say("");
    }

    private Set<String> ids() {
        return desk.document().project().sounds().stream().map(SoundClip::id).collect(Collectors.toSet());
    }

    @Override
    public void close() {
        subscription.close();
    }
}
