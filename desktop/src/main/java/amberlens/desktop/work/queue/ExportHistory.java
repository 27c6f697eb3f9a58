package amberlens.desktop.work.queue;

import amberlens.desktop.desk.state.Preferences;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportSettings;
import amberlens.media.film.Quality;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;

/** What exports have cost on this machine, each format and quality by itself, kept with the preferences. */
public final class ExportHistory {
    private final Preferences preferences;

    public ExportHistory(Preferences preferences) {
        this.preferences = preferences;
    }

    /** What such exports have cost; empty as long as there was none. */
    public Optional<ExportPace> of(ExportSettings settings) {
        return of(name(settings.format(), settings.fast()), settings.quality());
    }

    private Optional<ExportPace> of(String format, Quality quality) {
        return preferences.exportPace(format, quality.name()).flatMap(ExportPace::read);
    }

    /** One more export has come to its end. */
    public void add(ExportSettings settings, ExportPace cost) {
        ExportPace now = of(settings).map(before -> before.then(cost)).orElse(cost);
        preferences.setExportPace(
                name(settings.format(), settings.fast()), settings.quality().name(), now.written());
    }

    /** The quickest film of this quality, as far as films were made here. */
    public Optional<ExportFormat> quickest(Quality quality) {
        return Arrays.stream(ExportFormat.values())
                .filter(format -> format.film().isPresent())
                .filter(format -> of(format.codec(), quality).isPresent())
                .min(Comparator.comparingDouble(
                        format -> of(format.codec(), quality).orElseThrow().seconds()));
    }

    private static String name(ExportFormat format, boolean fast) {
        return fast ? format.codec() + "-fast" : format.codec();
    }
}
