package amberlens.media.sound;

import amberlens.core.material.sound.Samples;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.hearing.Hearing.Wanted;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.media.picture.AnimatedWebp;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/** The sounds that a project needs, decoded. What cannot be read is silent, and named; footage without sound is just silent. */
public final class SoundShelf implements Hearing.Source, AutoCloseable {
    private final Map<Wanted, DecodedSound> decoded = new LinkedHashMap<>();
    private final List<String> problems = new ArrayList<>();

    /**
     * Decodes what is heard of a project.
     *
     * @param goesOn asked again and again whether to go on; when not, what is left is silent
     */
    public SoundShelf(Project project, BooleanSupplier goesOn) {
        for (Wanted wanted : Hearing.wanted(project)) {
            Media media = project.media(wanted.media()).orElseThrow();
            boolean played =
                    project.sounds().stream().anyMatch(clip -> clip.media().equals(media.id()));
            if (played || !isSilent(media)) {
                decode(media, wanted, goesOn);
            }
        }
    }

    /** Whether media can be read, but hold no sound. */
    public static boolean isSilent(Media media) {
        return !media.sounds() || isSilent(Path.of(media.path()));
    }

    /** Likewise a file. */
    public static boolean isSilent(Path file) {
        return AnimatedWebp.is(file) || SoundStream.isSilent(file);
    }

    private void decode(Media media, Wanted wanted, BooleanSupplier goesOn) {
        try {
            DecodedSound sound = DecodedSound.of(Path.of(media.path()), wanted.tempo(), goesOn);
            decoded.put(wanted, sound);
            if (sound.facts().damaged()) {
                problems.add(media.fileName() + " is damaged; what could be decoded of its sound is heard.");
            }
        } catch (FileProblem e) {
            problems.add(e.getMessage() + " It is silent.");
        }
    }

    @Override
    public @Nullable Samples of(Wanted wanted) {
        return decoded.get(wanted);
    }

    /** What could not be read, for people. */
    public List<String> problems() {
        return List.copyOf(problems);
    }

    @Override
    public void close() {
        decoded.values().forEach(DecodedSound::close);
    }
}
