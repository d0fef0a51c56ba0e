package app.kehre.desk.command;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;

import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.TypeConversionException;

import app.kehre.core.value.Range;

/** Reads the words of the command line in our own words. */
final class Numbers {

    private Numbers() {}

    /** Has whole numbers and names of files read. */
    static CommandLine readBy(CommandLine line) {
        return line.registerConverter(Integer.class, Numbers::whole)
                .registerConverter(int.class, Numbers::whole)
                .registerConverter(Long.class, Numbers::large).registerConverter(long.class, Numbers::large)
                .registerConverter(Path.class, Numbers::path);
    }

    private static int whole(String text) {
        long number = large(text);
        if (number != (int) number) {
            throw new TypeConversionException("%s is far too large a number.".formatted(text));
        }
        return (int) number;
    }

    private static long large(String text) {
        try {
            return Long.parseLong(text);
        } catch (NumberFormatException refusal) {
            throw new TypeConversionException("\"%s\" is no whole number.".formatted(text));
        }
    }

    private static Path path(String text) {
        try {
            return Path.of(text);
        } catch (InvalidPathException refusal) {
            throw new TypeConversionException(
                    ("\"%s\" cannot be the name of a file here. Set a UTF-8 locale if it has"
                            + " letters beyond ASCII.").formatted(text));
        }
    }

    /**
     * Returns a number in its range.
     *
     * @throws ParameterException with the sentence, when it is out of range
     */
    static int within(CommandSpec command, int number, Range range) {
        range.problem(number).ifPresent(sentence -> {
            throw new ParameterException(command.commandLine(), sentence);
        });
        return number;
    }
}
