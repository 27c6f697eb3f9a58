package amberlens.core.model;

import amberlens.core.extras.Extras;
import amberlens.core.geometry.PictureArea;
import amberlens.core.geometry.Size;
import java.util.Locale;
import java.util.Optional;

/**
 * One item of the shelf.
 *
 * @param id unique among the project's media
 * @param path where the file is: absolute once a project is open
 * @param size the upright size in source pixels
 * @param opaque the bounds of its fully opaque pixels, where they were asked for
 */
public record Media(String id, Kind kind, String path, Size size, Optional<PictureArea> opaque, Extras extras) {
    /** What the file holds. */
    public enum Kind {
        PHOTO
    }

    public Media {
        if (id.isBlank() || path.isBlank()) {
            throw new IllegalArgumentException("media need an id and a path");
        }
    }

    public static Media photo(String id, String path, Size size) {
        return new Media(id, Kind.PHOTO, path, size, Optional.empty(), Extras.NONE);
    }

    public Media withPath(String newPath) {
        return new Media(id, kind, newPath, size, opaque, extras);
    }

    public Media withSize(Size newSize) {
        return new Media(id, kind, path, newSize, newSize.equals(size) ? opaque : Optional.empty(), extras);
    }

    public Media withOpaque(PictureArea bounds) {
        return new Media(id, kind, path, size, Optional.of(bounds), extras);
    }

    /** What people call it: the file's name without folders and ending, hyphens and underscores as spaces. */
    public String title() {
        String name = fileName();
        int dot = name.lastIndexOf('.');
        String stem = (dot > 0 ? name.substring(0, dot) : name)
                .replace('-', ' ')
                .replace('_', ' ')
                .strip();
        return stem.isEmpty() ? name : stem.substring(0, 1).toUpperCase(Locale.ROOT) + stem.substring(1);
    }

    /** The file's name without folders. */
    public String fileName() {
        return path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
    }
}
