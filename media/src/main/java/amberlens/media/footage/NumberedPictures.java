package amberlens.media.footage;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Pictures numbered in their names, shown one after the other: {@code pond-0001.png}, {@code pond-0002.png}, … Where a number is
 * missing, the picture before it stays.
 *
 * @param files by number, ascending
 */
public record NumberedPictures(NavigableMap<Integer, Path> files) {
    /** The fewest pictures that are taken for a sequence when they are dropped together. */
    public static final int LEAST = 3;

    private static final Pattern NAME = Pattern.compile("(.*?)(\\d{1,9})(\\.[^.]+)");

    public NumberedPictures {
        files = new TreeMap<>(files);
        if (files.isEmpty()) {
            throw new IllegalArgumentException("a sequence has at least one picture");
        }
    }

    /** What the names of a sequence have in common. */
    private record Stem(Path folder, String before, String after, int digits) {
        /** Numbers of more digits are of the same sequence only when they have no leading zero. */
        static Optional<Stem> of(Path file) {
            Matcher name = NAME.matcher(file.getFileName().toString());
            if (!name.matches()) {
                return Optional.empty();
            }
            String number = name.group(2);
            boolean padded = number.startsWith("0") && number.length() > 1;
            Path folder = file.toAbsolutePath().normalize().getParent();
            return Optional.of(new Stem(folder, name.group(1), name.group(3), padded ? number.length() : 0));
        }

        boolean includes(Path file) {
            return of(file).filter(other -> other.folder.equals(folder)
                            && other.before.equals(before)
                            && other.after.equalsIgnoreCase(after)
                            && (other.digits == digits || digits == 0 || other.digits == 0))
                    .isPresent();
        }
    }

    private static int number(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        return name.matches() ? Integer.parseInt(name.group(2)) : -1;
    }

    /**
     * The sequence that a file belongs to, from that file on: all files of its folder that are named alike.
     *
     * @throws FileProblem when the file is not there or its name holds no number
     */
    public static NumberedPictures from(Path first) throws FileProblem {
        if (!Files.isRegularFile(first)) {
            throw new FileProblem(first + " is not there; it may have been moved or renamed.");
        }
        Stem stem = Stem.of(first)
                .orElseThrow(
                        () -> new FileProblem(first + " has no number in its name; a sequence is named like pond-0001"
                                + ".png, pond-0002.png and so on."));
        int start = number(first);
        try (Stream<Path> all = Files.list(stem.folder())) {
            var found = new TreeMap<Integer, Path>();
            all.filter(file -> number(file) >= start && stem.includes(file))
                    .forEach(file -> found.put(number(file), file));
            return new NumberedPictures(found);
        } catch (IOException e) {
            throw new FileProblem(stem.folder() + " cannot be read: " + e.getMessage() + ".", e);
        }
    }

    /** Finds the sequences among files that were given together; {@link #LEAST} files that are named alike make one. */
    public static List<List<Path>> grouped(List<Path> given) {
        Map<Stem, List<Path>> groups = new java.util.LinkedHashMap<>();
        List<List<Path>> result = new ArrayList<>();
        for (Path file : given) {
            Optional<Stem> stem = Stem.of(file);
            if (stem.isEmpty()) {
                result.add(List.of(file));
            } else {
                Stem known = groups.keySet().stream()
                        .filter(other -> other.includes(file))
                        .findFirst()
                        .orElse(stem.get());
                groups.computeIfAbsent(known, _ -> new ArrayList<>()).add(file);
            }
        }
        for (List<Path> group : groups.values()) {
            if (group.size() >= LEAST) {
                group.sort(java.util.Comparator.comparingInt(NumberedPictures::number));
                result.add(List.copyOf(group));
            } else {
                group.forEach(file -> result.add(List.of(file)));
            }
        }
        return result;
    }

    /** How long the sequence is, its gaps included. */
    public Footage footage(FrameRate rate) {
        return new Footage(rate, files.lastKey() - files.firstKey() + 1);
    }

    /** The picture of a frame, counted from 0; where its number is missing, the one before it. */
    public Path file(int frame) {
        int number = Math.clamp((long) files.firstKey() + frame, files.firstKey(), files.lastKey());
        return files.floorEntry(number).getValue();
    }

    /** How many numbers are missing. */
    public int missing() {
        return files.lastKey() - files.firstKey() + 1 - files.size();
    }

    /** The missing numbers in words, for example "7, 12 – 14"; empty when there is no gap. */
    public String gaps() {
        List<String> gaps = new ArrayList<>();
        int before = files.firstKey();
        for (int number : files.keySet()) {
            if (number > before + 1) {
                int from = before + 1;
                int to = number - 1;
                gaps.add(from == to ? String.valueOf(from) : from + " – " + to);
            }
            before = number;
        }
        return String.join(", ", gaps);
    }
}
