package amberlens.desktop.shelf;

import amberlens.core.model.Media;
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
                found.sorted((one, other) -> byName(one.fileName(), other.fileName()))
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

    /** As people count: 2 before 10. */
    static int byName(String one, String other) {
        int i = 0;
        int j = 0;
        while (i < one.length() && j < other.length()) {
            int a = endOfRun(one, i);
            int b = endOfRun(other, j);
            boolean numbers = Character.isDigit(one.charAt(i)) && Character.isDigit(other.charAt(j));
            String first = one.substring(i, a);
            String second = other.substring(j, b);
            int found = numbers ? compareNumbers(first, second) : first.compareToIgnoreCase(second);
            if (found != 0) {
                return found;
            }
            i = a;
            j = b;
        }
        return Integer.compare(one.length() - i, other.length() - j);
    }

    private static int endOfRun(String text, int from) {
        int to = from + 1;
        if (Character.isDigit(text.charAt(from))) {
            while (to < text.length() && Character.isDigit(text.charAt(to))) {
                to++;
            }
        }
        return to;
    }

    private static int compareNumbers(String one, String other) {
        String first = one.replaceFirst("^0+(?=.)", "");
        String second = other.replaceFirst("^0+(?=.)", "");
        return first.length() != second.length()
                ? Integer.compare(first.length(), second.length())
                : first.compareTo(second);
    }
}
