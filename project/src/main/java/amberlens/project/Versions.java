package amberlens.project;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;

/** Recognises project files and brings older versions up to the current one. */
final class Versions {
    static final String FORMAT = "amber-lens/project";
    static final int CURRENT = 7;

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

    private Versions() {}

    /** The lowest version that says all that a project holds. */
    static int lowest(Project project) {
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
        return project;
    }
}
