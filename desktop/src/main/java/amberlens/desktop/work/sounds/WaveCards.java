package amberlens.desktop.work.sounds;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Media;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.ThemeChoice;
import java.util.Optional;
import javafx.scene.image.Image;

/** Whole waves as small pictures, for cards. */
public final class WaveCards {
    private final SoundStore store;
    private final Waves waves = new Waves();

    public WaveCards(SoundStore store) {
        this.store = store;
    }

    /** The wave of a sound, if that is known by now. */
    public Optional<Image> of(Media media, Size size) {
        return store.known(media).peaks().map(peaks -> {
            double perColumn = (double) peaks.length() / size.width();
            return waves.image(
                    peaks,
                    size,
                    0,
                    size.width(),
                    size.height(),
                    Palette.SEA.in(ThemeChoice.DARK),
                    column -> column * perColumn,
                    _ -> 1);
        });
    }

    /** What is to be said of a sound below its name. */
    public String words(Media media) {
        KnownSound known = store.known(media);
        if (known.problem().isPresent()) {
            return "cannot be heard";
        }
        if (known.samples() == null) {
            return "reading …";
        }
        long seconds = Math.round(known.seconds());
        String length = String.format("%d:%02d", seconds / 60, seconds % 60);
        return store.beats(media)
                .filter(grid -> !grid.isEmpty())
                .map(grid -> length + " · " + Math.round(grid.beats().tempo()) + " a minute")
                .orElse(known.isDone() ? length : length + " · beats …");
    }
}
