package amberlens.media.intake;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.files.FileWords;
import amberlens.files.ResolvedPaths;
import amberlens.media.footage.FilmInfo;
import amberlens.media.footage.NumberedPictures;
import amberlens.media.picture.PictureReader;
import amberlens.media.sound.SoundHeader;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Says what a file is by looking at its header. */
public final class MediaProbe {
    /** The usual endings of film files. */
    public static final Set<String> FILM_ENDINGS = Set.of(
            "mp4", "m4v", "mov", "mkv", "webm", "avi", "mpg", "mpeg", "mts", "m2ts", "ts", "mxf", "ogv", "wmv", "flv");

    /** The usual endings of sound files. */
    public static final Set<String> SOUND_ENDINGS = Set.of(
            "wav", "wave", "w64", "flac", "mp3", "m4a", "aac", "ogg", "oga", "opus", "aif", "aiff", "caf", "wma");

    private static final String NO_ID = "new";

    private MediaProbe() {}

    /** What was found, and what should be said about it; nothing when all is well. */
    public record Found(Media media, Optional<String> remark) {}

    /**
     * A picture, a film or a sound.
     *
     * @throws FileProblem when it is none of them, or damaged
     */
    public static Found file(Path file) throws FileProblem {
        return file(file, FilmGuard.NONE);
    }

    /**
     * Likewise.
     *
     * @param guard is asked before a film is opened
     */
    public static Found file(Path file, FilmGuard guard) throws FileProblem {
        Path path = ResolvedPaths.resolved(file);
        try {
            return isSound(path)
                    ? sound(path, guard)
                    : isFilm(path) ? filmOrSound(path, guard) : pictureOrFilm(path, guard);
        } catch (RuntimeException | StackOverflowError e) {
            throw new FileProblem(path + " is damaged: it cannot be read (" + FileWords.reason(e) + ").", e);
        } catch (OutOfMemoryError e) {
            throw new FileProblem(path + " is too large for the memory of this machine.", e);
        }
    }

    /**
     * Likewise, one for each page where a file has several.
     *
     * @param guard is asked before a film is opened
     */
    public static List<Found> all(Path file, FilmGuard guard) throws FileProblem {
        Found first = file(file, guard);
        Path path = Path.of(first.media().path());
        if (first.media().kind() != Media.Kind.PHOTO) {
            return List.of(first);
        }
        int pages = PictureReader.pages(path);
        List<Found> all = new ArrayList<>(List.of(first));
        for (int page = 2; page <= pages; page++) {
            all.add(picture(path, page));
        }
        return all;
    }

    /** A film file may hold nothing to be seen. */
    private static Found filmOrSound(Path path, FilmGuard guard) throws FileProblem {
        try {
            return film(path, guard);
        } catch (FileProblem noFilm) {
            try {
                return sound(path, guard);
            } catch (FileProblem noSound) {
                noFilm.addSuppressed(noSound);
                throw noFilm;
            }
        }
    }

    private static Found pictureOrFilm(Path path, FilmGuard guard) throws FileProblem {
        if (Animation.is(path)) {
            try {
                return film(path, guard);
            } catch (FileProblem _) {
                return picture(path); // its first picture at least
            }
        }
        try {
            return picture(path);
        } catch (FileProblem noPicture) {
            try {
                return filmOrSound(path, guard);
            } catch (FileProblem noFilm) {
                noPicture.addSuppressed(noFilm);
                throw noPicture;
            }
        }
    }

    /** Whether a file is named like a film. */
    public static boolean isFilm(Path path) {
        return FILM_ENDINGS.contains(ending(path));
    }

    /** Whether a file is of a kind of pictures, and holds several that follow each other in time. */
    public static boolean isAnimation(Path path) {
        return Animation.is(path);
    }

    /** Whether a file is named like a sound. */
    public static boolean isSound(Path path) {
        return SOUND_ENDINGS.contains(ending(path));
    }

    private static String ending(Path path) {
        String name = path.getFileName().toString();
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    private static Found picture(Path path) throws FileProblem {
        return picture(path, 1);
    }

    /**
     * A still picture.
     *
     * @param page which of those in the file, from 1
     */
    public static Found picture(Path path, int page) throws FileProblem {
        PictureReader.Header header = PictureReader.header(path, page);
        Media media = Media.photo(NO_ID, path.toString(), header.size())
                .withPage(page)
                .withFingerprint(Fingerprints.of(path));
        return new Found(media, header.remark().map(words -> media.fileName() + " " + words));
    }

    /** A sound. */
    static Found sound(Path path, FilmGuard guard) throws FileProblem {
        guard.check(path);
        SoundHeader header = SoundHeader.of(path);
        Media media = Media.sound(NO_ID, path.toString()).withFingerprint(Fingerprints.of(path));
        return new Found(
                media,
                header.streams() > 1
                        ? Optional.of(media.fileName() + " holds " + header.streams() + " sounds; the best is heard.")
                        : Optional.empty());
    }

    /** A film. */
    static Found film(Path path, FilmGuard guard) throws FileProblem {
        guard.check(path);
        FilmInfo info = FilmInfo.of(path);
        Media media = Media.footage(NO_ID, Media.Kind.FILM, path.toString(), info.size(), info.footage())
                .withFingerprint(Fingerprints.of(path));
        return new Found(media, remark(info).map(words -> media.fileName() + " " + words));
    }

    private static Optional<String> remark(FilmInfo info) {
        StringBuilder remark = new StringBuilder();
        if (info.variable()) {
            remark.append(" has a variable frame rate and is read at ")
                    .append(info.footage().rate())
                    .append(" frames per second.");
        }
        if (info.interlaced()) {
            remark.append(" is interlaced and shown deinterlaced.");
        }
        if (info.hdr()) {
            remark.append(" has a high dynamic range and is tone-mapped.");
        }
        return remark.isEmpty()
                ? Optional.empty()
                : Optional.of(remark.toString().strip());
    }

    /**
     * Numbered pictures as one sequence.
     *
     * @param files at least one, in order
     * @param rate at which they are shown
     */
    public static Found sequence(List<Path> files, FrameRate rate) throws FileProblem {
        Path first = ResolvedPaths.resolved(files.getFirst());
        NumberedPictures numbered = NumberedPictures.from(first);
        Size size = PictureReader.size(first);
        Footage footage = numbered.footage(rate);
        Media media = Media.footage(NO_ID, Media.Kind.SEQUENCE, first.toString(), size, footage)
                .withFingerprint(Fingerprints.of(first));
        return new Found(
                media,
                numbered.missing() == 0
                        ? Optional.empty()
                        : Optional.of(
                                media.fileName() + ": of its " + footage.frames() + " numbers " + numbered.missing()
                                        + " are missing (" + numbered.gaps() + "); the picture before each stays."));
    }
}
