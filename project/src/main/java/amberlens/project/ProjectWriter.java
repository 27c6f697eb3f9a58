package amberlens.project;

import amberlens.core.model.Marker;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Property;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;

/** From a project to the members of its file, in a stable order. */
final class ProjectWriter {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private final Path folder;

    ProjectWriter(Path file) {
        folder = file.toAbsolutePath().normalize().getParent();
    }

    ObjectNode write(Project project) {
        ObjectNode root = NODES.objectNode();
        root.put("format", Versions.FORMAT);
        root.put("version", Versions.CURRENT);
        root.put("name", project.name());
        ObjectNode frame = root.putObject("frame");
        frame.put("width", project.frameSize().width());
        frame.put("height", project.frameSize().height());
        frame.put("rate", project.frame().rate().written());
        frame.put("background", project.frame().background().toString());
        ArrayNode media = root.putArray("media");
        project.media().forEach(item -> media.add(media(item)));
        ArrayNode shots = root.putArray("shots");
        project.shots().forEach(shot -> shots.add(shot(shot)));
        putMarkers(root, project.markers());
        KnownMembers.merge(root, project.extras().members());
        return root;
    }

    private static void putMarkers(ObjectNode node, List<Marker> markers) {
        if (markers.isEmpty()) {
            return;
        }
        ArrayNode array = node.putArray("markers");
        for (Marker marker : markers) {
            ObjectNode written = array.addObject();
            written.put("at", marker.at());
            if (!marker.name().isEmpty()) {
                written.put("name", marker.name());
            }
            KnownMembers.merge(written, marker.extras().members());
        }
    }

    private ObjectNode media(Media item) {
        ObjectNode node = NODES.objectNode();
        node.put("id", item.id());
        node.put("kind", "photo");
        node.put("path", relative(item.path()));
        node.put("width", item.size().width());
        node.put("height", item.size().height());
        KnownMembers.merge(node, item.extras().members());
        return node;
    }

    /** Relative where both lie under one root, with forward slashes on every system. */
    private String relative(String path) {
        Path whole = Path.of(path);
        boolean possible = whole.isAbsolute() && whole.getRoot().equals(folder.getRoot());
        return (possible ? folder.relativize(whole) : whole).toString().replace('\\', '/');
    }

    private static ObjectNode shot(Shot shot) {
        ObjectNode node = NODES.objectNode();
        node.put("id", shot.id());
        node.put("name", shot.name());
        node.put("media", shot.media());
        node.put("track", shot.track());
        node.put("start", shot.start());
        node.put("length", shot.length());
        node.put("fillsFrame", shot.fillsFrame());
        node.set("camera", CameraWriter.camera(shot.camera(), EnumSet.allOf(Property.class)));
        putMarkers(node, shot.markers());
        KnownMembers.merge(node, shot.extras().members());
        return node;
    }
}
