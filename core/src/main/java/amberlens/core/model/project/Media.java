package amberlens.core.model.project;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.mark.Mark;
import amberlens.core.material.planes.Plane;
import amberlens.core.material.planes.PlaneLimits;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.Typesetter;
import amberlens.core.material.track.Track;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One item of the shelf.
 *
 * @param id unique among the project's media
 * @param path where the file is: absolute once a project is open; empty for a title, which has none
 * @param size the upright size in source pixels; of a title that of its text box in frame pixels; of a sound, which nobody sees, 1 × 1
 * @param footage how long it is; empty for a still picture
 * @param fingerprint what its file was when it was last seen, to find it again elsewhere
 * @param opaque the bounds of its fully opaque pixels, where they were asked for
 * @param title what is written, of a title
 * @param beats those of a sound, where they were set by hand
 * @param tracks where subjects go in it, of footage
 * @param planes what lies nearer than its ground, of a still picture
 * @param marks what matters in it, of whatever is seen
 * @param page which of the pictures in its file it is, from 1; 1 for whatever has one only
 */
public record Media(
        String id,
        Kind kind,
        String path,
        Size size,
        Optional<Footage> footage,
        Optional<Fingerprint> fingerprint,
        Optional<PictureArea> opaque,
        Optional<Title> title,
        Optional<BeatGrid> beats,
        List<Track> tracks,
        List<Plane> planes,
        List<Mark> marks,
        int page,
        Extras extras) {
    /** What the file holds. */
    public enum Kind {
        PHOTO,
        /** A film file. */
        FILM,
        /** Numbered pictures; the path is that of the first. */
        SEQUENCE,
        /** No file at all: the frame itself, which moves whatever lies below it. */
        RIG,
        /** No file either: words. */
        TITLE,
        /** A file that is only heard. */
        SOUND
    }

    /** The greatest width or height that is taken. */
    public static final int LARGEST = 1_000_000;

    /** The greatest number of pictures in a file. */
    public static final int MOST_PAGES = 100_000;

    public Media {
        tracks = List.copyOf(tracks);
        planes = List.copyOf(planes);
        marks = List.copyOf(marks);
        requireMarks(kind, marks);
        requireTracks(tracks, footage);
        if (!planes.isEmpty() && kind != Kind.PHOTO) {
            throw new IllegalArgumentException("only a still picture can have planes");
        }
        PlaneLimits.problem(planes, size).ifPresent(problem -> {
            throw new IllegalArgumentException(problem);
        });
        if (id.isBlank() || (path.isBlank() && kind != Kind.TITLE)) {
            throw new IllegalArgumentException("media need an id and a path");
        }
        if (title.isPresent() != (kind == Kind.TITLE)) {
            throw new IllegalArgumentException("titles have words, and nothing else has");
        }
        if (size.width() > LARGEST || size.height() > LARGEST) {
            throw new IllegalArgumentException("media are at most 1000000 pixels wide and high, not " + size);
        }
        if (beats.isPresent() && kind != Kind.SOUND && kind != Kind.FILM) {
            throw new IllegalArgumentException("only sounds have beats");
        }
        if (page < 1 || page > MOST_PAGES || (page > 1 && kind != Kind.PHOTO)) {
            throw new IllegalArgumentException("a picture is one of 1 to " + MOST_PAGES + " in its file, not " + page);
        }
        opaque.ifPresent(area -> requireInside(area, size));
        if (footage.isPresent() != (kind == Kind.FILM || kind == Kind.SEQUENCE)) {
            throw new IllegalArgumentException("films and sequences have a rate and frames, photos have none");
        }
    }

    private static void requireMarks(Kind kind, List<Mark> marks) {
        boolean seen = kind != Kind.SOUND && kind != Kind.RIG && kind != Kind.TITLE;
        long ids = marks.stream().map(Mark::id).distinct().count();
        if (!marks.isEmpty() && !seen || ids < marks.size()) {
            throw new IllegalArgumentException("marks lie on pictures and footage, each with an id of its own");
        }
    }

    private static void requireTracks(List<Track> tracks, Optional<Footage> footage) {
        boolean fit = tracks.stream()
                .allMatch(track ->
                        footage.isPresent() && track.last() <= footage.get().last());
        long ids = tracks.stream().map(Track::id).distinct().count();
        if (!fit || ids < tracks.size()) {
            throw new IllegalArgumentException("tracks lie within their footage, each with an id of its own");
        }
    }

    private static void requireInside(PictureArea area, Size size) {
        boolean inside = (long) area.left() + area.size().width() <= size.width()
                && (long) area.top() + area.size().height() <= size.height();
        if (!inside) {
            throw new IllegalArgumentException("the opaque bounds lie inside the picture of " + size + ", not from "
                    + area.left() + ", " + area.top() + " over " + area.size());
        }
    }

    public static Media photo(String id, String path, Size size) {
        return plain(id, Kind.PHOTO, path, size, Optional.empty());
    }

    /** The frame itself, to lay a move over other shots. */
    public static Media rig(String id, Size frame) {
        return plain(id, Kind.RIG, "Rig", frame, Optional.empty());
    }

    /** A film or a sequence. */
    public static Media footage(String id, Kind kind, String path, Size size, Footage footage) {
        return plain(id, kind, path, size, Optional.of(footage));
    }

    /** A file that is only heard. */
    public static Media sound(String id, String path) {
        return plain(id, Kind.SOUND, path, new Size(1, 1), Optional.empty());
    }

    /** Words. */
    public static Media title(String id, Title title) {
        Size box = Typesetter.get().set(title).box();
        return new Media(
                id,
                Kind.TITLE,
                "",
                box,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(title),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                1,
                Extras.NONE);
    }

    private static Media plain(String id, Kind kind, String path, Size size, Optional<Footage> footage) {
        return new Media(
                id,
                kind,
                path,
                size,
                footage,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                1,
                Extras.NONE);
    }

    public Media withId(String newId) {
        return new Media(
                newId,
                kind,
                path,
                size,
                footage,
                fingerprint,
                opaque,
                title,
                beats,
                tracks,
                planes,
                marks,
                page,
                extras);
    }

    /** This item with the file that was found for it. */
    public Media foundAs(Media found) {
        var stillOpaque = found.opaque.isPresent() || !found.size.equals(size) ? found.opaque : opaque;
        return new Media(
                id,
                found.kind,
                found.path,
                found.size,
                found.footage,
                found.fingerprint,
                stillOpaque,
                found.title,
                beats,
                tracksOn(found),
                found.size.equals(size) && found.kind == kind ? planes : List.of(),
                found.size.equals(size) ? marks : List.of(),
                page,
                extras);
    }

    /** Another of the pictures in the file, of which nothing is cut yet. */
    public Media withPage(int number) {
        List<Plane> still = number == page ? planes : List.of();
        return new Media(
                id,
                kind,
                path,
                size,
                footage,
                fingerprint,
                opaque,
                title,
                beats,
                tracks,
                still,
                number == page ? marks : List.of(),
                number,
                extras);
    }

    public Media withFingerprint(Optional<Fingerprint> seen) {
        return new Media(
                id, kind, path, size, footage, seen, opaque, title, beats, tracks, planes, marks, page, extras);
    }

    public Media withOpaque(PictureArea bounds) {
        return new Media(
                id,
                kind,
                path,
                size,
                footage,
                fingerprint,
                Optional.of(bounds),
                title,
                beats,
                tracks,
                planes,
                marks,
                page,
                extras);
    }

    /** Other words for a title. */
    public Media withTitle(Title words) {
        Size box = Typesetter.get().set(words).box();
        return new Media(
                id,
                kind,
                path,
                box,
                footage,
                fingerprint,
                opaque,
                Optional.of(words),
                beats,
                tracks,
                planes,
                marks,
                page,
                extras);
    }

    /** Other beats, set by hand; empty for those that are found. */
    public Media withBeats(Optional<BeatGrid> byHand) {
        return new Media(
                id, kind, path, size, footage, fingerprint, opaque, title, byHand, tracks, planes, marks, page, extras);
    }

    /** Other tracks. */
    public Media withTracks(List<Track> found) {
        return new Media(
                id, kind, path, size, footage, fingerprint, opaque, title, beats, found, planes, marks, page, extras);
    }

    /** Other planes. */
    public Media withPlanes(List<Plane> cut) {
        return new Media(
                id, kind, path, size, footage, fingerprint, opaque, title, beats, tracks, cut, marks, page, extras);
    }

    /** Other marks. */
    public Media withMarks(List<Mark> others) {
        return new Media(
                id, kind, path, size, footage, fingerprint, opaque, title, beats, tracks, planes, others, page, extras);
    }

    public Optional<Mark> mark(String markId) {
        return marks.stream().filter(mark -> mark.id().equals(markId)).findFirst();
    }

    public Optional<Track> track(String trackId) {
        return tracks.stream().filter(track -> track.id().equals(trackId)).findFirst();
    }

    /** Those that fit what was found: its pictures are as large, and it is long enough. */
    private List<Track> tracksOn(Media found) {
        return tracks.stream()
                .filter(track -> found.size.equals(size)
                        && found.footage.stream().anyMatch(shown -> track.last() <= shown.last()))
                .toList();
    }

    /** This item with what a file says beyond. */
    public Media withExtras(Extras beyond) {
        return new Media(
                id, kind, path, size, footage, fingerprint, opaque, title, beats, tracks, planes, marks, page, beyond);
    }

    /** Whether it is read from a file. */
    public boolean hasFile() {
        return kind != Kind.RIG && kind != Kind.TITLE;
    }

    /** Whether its pixels are read from a file. */
    public boolean hasPixels() {
        return hasFile() && kind != Kind.SOUND;
    }

    /** Whether it is drawn as large as it is needed, by the ending of its file's name. */
    public boolean isDrawing() {
        String name = path.toLowerCase(Locale.ROOT);
        return kind == Kind.PHOTO && (name.endsWith(".svg") || name.endsWith(".svgz"));
    }

    /** Whether a shot can show it. */
    public boolean isSeen() {
        return kind != Kind.SOUND;
    }

    /** Whether it may be heard; a film may be silent. */
    public boolean sounds() {
        return kind == Kind.SOUND || kind == Kind.FILM;
    }

    public boolean moves() {
        return footage.isPresent();
    }

    /**
     * What people call it: the file's name without folders and ending, hyphens and underscores as spaces; of a title the beginning of
     * what is written.
     */
    public String name() {
        if (title.isPresent()) {
            return title.get().name();
        }
        String name = fileName();
        int dot = name.lastIndexOf('.');
        String stem = (dot > 0 ? name.substring(0, dot) : name)
                .replace('-', ' ')
                .replace('_', ' ')
                .strip();
        String word = stem.isEmpty() ? name : stem.substring(0, 1).toUpperCase(Locale.ROOT) + stem.substring(1);
        return page == 1 ? word : word + ", page " + page;
    }

    /** The file's name without folders. A backslash separates folders only in a path that begins as those of Windows do. */
    public String fileName() {
        boolean windows = path.startsWith("\\\\") || path.matches("[A-Za-z]:\\\\.*");
        int slash = path.lastIndexOf('/');
        return path.substring(Math.max(slash, windows ? path.lastIndexOf('\\') : -1) + 1);
    }
}
