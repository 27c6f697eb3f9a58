package amberlens.exchange.web;

import amberlens.project.MediaPaths;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;

/** How a page names a picture: by a path relative to the page where it can be. */
public final class PageLinks {
    /** Endings of pictures and films that browsers show. */
    private static final Set<String> SHOWN = Set.of(
            "jpg", "jpeg", "png", "apng", "gif", "webp", "avif", "bmp", "svg", "mp4", "m4v", "webm", "mov", "ogv");

    private PageLinks() {}

    /**
     * The reference to a file from a page, as a URL with everything escaped that must be.
     *
     * @param page where the page is written
     * @param path of the file
     */
    public static String from(Path page, String path) {
        String written = new MediaPaths(page).written(path);
        if (Path.of(written).isAbsolute()) {
            return Path.of(written).toUri().toASCIIString();
        }
        try {
            String whole = written.contains(":") ? "./" + written : written;
            return new URI(null, null, whole, null).toASCIIString();
        } catch (URISyntaxException e) {
            throw new IllegalArgumentException("\"" + path + "\" cannot be named in a page", e);
        }
    }

    /** Whether browsers show files of this name. */
    static boolean isShown(String fileName) {
        String ending = fileName.substring(fileName.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return SHOWN.contains(ending);
    }
}
