package amberlens.desktop.shelf.panes;

import amberlens.core.base.words.NaturalOrder;
import amberlens.core.model.project.Media;
import java.nio.file.attribute.FileTime;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/** In which order pictures stand on the Shelf, and which of them. */
enum ShelfOrder {
    ADDED("as added"),
    NAME("by name"),
    DATE("by date"),
    SHAPE("by shape");

    private static final FileTime NEVER = FileTime.fromMillis(0);

    private final String words;

    ShelfOrder(String words) {
        this.words = words;
    }

    String words() {
        return words;
    }

    /**
     * The media whose names have all words of the filter, in this order.
     *
     * @param dates when files were changed last, by the id of their media, as far as that is known
     */
    List<Media> of(List<Media> media, String filter, Map<String, FileTime> dates) {
        List<String> wanted =
                Stream.of(filter.toLowerCase(Locale.ROOT).strip().split("\\s+")).toList();
        Stream<Media> found = media.stream().filter(one -> {
            String name = (one.name() + " " + one.fileName()).toLowerCase(Locale.ROOT);
            return wanted.stream().allMatch(name::contains);
        });
        return switch (this) {
            case ADDED -> found.toList();
            case NAME ->
                found.sorted(Comparator.comparing(Media::fileName, NaturalOrder.OF_NAMES))
                        .toList();
            case DATE ->
                found.sorted(Comparator.comparing(one -> dates.getOrDefault(one.id(), NEVER)))
                        .toList();
            case SHAPE ->
                found.sorted(Comparator.comparingDouble(ShelfOrder::shape).reversed())
                        .toList();
        };
    }

    /** Width over height: wide pictures come first. */
    private static double shape(Media media) {
        return (double) media.size().width() / media.size().height();
    }
}
