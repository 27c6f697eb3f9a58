package amberlens.desktop.work.services;

import amberlens.core.material.shake.Shake;
import amberlens.desktop.work.background.Background;
import amberlens.project.ShakeFile;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** The shakes that somebody has kept, beside those that come with the application. Lives on the interface thread. */
public final class KeptShakes {
    private static final KeptFiles.Format<Shake> FILES =
            new KeptFiles.Format<>(ShakeFile.ENDING, Shake::name, ShakeFile::open, ShakeFile::save);

    private final KeptHere<Shake> kept;
    private final List<Runnable> told = new ArrayList<>();

    /**
     * @param settings the folder of settings
     * @param said shows a sentence in the status line
     */
    public KeptShakes(Path settings, Background background, Consumer<String> said) {
        kept = new KeptHere<>(
                new KeptFiles<>(settings.resolve("shakes"), FILES), background, said, () -> List.copyOf(told)
                        .forEach(Runnable::run));
    }

    /** Says whom to tell when there are others. */
    public void whenChanged(Runnable tell) {
        told.add(tell);
    }

    public List<KeptFiles.Kept<Shake>> all() {
        return kept.all();
    }

    public void keep(Shake shake) {
        kept.keep(shake, "The shake is kept on the Shelf, in Moves, as \"" + shake.name() + "\".");
    }

    public void remove(KeptFiles.Kept<Shake> one) {
        kept.remove(one);
    }
}
