package amberlens.media.export;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.media.footage.NumberedPictures;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * The files that something is made from. No output replaces one of them, even where overwriting is allowed. They are known by what they
 * are, not by their names: a link to one is that one.
 */
public final class Originals {
    private final Set<Object> identities = new HashSet<>();

    private Originals(Stream<Path> files) {
        files.forEach(file -> {
            Object identity = identity(file);
            if (identity != null) {
                identities.add(identity);
            }
        });
    }

    /**
     * Those of a project, each picture of a numbered sequence among them.
     *
     * @param more for example the project's own file
     */
    public static Originals of(Project project, Path... more) {
        Stream<Path> media = project.media().stream().filter(Media::hasFile).flatMap(Originals::files);
        return new Originals(Stream.concat(media, Stream.of(more)));
    }

    /** Files as they are. */
    public static Originals of(Collection<Path> files) {
        return new Originals(files.stream());
    }

    private static Stream<Path> files(Media media) {
        Path first = Path.of(media.path());
        if (media.kind() != Media.Kind.SEQUENCE) {
            return Stream.of(first);
        }
        try {
            return NumberedPictures.from(first).files().values().stream();
        } catch (FileProblem _) {
            return Stream.of(first);
        }
    }

    /** What tells a file from all others; null when there is none. */
    private static @Nullable Object identity(Path file) {
        try {
            Object key = Files.readAttributes(file, BasicFileAttributes.class).fileKey();
            return key != null ? key : file.toRealPath();
        } catch (IOException _) {
            return null;
        }
    }

    public boolean contain(Path file) {
        Object identity = identity(file);
        return identity != null && identities.contains(identity);
    }

    /** Refuses to write over one of them. */
    public void spare(Path output) throws FileProblem {
        spare(List.of(output));
    }

    /** Likewise, for several outputs. */
    public void spare(Iterable<Path> outputs) throws FileProblem {
        for (Path output : outputs) {
            if (contain(output)) {
                throw new FileProblem(
                        output + " is a source of this project and is not overwritten. Choose another name.");
            }
        }
    }
}
