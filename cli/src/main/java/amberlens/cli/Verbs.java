package amberlens.cli;

import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;

/** All that {@code amber} answers to: our commands, and those that the script starts by itself. */
final class Verbs {
    private Verbs() {}

    static CommandLine withThoseOfTheScript() {
        CommandLine line = Main.line();
        add(
                line,
                "demo",
                "Opens the demo project; with no display, renders it to a film and saves a picture of the main window.");
        CommandSpec shoot = spec("Saves an offscreen picture of a main view.");
        shoot.addOption(option("--view", "NAME", "Which view."));
        shoot.addOption(option("-o", "OUT", "The picture, a PNG."));
        shoot.addPositional(PositionalParamSpec.builder()
                .paramLabel("FILE")
                .description("The project.")
                .arity("0..1")
                .build());
        line.addSubcommand("shoot", shoot);
        add(line, "package", "Builds an application image, and on Debian a package, that need no JDK.");
        add(line, "test", "Runs the whole test suite.");
        add(line, "bench", "Measures, see docs/BENCHMARKS.md.");
        CommandSpec fuzz = spec("Damages files at random and checks that they are read or refused with a message.");
        fuzz.addOption(option("--minutes", "N", "How long."));
        fuzz.addOption(option("--kind", "KIND", "project, picture or film."));
        fuzz.addOption(option("--seed", "N", "A different seed gives different damage."));
        fuzz.addOption(option("--out", "FOLDER", "Where files that fail are kept."));
        line.addSubcommand("fuzz", fuzz);
        add(line, "mutants", "Changes the code at random and checks that a test fails.");
        return line;
    }

    private static void add(CommandLine line, String name, String description) {
        line.addSubcommand(name, spec(description));
    }

    private static CommandSpec spec(String description) {
        CommandSpec spec = CommandSpec.create();
        spec.usageMessage().description(description);
        return spec;
    }

    private static OptionSpec option(String name, String label, String description) {
        return OptionSpec.builder(name)
                .paramLabel(label)
                .type(String.class)
                .description(description)
                .build();
    }
}
