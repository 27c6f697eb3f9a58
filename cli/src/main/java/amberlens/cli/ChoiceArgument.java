package amberlens.cli;

import java.util.Arrays;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import picocli.CommandLine;
import picocli.CommandLine.TypeConversionException;

/** One of several, as people write it: by its name, in small or capital letters. */
final class ChoiceArgument {
    private ChoiceArgument() {}

    /** Lets a type be chosen by its constants' names. */
    static <E extends Enum<E>> void register(CommandLine line, Class<E> type) {
        register(line, type, choice -> choice.name().toLowerCase(Locale.ROOT));
    }

    /** Lets a type be chosen by other names. */
    static <E extends Enum<E>> void register(CommandLine line, Class<E> type, Function<E, String> name) {
        line.registerConverter(type, text -> parse(text, type, name));
    }

    private static <E extends Enum<E>> E parse(String text, Class<E> type, Function<E, String> name) {
        return Arrays.stream(type.getEnumConstants())
                .filter(choice -> name.apply(choice).equalsIgnoreCase(text))
                .findFirst()
                .orElseThrow(() -> new TypeConversionException(Arrays.stream(type.getEnumConstants())
                        .map(name)
                        .collect(Collectors.joining(", ", "choose one of ", ", not \"" + text + "\""))));
    }
}
