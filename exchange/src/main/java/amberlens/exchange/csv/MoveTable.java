package amberlens.exchange.csv;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.exchange.move.ShotMove;
import amberlens.project.MediaPaths;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * A move as a table: a row for every frame with its time, its pose, and the map from source pixels to frame pixels as a 3 × 3 matrix row
 * by row, with its last number 1. Pose and map say the same: below a rig, a picture that leans is said by its corners. The picture and the frame stand in every row, so that the table tells all by itself.
 */
public final class MoveTable {
    /** The columns of a picture that lies flat. */
    static final List<String> POSE = names(Properties.OF_POSE);

    private static final List<String> DEPTH = names(Properties.OF_DEPTH);

    private static final List<String> MAP = List.of("m11", "m12", "m13", "m21", "m22", "m23", "m31", "m32", "m33");

    static final List<String> ABOUT =
            List.of("mirror", "picture", "picture_width", "picture_height", "frame_width", "frame_height", "rate");

    private MoveTable() {}

    private static List<String> names(List<? extends Property<?>> properties) {
        return properties.stream()
                .flatMap(property -> KeyTable.names(property).stream())
                .toList();
    }

    /**
     * The table.
     *
     * @param file where it will be written
     */
    public static String of(ShotMove move, Path file) {
        boolean deep = !move.isFlat();
        List<String> header = Stream.of(List.of("frame", "seconds"), POSE, deep ? DEPTH : List.<String>of(), MAP, ABOUT)
                .flatMap(List::stream)
                .toList();
        List<String> about = about(move, file);
        List<List<String>> rows = new ArrayList<>(List.of(header));
        for (int frame = 0; frame < move.length(); frame++) {
            List<String> row = new ArrayList<>(
                    List.of(Integer.toString(frame), Double.toString(move.rate().seconds(frame))));
            Pose pose = move.pose(frame).withRigsAsCorners(move.picture());
            Properties.OF_POSE.forEach(property -> numbers(row, parts(property, pose)));
            if (deep) {
                Properties.OF_DEPTH.forEach(property -> numbers(row, parts(property, pose)));
            }
            numbers(row, map(move.map(frame)));
            row.addAll(about);
            rows.add(row);
        }
        return Csv.text(rows);
    }

    private static List<String> about(ShotMove move, Path file) {
        return List.of(
                move.mirror().word(),
                new MediaPaths(file).written(move.media().path()),
                Integer.toString(move.picture().width()),
                Integer.toString(move.picture().height()),
                Integer.toString(move.frame().width()),
                Integer.toString(move.frame().height()),
                move.rate().written());
    }

    private static <V> DoubleStream parts(PoseProperty<V> property, Pose pose) {
        V value = property.of(pose);
        return IntStream.range(0, property.kind().parts())
                .mapToDouble(part -> property.kind().part(value, part));
    }

    private static DoubleStream map(ProjectiveMap map) {
        return DoubleStream.of(map.xx(), map.xy(), map.dx(), map.yx(), map.yy(), map.dy(), map.wx(), map.wy(), map.ww())
                .map(number -> number / map.ww());
    }

    private static void numbers(List<String> row, DoubleStream numbers) {
        numbers.mapToObj(Csv::number).forEach(row::add);
    }
}
