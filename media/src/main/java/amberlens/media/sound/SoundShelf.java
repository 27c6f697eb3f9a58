package amberlens.media.sound;

import amberlens.core.model.FileProblem;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.sound.Samples;
import amberlens.core.sound.SoundClip;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The sounds of a project that its clips play, decoded. What cannot be read is silent, and named. */
public final class SoundShelf implements AutoCloseable {
    private final Map<String, DecodedSound> decoded = new LinkedHashMap<>();
    private final List<String> problems = new ArrayList<>();

    /**
     * Decodes what the clips of a project play.
     *
     * @param goesOn asked again and again whether to go on; when not, what is left is silent
     */
    public SoundShelf(Project project, BooleanSupplier goesOn) {
        Set<String> played = project.sounds().stream()
                .filter(clip -> !clip.mute())
                .map(SoundClip::media)
                .collect(Collectors.toSet());
        for (Media media : project.media()) {
            if (played.contains(media.id())) {
                decode(media, goesOn);
            }
        }
    }

    private void decode(Media media, BooleanSupplier goesOn) {
        try {
            DecodedSound sound = DecodedSound.of(Path.of(media.path()), goesOn);
            decoded.put(media.id(), sound);
            if (sound.facts().damaged()) {
                problems.add(media.fileName() + " is damaged; what could be decoded of its sound is heard");
            }
        } catch (FileProblem e) {
            problems.add(e.getMessage() + " It is silent.");
        }
    }

    /** The sound of media; null where there is none. */
    public @Nullable Samples of(String mediaId) {
        return decoded.get(mediaId);
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
