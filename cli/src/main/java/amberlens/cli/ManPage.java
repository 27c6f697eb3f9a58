package amberlens.cli;

import amberlens.core.base.words.Release;
import java.util.Locale;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.OptionSpec;
import picocli.CommandLine.Model.PositionalParamSpec;

/** A page for {@code man} in the macros of man(7). */
final class ManPage {
    private final CommandLine line;
    private final StringBuilder text = new StringBuilder();

    ManPage(CommandLine line) {
        this.line = line;
    }

    String text() {
        CommandSpec all = line.getCommandSpec();
        put(".TH AMBER 1 \"\" \"" + escaped(Release.WORDS) + "\" \"User commands\"");
        section("NAME");
        put("amber \\- " + lowered(escaped(words(all))));
        section("SYNOPSIS");
        put(".B amber");
        put("[\\fIFILE.amber\\fR]");
        put(".br");
        put(".B amber");
        put("\\fICOMMAND\\fR [\\fIOPTIONS\\fR]");
        section("DESCRIPTION");
        put("Without a command it opens the application, with the project if one is named.");
        section("COMMANDS");
        line.getSubcommands().forEach((name, command) -> command(name, command.getCommandSpec()));
        section("EXIT STATUS");
        put("0 done, 1 failed, 2 wrong use, 3 some edge is open or a shot cannot be sealed.");
        return text.toString().stripTrailing();
    }

    private void put(String line) {
        text.append(line).append('\n');
    }

    private void section(String name) {
        put(".SH " + name);
    }

    private void command(String name, CommandSpec spec) {
        String parameters = spec.positionalParameters().stream()
                .map(PositionalParamSpec::paramLabel)
                .map(label -> " \\fI" + escaped(label) + "\\fR")
                .collect(Collectors.joining());
        put(".SS amber " + escaped(name) + parameters);
        put(escaped(words(spec)));
        for (OptionSpec option : spec.options()) {
            if (!option.hidden() && !option.usageHelp() && !option.versionHelp()) {
                put(".TP");
                put(option(option));
                String described = escaped(String.join(" ", option.description()))
                        .replace("${DEFAULT-VALUE}", escaped(option.defaultValueString()))
                        .replace("${COMPLETION-CANDIDATES}", candidates(option));
                put(described.isEmpty() ? "\\&" : described);
            }
        }
    }

    private static String option(OptionSpec option) {
        String names = String.join(", ", option.names());
        String value = option.arity().max() == 0 ? "" : " \\fI" + escaped(option.paramLabel()) + "\\fR";
        return "\\fB" + escaped(names) + "\\fR" + value;
    }

    private static String candidates(OptionSpec option) {
        Iterable<String> all = option.completionCandidates();
        return all == null ? "" : escaped(String.join(", ", all));
    }

    private static String words(CommandSpec spec) {
        return String.join(" ", spec.usageMessage().description());
    }

    private static String lowered(String sentence) {
        String plain = sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
        return plain.substring(0, 1).toLowerCase(Locale.ROOT) + plain.substring(1);
    }

    /** A hyphen is written so that it can be copied, and no line begins with a request. */
    private static String escaped(String words) {
        String plain = words.replace("\\", "\\e").replace("-", "\\-");
        return plain.startsWith(".") || plain.startsWith("'") ? "\\&" + plain : plain;
    }
}
