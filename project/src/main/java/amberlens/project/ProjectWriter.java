package amberlens.project;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.time.Shutter;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.Alternative;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import amberlens.core.motion.property.Properties;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/** From a project to the members of its file, in a stable order. */
final class ProjectWriter {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private final MediaPaths paths;

    ProjectWriter(Path file) {
        paths = new MediaPaths(file);
    }

    ObjectNode write(Project project) {
        ObjectNode root = NODES.objectNode();
        root.put("format", Versions.FORMAT);
        root.put("version", Versions.lowest(project));
        root.put("name", project.name());
        ObjectNode frame = root.putObject("frame");
        frame.put("width", project.frameSize().width());
        frame.put("height", project.frameSize().height());
        frame.put("rate", project.frame().rate().written());
        frame.put("background", project.frame().background().toString());
        if (project.frame().blurred()) {
            frame.put("blurred", true);
        }
        if (!project.frame().shutter().isOff()) {
            putShutter(frame, project.frame().shutter());
        }
        ArrayNode media = root.putArray("media");
        project.media().forEach(item -> media.add(media(item)));
        ArrayNode shots = root.putArray("shots");
        project.shots().forEach(shot -> shots.add(shot(shot)));
        if (!project.sounds().isEmpty()) {
            ArrayNode sounds = root.putArray("sounds");
            project.sounds().forEach(clip -> sounds.add(SoundWriter.sound(clip)));
        }
        if (project.soundLevel() != 0) {
            root.set("soundLevel", CameraWriter.number(project.soundLevel()));
        }
        putMarkers(root, project.markers());
        putDeliveries(root, project.deliveries());
        KnownMembers.PROJECT.merge(root, project.extras());
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
            KnownMembers.MARKER.merge(written, marker.extras());
        }
    }

    private static void putDeliveries(ObjectNode root, List<Delivery> deliveries) {
        if (deliveries.isEmpty()) {
            return;
        }
        ArrayNode array = root.putArray("deliveries");
        for (Delivery delivery : deliveries) {
            ObjectNode written = array.addObject();
            written.put("id", delivery.id());
            written.put("name", delivery.name());
            written.put("width", delivery.size().width());
            written.put("height", delivery.size().height());
            KnownMembers.DELIVERY.merge(written, delivery.extras());
        }
    }

    private ObjectNode media(Media item) {
        ObjectNode node = NODES.objectNode();
        node.put("id", item.id());
        node.put("kind", item.kind().name().toLowerCase(Locale.ROOT));
        item.title().ifPresentOrElse(title -> TitleMembers.put(node, title), () -> putPicture(node, item));
        LayerWriter.putFootage(node, item);
        item.opaque().ifPresent(area -> {
            ObjectNode written = node.putObject("opaque");
            written.put("x", area.left());
            written.put("y", area.top());
            written.put("width", area.size().width());
            written.put("height", area.size().height());
        });
        TrackMembers.put(node, item.tracks());
        PlaneMembers.put(node, item.planes());
        MarkMembers.put(node, item.marks());
        item.beats().ifPresent(grid -> SoundWriter.putBeats(node, grid));
        KnownMembers.MEDIA.merge(node, item.extras());
        return node;
    }

    private void putPicture(ObjectNode node, Media item) {
        node.put("path", item.hasFile() ? paths.written(item.path()) : item.path());
        if (item.page() > 1) {
            node.put("page", item.page());
        }
        if (item.isSeen()) {
            node.put("width", item.size().width());
            node.put("height", item.size().height());
        }
    }

    private static ObjectNode shot(Shot shot) {
        ObjectNode node = NODES.objectNode();
        node.put("id", shot.id());
        node.put("name", shot.name());
        node.put("media", shot.media());
        node.put("track", shot.track());
        node.put("start", shot.start());
        node.put("length", shot.length());
        LayerWriter.putSource(node, shot.source());
        LayerWriter.putLayering(node, shot.layering());
        putSettings(node, shot.settings());
        node.set("camera", CameraWriter.camera(shot.camera(), Properties.ALL));
        LookWriter.put(node, shot.looks(), shot.camera());
        putMarkers(node, shot.markers());
        KnownMembers.SHOT.merge(node, shot.extras());
        return node;
    }

    private static void putShutter(ObjectNode node, Shutter shutter) {
        node.putObject("shutter").set("angle", CameraWriter.number(shutter.angle()));
    }

    /** What is as usual is left out. */
    private static void putSettings(ObjectNode node, ShotSettings settings) {
        node.put("fillsFrame", settings.fillsFrame());
        if (!settings.keepInside()) {
            node.put("keepInside", false);
        }
        if (settings.opaqueOnly()) {
            node.put("opaqueOnly", true);
        }
        if (settings.mirror() != Mirror.NONE) {
            node.put("mirror", settings.mirror().word());
        }
        settings.shutter().ifPresent(shutter -> putShutter(node, shutter));
        if (settings.heard()) {
            node.put("sound", true);
        }
        settings.shake().ifPresent(shake -> ShakeMembers.put(node, shake));
        if (!settings.locked().isEmpty()) {
            ArrayNode locked = node.putArray("locked");
            settings.locked().forEach(locked::add);
        }
        settings.subject()
                .ifPresent(point -> node.putArray("subject").add(point.x()).add(point.y()));
        switch (settings.backdrop()) {
            case Backdrop.Below _ -> {}
            case Backdrop.Plain plain -> node.put("backdrop", plain.colour().toString());
            case Backdrop.Blurred _ -> node.put("backdrop", SettingsReader.BLURRED);
            case Backdrop.Gradient gradient ->
                node.putObject("backdrop")
                        .putArray("gradient")
                        .add(gradient.top().toString())
                        .add(gradient.bottom().toString());
            case Backdrop.Clouds clouds ->
                node.putObject("backdrop")
                        .put("clouds", clouds.colour().toString())
                        .put("seed", clouds.seed());
        }
        settings.carried().ifPresent(carried -> {
            ObjectNode follows = node.putObject("follows");
            follows.put("shot", carried.from());
            ArrayNode properties = follows.putArray("properties");
            carried.properties().forEach(property -> properties.add(property.id()));
            if (carried.looks()) {
                follows.put("looks", true);
            }
        });
        if (!settings.alternatives().isEmpty()) {
            ArrayNode versions = node.putArray("alternatives");
            for (Alternative version : settings.alternatives()) {
                ObjectNode written = versions.addObject();
                written.put("name", version.name());
                written.set("camera", CameraWriter.camera(version.camera(), Properties.ALL));
                KnownMembers.ALTERNATIVE.merge(written, version.extras());
            }
        }
        if (!settings.deliveries().isEmpty()) {
            ArrayNode deliveries = node.putArray("deliveries");
            settings.deliveries().forEach((id, own) -> {
                ObjectNode written = deliveries.addObject();
                written.put("delivery", id);
                written.set("camera", CameraWriter.camera(own.camera(), Properties.ALL));
                KnownMembers.OWN_FRAMINGS.merge(written, own.extras());
            });
        }
    }
}
