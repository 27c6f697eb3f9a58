package amberlens.exchange.csv;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.exchange.move.KeyThinning;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * Reads a table of keys: a row for each frame that has some, in the columns that {@link MoveTable} writes; only {@code frame} and the columns
 * of at least one property must be there. An empty field is no key. A column {@code leg} says how a row goes on: {@code hold},
 * {@code linear}, {@code smooth}, or the four numbers of a timing curve with spaces between. Without it, keys that straight legs between
 * others say as well are left out.
 */
public final class KeyTable {
    /** How far a frame may be off, in frame pixels, for each property of which keys are left out. */
    private static final double NEAR_PX = 0.02;

    /** What tables written before version 8 of the project file call these columns. */
    private static final Map<String, String> OLDER =
            Map.of("pitch", "tilt", "yaw", "swivel", "viewing_distance", "distance");

    private final char separator;
    private final Map<String, Integer> columns = new HashMap<>();
    private final SortedMap<Integer, String[]> rows = new TreeMap<>();
    private final Map<Integer, Integer> lines = new HashMap<>();

    private KeyTable(char separator) {
        this.separator = separator;
    }

    /** Whether a text looks like such a table: its first line names a frame. */
    public static boolean isOne(String text) {
        String first = text.lines().findFirst().orElse("").toLowerCase(Locale.ROOT);
        return Arrays.stream(first.split("[,;\t]")).anyMatch(name -> plain(name).equals("frame"));
    }

    private static String plain(String name) {
        return name.replace("\uFEFF", "").replace("\"", "").strip().toLowerCase(Locale.ROOT);
    }

    /**
     * Reads a table.
     *
     * @throws FileProblem naming the row and the column that is wrong, and what was expected
     */
    public static KeyTable read(String text) throws FileProblem {
        var table = new KeyTable(Csv.separator(text));
        List<String[]> rows = Csv.rows(text, table.separator);
        String[] header = rows.isEmpty() ? new String[0] : rows.getFirst();
        for (int i = 0; i < header.length; i++) {
            table.columns.putIfAbsent(plain(header[i]), i);
        }
        if (!table.columns.containsKey("frame")) {
            throw new FileProblem("a column \"frame\" was expected");
        }
        for (int i = 1; i < rows.size(); i++) {
            String[] row = rows.get(i);
            if (Arrays.stream(row).allMatch(String::isBlank)) {
                continue;
            }
            double at = table.number(row, "frame", i + 1).orElse(Double.NaN);
            if (at != Math.rint(at)) {
                throw new FileProblem("row " + (i + 1) + ", column \"frame\": a whole number was expected");
            }
            int frame = (int) at;
            if (table.rows.put(frame, row) != null) {
                throw new FileProblem("two rows are of frame " + frame);
            }
            table.lines.put(frame, i + 1);
        }
        if (table.rows.isEmpty()) {
            throw new FileProblem("it has no rows");
        }
        if (table.rows.firstKey() < -Shot.LONGEST || table.rows.lastKey() >= Shot.LONGEST) {
            throw new FileProblem("frames lie within a million of the shot's first");
        }
        return table;
    }

    private Optional<Double> number(String[] row, String column, int line) throws FileProblem {
        String text = text(row, column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        String decimal = separator == ',' ? text : text.replace(',', '.');
        try {
            double number = Double.parseDouble(decimal);
            if (Math.abs(number) <= Channel.LARGEST) {
                return Optional.of(number);
            }
        } catch (NumberFormatException _) {
            // told below
        }
        throw new FileProblem(
                "row " + line + ", column \"" + column + "\": a number was expected, not \"" + text + "\"");
    }

    private String text(String[] row, String column) {
        Integer at = columns.get(column);
        return at == null || at >= row.length ? "" : row[at].strip();
    }

    /** How many frames the move has: up to its last row. */
    public int length() {
        return Math.max(1, rows.lastKey() + 1);
    }

    /** The path of the picture as it is written; empty when the table names none. */
    public Optional<String> picture() {
        return Optional.of(first("picture")).filter(path -> !path.isEmpty());
    }

    private String first(String column) {
        return text(rows.get(rows.firstKey()), column);
    }

    /** What it says of the picture's size, source pixels. */
    public Optional<Size> pictureSize() {
        return size("picture");
    }

    /** Likewise of the frame's, frame pixels. */
    public Optional<Size> frameSize() {
        return size("frame");
    }

    private Optional<Size> size(String of) {
        try {
            return Optional.of(
                    new Size(Integer.parseInt(first(of + "_width")), Integer.parseInt(first(of + "_height"))));
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }

    public Optional<FrameRate> rate() {
        try {
            return Optional.of(FrameRate.typed(first("rate")));
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }

    public Mirror mirror() {
        return Arrays.stream(Mirror.values())
                .filter(mirror -> mirror.word().equals(first("mirror")))
                .findFirst()
                .orElse(Mirror.NONE);
    }

    /**
     * The move.
     *
     * @param picture its size, source pixels
     * @param frame frame pixels
     */
    public CameraTrack camera(Size picture, Size frame) throws FileProblem {
        CameraTrack camera = CameraTrack.still(Refit.FILL.pose(picture, frame));
        boolean any = false;
        for (Property<?> property : Properties.OF_MOVE) {
            List<String> names = here(names(property));
            if (names.stream().allMatch(columns::containsKey)) {
                camera = with(camera, property, names);
                any = true;
            }
        }
        if (!any) {
            throw new FileProblem("columns of at least one property were expected, such as " + MoveTable.POSE);
        }
        return columns.containsKey("leg") ? camera : thinned(camera, picture, frame);
    }

    /** The names that the table has: those of today, or else those that older tables have. */
    private List<String> here(List<String> names) {
        return names.stream()
                .map(name -> columns.containsKey(name) ? name : OLDER.getOrDefault(name, name))
                .toList();
    }

    /** The columns of a property. */
    static List<String> names(Property<?> property) {
        String id = property.id().substring(property.id().lastIndexOf('/') + 1);
        String name = id.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
        return property.kind().parts() == 2 ? List.of(name + "_x", name + "_y") : List.of(name);
    }

    private <V> CameraTrack with(CameraTrack camera, Property<V> property, List<String> names) throws FileProblem {
        List<Key<V>> keys = new ArrayList<>();
        for (var row : rows.entrySet()) {
            int line = lines.getOrDefault(row.getKey(), 0);
            double[] numbers = new double[names.size()];
            boolean there = true;
            for (int i = 0; i < numbers.length; i++) {
                Optional<Double> number = number(row.getValue(), names.get(i), line);
                there &= number.isPresent();
                numbers[i] = number.orElse(0.0);
            }
            if (there) {
                keys.add(Key.of(row.getKey(), value(property.kind(), numbers, names, line), leg(row.getValue(), line)));
            }
        }
        if (keys.isEmpty()) {
            return camera;
        }
        boolean still =
                keys.stream().allMatch(key -> key.value().equals(keys.getFirst().value()));
        Channel<V> channel = still
                ? Channel.constant(property.kind(), keys.getFirst().value())
                : Channel.keyed(property.kind(), keys);
        return camera.with(property, channel);
    }

    private static <V> V value(ValueKind<V> kind, double[] numbers, List<String> names, int line) throws FileProblem {
        try {
            return kind.exactly(part -> numbers[part]);
        } catch (IllegalArgumentException e) {
            throw new FileProblem("row " + line + ", column \"" + names.getFirst() + "\": " + e.getMessage(), e);
        }
    }

    private Leg leg(String[] row, int line) throws FileProblem {
        String text = text(row, "leg").toLowerCase(Locale.ROOT);
        switch (text) {
            case "", "linear" -> {
                return Leg.LINEAR;
            }
            case "hold" -> {
                return Leg.HOLD;
            }
            case "smooth" -> {
                return Leg.SMOOTH;
            }
            default -> {
                try {
                    double[] h = Arrays.stream(text.split("\\s+"))
                            .mapToDouble(Double::parseDouble)
                            .toArray();
                    if (h.length == 4) {
                        return new Leg.Curve(new TimingCurve(h[0], h[1], h[2], h[3]));
                    }
                } catch (IllegalArgumentException _) {
                    // told below
                }
                throw new FileProblem("row " + line + ", column \"leg\": hold, linear, smooth or the four numbers of a"
                        + " timing curve were expected, not \"" + text + "\"");
            }
        }
    }

    /** The camera without keys that lie on straight legs between others, where there is one at every frame. */
    private static CameraTrack thinned(CameraTrack full, Size picture, Size frame) {
        CameraTrack camera = full;
        for (Property<?> property : Properties.OF_MOVE) {
            camera = thinned(camera, full, (PoseProperty<?>) property, picture, frame);
        }
        return camera;
    }

    private static <V> CameraTrack thinned(
            CameraTrack camera, CameraTrack full, PoseProperty<V> property, Size picture, Size frame) {
        List<Key<V>> keys = full.get(property).keys();
        boolean everyFrame =
                keys.size() > 2 && keys.getLast().at() - keys.getFirst().at() == keys.size() - 1;
        if (!everyFrame) {
            return camera;
        }
        int first = keys.getFirst().at();
        List<Integer> kept = KeyThinning.kept(
                first,
                keys.getLast().at(),
                at -> parts(property.kind(), keys.get(at - first).value()),
                (at, numbers) -> KeyThinning.isNear(full.at(at).in(picture, frame), property, numbers, frame, NEAR_PX));
        return camera.with(
                property,
                Channel.keyed(
                        property.kind(),
                        kept.stream().map(at -> keys.get(at - first)).toList()));
    }

    private static <V> double[] parts(ValueKind<V> kind, V value) {
        double[] parts = new double[kind.parts()];
        Arrays.setAll(parts, part -> kind.part(value, part));
        return parts;
    }
}
