package amberlens.project;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;

/** Recognises project files and brings older versions up to the current one. */
final class Versions {
    static final String FORMAT = "amber-lens/project";
    static final int CURRENT = 9;

    /** From here on files know depth, mirrors and shutters, which an older program would leave out of what it shows. */
    private static final int WITH_DEPTH = 2;

    /** From here on files know looks. */
    private static final int WITH_LOOKS = 3;

    /** From here on files know titles. */
    private static final int WITH_TITLES = 4;

    /** From here on files know sounds. */
    private static final int WITH_SOUND = 5;

    /** From here on files know flights, and pictures that are not the first of their file. */
    private static final int WITH_FLIGHTS = 6;

    /** From here on files know pictures in planes, which an older program would show flat. */
    private static final int WITH_PLANES = 7;

    /** From here on the turns in depth have other names, which an older program would not know. */
    private static final int WITH_PITCH = 8;

    /** From here on files know shakes under a move, which an older program would not show. */
    private static final int WITH_SHAKES = 9;

    /** What has another name since version 8. */
    static final Set<Property<?>> TURNS = Set.of(Properties.PITCH, Properties.YAW, Properties.VIEWING_DISTANCE);

    /** What members of a camera were called before version 8. */
    private static final Map<String, String> OLDER_NAMES =
            Map.of("tilt", "pitch", "swivel", "yaw", "distance", "viewingDistance");

    private Versions() {}

    /** The lowest version that says all that a project holds. */
    static int lowest(Project project) {
        if (project.shots().stream().anyMatch(shot -> shot.settings().shake().isPresent())) {
            return WITH_SHAKES;
        }
        if (project.shots().stream().anyMatch(Versions::namesTurns)) {
            return WITH_PITCH;
        }
        if (project.media().stream().anyMatch(media -> !media.planes().isEmpty())) {
            return WITH_PLANES;
        }
        if (project.media().stream().anyMatch(media -> media.page() > 1)
                || project.shots().stream().anyMatch(Versions::flies)) {
            return WITH_FLIGHTS;
        }
        if (isHeard(project)) {
            return WITH_SOUND;
        }
        if (project.media().stream().anyMatch(media -> media.title().isPresent())) {
            return WITH_TITLES;
        }
        if (project.shots().stream().anyMatch(shot -> !shot.looks().isEmpty())) {
            return WITH_LOOKS;
        }
        boolean deep =
                !project.frame().shutter().isOff() || project.shots().stream().anyMatch(Versions::isDeep);
        return deep ? WITH_DEPTH : 1;
    }

    private static boolean isHeard(Project project) {
        return !project.sounds().isEmpty()
                || project.media().stream().anyMatch(media -> !media.isSeen())
                || project.shots().stream().anyMatch(shot -> shot.settings().heard());
    }

    /** Whether pitch, yaw or viewing distance are named, also as what follows another shot. */
    private static boolean namesTurns(Shot shot) {
        ShotSettings settings = shot.settings();
        return turns(shot.camera())
                || settings.deliveries().values().stream().anyMatch(own -> turns(own.camera()))
                || settings.alternatives().stream().anyMatch(version -> turns(version.camera()))
                || settings.carried()
                        .filter(carried -> carried.properties().stream().anyMatch(TURNS::contains))
                        .isPresent();
    }

    private static boolean turns(CameraTrack camera) {
        return TURNS.stream().anyMatch(camera::has);
    }

    private static boolean flies(Shot shot) {
        ShotSettings settings = shot.settings();
        return shot.camera().flies()
                || settings.deliveries().values().stream()
                        .anyMatch(own -> own.camera().flies())
                || settings.alternatives().stream()
                        .anyMatch(version -> version.camera().flies());
    }

    private static boolean isDeep(Shot shot) {
        ShotSettings settings = shot.settings();
        return shot.camera().hasDepth()
                || settings.mirror() != Mirror.NONE
                || settings.shutter().isPresent()
                || settings.alternatives().stream()
                        .anyMatch(version -> version.camera().hasDepth());
    }

    static boolean isProject(JsonNode tree) {
        return FORMAT.equals(tree.path("format").asText());
    }

    static ObjectNode toCurrent(JsonNode tree, Path file) throws FileProblem {
        if (!(tree instanceof ObjectNode project) || !isProject(project)) {
            throw new FileProblem(file + ": at /format \"" + FORMAT + "\" was expected; this is not a project.");
        }
        JsonNode version = project.path("version");
        if (!version.isIntegralNumber() || version.asLong() < 1) {
            throw new FileProblem(file + ": at /version a whole number from 1 was expected, not " + version + ".");
        }
        if (version.asLong() > CURRENT) {
            throw new FileProblem(file + " was written by a newer version of Amber Lens (file version "
                    + version.asLong() + ", this one reads up to " + CURRENT + "); update Amber Lens to open it.");
        }
        return version.asLong() < WITH_PITCH ? withNewNames(project) : project;
    }

    /** The same tree in which every camera, and every list of what is carried, has today's names of depth. */
    static <N extends JsonNode> N withNewNames(N tree) {
        for (JsonNode camera : tree.findValues("camera")) {
            if (camera instanceof ObjectNode members) {
                OLDER_NAMES.forEach((old, name) -> {
                    if (members.has(old) && !members.has(name)) {
                        members.set(name, members.remove(old));
                    }
                });
            }
        }
        for (JsonNode follows : tree.findValues("follows")) {
            if (follows.path("properties") instanceof ArrayNode properties) {
                for (int i = 0; i < properties.size(); i++) {
                    String id = properties.get(i).asText();
                    if (OLDER_NAMES.containsKey(id)) {
                        properties.set(i, OLDER_NAMES.get(id));
                    }
                }
            }
        }
        return tree;
    }
}
