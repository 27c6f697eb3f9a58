package amberlens.cli;

import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Option;

/** Which of a project's frame shapes a command is about. */
final class DeliveryOption {
    @Option(
            names = "--delivery",
            paramLabel = "NAME",
            description = "In this delivery's frame, by its name or id, instead of in the project's own.")
    private @Nullable String name;

    boolean isGiven() {
        return name != null;
    }

    /** The delivery that was named, if one was. */
    Optional<Delivery> of(Project project, CommandLine command) {
        String wanted = name;
        if (wanted == null) {
            return Optional.empty();
        }
        return Optional.of(project.deliveries().stream()
                .filter(delivery ->
                        delivery.id().equals(wanted) || delivery.name().equalsIgnoreCase(wanted))
                .findFirst()
                .orElseThrow(() -> new CommandLine.ParameterException(command, unknown(project, wanted))));
    }

    private static String unknown(Project project, String wanted) {
        String there = project.deliveries().stream().map(Delivery::name).collect(Collectors.joining(", "));
        return "there is no delivery \"" + wanted + "\"; the project has "
                + (there.isEmpty() ? "none, amber reframe --frame adds one" : there);
    }

    /** The project as it is shown in what was named. */
    Project film(Project project, CommandLine command) {
        return of(project, command)
                .map(delivery -> DeliveryFilm.of(project, delivery))
                .orElse(project);
    }

    /** The film in what was named, or else in every shape. */
    List<DeliveryFilm.Named> films(Project project, CommandLine command) {
        Optional<Delivery> only = of(project, command);
        return only.isEmpty()
                ? DeliveryFilm.all(project)
                : List.of(new DeliveryFilm.Named(only, DeliveryFilm.of(project, only.get())));
    }
}
