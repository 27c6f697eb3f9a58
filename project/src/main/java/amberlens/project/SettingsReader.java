package amberlens.project;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Shutter;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.Alternative;
import amberlens.core.model.project.Carried;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.OwnFramings;
import amberlens.core.model.project.ShotSettings;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;

/** From the members of a shot, which the schema has accepted, to its settings. What is not written is as usual. */
final class SettingsReader {
    static final String BLURRED = "blurred";

    private final Path file;
    private final Size frame;

    /** @param frame of the project */
    SettingsReader(Path file, Size frame) {
        this.file = file;
        this.frame = frame;
    }

    ShotSettings settings(JsonNode shot, String at) throws FileProblem {
        var locked = new TreeSet<Integer>();
        shot.path("locked").forEach(frame -> locked.add(frame.asInt()));
        return new ShotSettings(
                shot.path("fillsFrame").asBoolean(true),
                shot.path("keepInside").asBoolean(true),
                shot.path("opaqueOnly").asBoolean(false),
                locked,
                subject(shot.path("subject")),
                backdrop(shot.path("backdrop")),
                alternatives(shot.path("alternatives"), at + "/alternatives"),
                carried(shot.path("follows"), at + "/follows"),
                mirror(shot.path("mirror").asText("")),
                shutter(shot.path("shutter")),
                shot.path("sound").asBoolean(false),
                ShakeMembers.read(file, shot.path("shake"), at + "/shake"),
                deliveries(shot.path("deliveries"), at + "/deliveries"));
    }

    private static Mirror mirror(String word) {
        return Stream.of(Mirror.values())
                .filter(mirror -> mirror.word().equals(word))
                .findFirst()
                .orElse(Mirror.NONE);
    }

    /** A shutter, if there is one. */
    static Optional<Shutter> shutter(JsonNode node) {
        return node.isMissingNode()
                ? Optional.empty()
                : Optional.of(new Shutter(node.get("angle").asDouble()));
    }

    private static Optional<PicturePoint> subject(JsonNode point) {
        return point.isMissingNode()
                ? Optional.empty()
                : Optional.of(
                        new PicturePoint(point.get(0).asDouble(), point.get(1).asDouble()));
    }

    private Optional<Carried> carried(JsonNode written, String at) throws FileProblem {
        if (written.isMissingNode()) {
            return Optional.empty();
        }
        Set<Property<?>> properties = new TreeSet<>();
        for (JsonNode id : written.get("properties")) {
            Properties.named(id.asText()).ifPresent(properties::add);
        }
        boolean looks = written.path("looks").asBoolean(false);
        return Optional.of(CameraReader.checked(
                file, at, () -> new Carried(written.get("shot").asText(), properties, looks)));
    }

    private static Backdrop backdrop(JsonNode written) {
        if (written.isMissingNode()) {
            return Backdrop.BELOW;
        }
        if (written.has("gradient")) {
            JsonNode colours = written.get("gradient");
            return new Backdrop.Gradient(
                    Colour.parse(colours.get(0).asText()),
                    Colour.parse(colours.get(1).asText()));
        }
        if (written.has("clouds")) {
            return new Backdrop.Clouds(
                    Colour.parse(written.get("clouds").asText()),
                    written.path("seed").asLong(1));
        }
        return written.asText().equals(BLURRED) ? Backdrop.BLURRED : new Backdrop.Plain(Colour.parse(written.asText()));
    }

    private List<Alternative> alternatives(JsonNode written, String at) throws FileProblem {
        List<Alternative> read = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            JsonNode version = written.get(i);
            var camera = new CameraReader(file, frame).camera(version.get("camera"), at + "/" + i + "/camera");
            String name = version.get("name").asText();
            read.add(CameraReader.checked(
                    file, at + "/" + i, () -> new Alternative(name, camera, KnownMembers.ALTERNATIVE.extras(version))));
        }
        return read;
    }

    private SortedMap<String, OwnFramings> deliveries(JsonNode written, String at) throws FileProblem {
        SortedMap<String, OwnFramings> read = new TreeMap<>();
        for (int i = 0; i < written.size(); i++) {
            JsonNode node = written.get(i);
            String id = node.get("delivery").asText();
            var camera = new CameraReader(file, frame).camera(node.get("camera"), at + "/" + i + "/camera");
            if (read.put(id, new OwnFramings(camera, KnownMembers.OWN_FRAMINGS.extras(node))) != null) {
                throw CameraReader.problem(
                        file,
                        at + "/" + i + "/delivery",
                        "another delivery was expected; \"" + id + "\" is there already");
            }
        }
        return read;
    }
}
