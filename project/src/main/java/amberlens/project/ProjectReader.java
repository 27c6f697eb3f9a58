package amberlens.project;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Shutter;
import amberlens.core.edit.edits.LinkedMoves;
import amberlens.core.material.mark.Mark;
import amberlens.core.material.planes.Plane;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.material.title.Title;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import amberlens.core.motion.camera.CameraTrack;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** From a file's members, which the schema has accepted, to a project. Rules beyond the schema are checked here. */
final class ProjectReader {
    private final Path file;
    private final MediaPaths paths;

    ProjectReader(Path file) {
        this.file = file;
        paths = new MediaPaths(file);
    }

    Project read(JsonNode root) throws FileProblem {
        List<Media> media = new ArrayList<>();
        var mediaIds = new HashSet<String>();
        for (int i = 0; i < root.get("media").size(); i++) {
            String at = "/media/" + i;
            Media item = media(root.get("media").get(i), at);
            require(
                    mediaIds.add(item.id()),
                    at + "/id",
                    "an id of its own was expected; \"" + item.id() + "\" is taken");
            media.add(item);
        }
        FrameFormat format = frame(root.get("frame"));
        List<Shot> shots = new ArrayList<>();
        var shotIds = new HashSet<String>();
        for (int i = 0; i < root.get("shots").size(); i++) {
            String at = "/shots/" + i;
            JsonNode node = root.get("shots").get(i);
            Size picture = media.stream()
                    .filter(item -> item.id().equals(node.get("media").asText()))
                    .findFirst()
                    .map(Media::size)
                    .orElse(format.size());
            Shot shot = shot(node, at, picture, format.size());
            require(
                    shotIds.add(shot.id()),
                    at + "/id",
                    "an id of its own was expected; \"" + shot.id() + "\" is taken");
            require(
                    mediaIds.contains(shot.media()),
                    at + "/media",
                    "the id of one of the media was expected, not \"" + shot.media() + "\"");
            require(
                    media.stream()
                            .filter(item -> item.id().equals(shot.media()))
                            .allMatch(Media::isSeen),
                    at + "/media",
                    "media that can be seen were expected; \"" + shot.media() + "\" is a sound");
            shots.add(shot);
        }
        Optional<Shot> circle = LinkedMoves.circle(shots);
        if (circle.isPresent()) {
            throw CameraReader.problem(
                    file,
                    "/shots/" + shots.indexOf(circle.get()) + "/follows",
                    "a shot was expected that does not follow this one in turn");
        }
        List<Delivery> deliveries = deliveries(root.path("deliveries"));
        List<SoundClip> sounds = new SoundReader(file).sounds(root.path("sounds"), "/sounds");
        return checked(
                "/sounds",
                () -> new Project(
                        root.get("name").asText(),
                        format,
                        media,
                        shots,
                        sounds,
                        root.path("soundLevel").asDouble(0),
                        markers(root),
                        deliveries,
                        KnownMembers.PROJECT.extras(root)));
    }

    private List<Delivery> deliveries(JsonNode written) throws FileProblem {
        List<Delivery> deliveries = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            JsonNode node = written.get(i);
            String at = "/deliveries/" + i;
            Delivery delivery = checked(
                    at,
                    () -> new Delivery(
                            node.get("id").asText(),
                            node.get("name").asText(),
                            size(node),
                            KnownMembers.DELIVERY.extras(node)));
            require(
                    deliveries.stream().noneMatch(delivery::clashes),
                    at,
                    "an id and a name of its own were expected; \"" + delivery.id() + "\" or \"" + delivery.name()
                            + "\" is taken");
            deliveries.add(delivery);
        }
        return deliveries;
    }

    private FrameFormat frame(JsonNode node) throws FileProblem {
        return checked(
                "/frame",
                () -> new FrameFormat(
                        size(node),
                        FrameRate.parse(node.get("rate").asText()),
                        node.has("background")
                                ? Colour.parse(node.get("background").asText())
                                : Colour.BLACK,
                        node.path("blurred").asBoolean(false),
                        SettingsReader.shutter(node.path("shutter")).orElse(Shutter.OFF)));
    }

    private Media media(JsonNode node, String at) throws FileProblem {
        if (LayerReader.kind(node) == Media.Kind.TITLE) {
            Title title = checked(at + "/title", () -> TitleMembers.title(node.get("title")));
            return checked(
                    at, () -> Media.title(node.get("id").asText(), title).withExtras(KnownMembers.MEDIA.extras(node)));
        }
        String written = node.get("path").asText();
        Optional<BeatGrid> beats = new SoundReader(file).beats(node.path("beats"), at + "/beats");
        if (LayerReader.kind(node) == Media.Kind.SOUND) {
            return checked(at, () -> Media.sound(node.get("id").asText(), paths.absolute(written))
                    .withBeats(beats)
                    .withFingerprint(LayerReader.fingerprint(node))
                    .withExtras(KnownMembers.MEDIA.extras(node)));
        }
        List<Track> tracks = TrackMembers.read(file, node.path("tracks"), at + "/tracks");
        List<Plane> planes = PlaneMembers.read(file, node.path("planes"), at + "/planes");
        List<Mark> marks = MarkMembers.read(file, node.path("marks"), at + "/marks");
        return checked(
                at,
                () -> new Media(
                        node.get("id").asText(),
                        LayerReader.kind(node),
                        LayerReader.kind(node) == Media.Kind.RIG ? written : paths.absolute(written),
                        size(node),
                        LayerReader.footage(node),
                        LayerReader.fingerprint(node),
                        opaque(node),
                        Optional.empty(),
                        beats,
                        tracks,
                        planes,
                        marks,
                        node.path("page").asInt(1),
                        KnownMembers.MEDIA.extras(node)));
    }

    private Shot shot(JsonNode node, String at, Size picture, Size frame) throws FileProblem {
        CameraTrack track = new CameraReader(file, frame).camera(node.get("camera"), at + "/camera");
        LookReader.Read looks = new LookReader(file, picture, frame).looks(node.path("looks"), at + "/looks", track);
        String id = node.get("id").asText();
        ShotSettings settings = new SettingsReader(file, frame).settings(node, at);
        return checked(
                at,
                () -> new Shot(
                        id,
                        node.path("name").asText(id),
                        node.get("media").asText(),
                        node.path("track").asInt(1),
                        node.get("start").asInt(),
                        node.get("length").asInt(),
                        LayerReader.source(node),
                        LayerReader.layering(node),
                        settings,
                        looks.camera(),
                        looks.looks(),
                        markers(node),
                        KnownMembers.SHOT.extras(node)));
    }

    private static List<Marker> markers(JsonNode node) {
        List<Marker> markers = new ArrayList<>();
        node.path("markers")
                .forEach(marker -> markers.add(new Marker(
                        marker.get("at").asInt(), marker.path("name").asText(""), KnownMembers.MARKER.extras(marker))));
        return markers;
    }

    private static Optional<PictureArea> opaque(JsonNode media) {
        JsonNode area = media.path("opaque");
        return area.isMissingNode()
                ? Optional.empty()
                : Optional.of(
                        new PictureArea(area.get("x").asInt(), area.get("y").asInt(), size(area)));
    }

    private static Size size(JsonNode node) {
        return new Size(node.get("width").asInt(), node.get("height").asInt());
    }

    private void require(boolean condition, String pointer, String expectation) throws FileProblem {
        if (!condition) {
            throw CameraReader.problem(file, pointer, expectation);
        }
    }

    private <T> T checked(String pointer, Supplier<T> value) throws FileProblem {
        return CameraReader.checked(file, pointer, value);
    }
}
