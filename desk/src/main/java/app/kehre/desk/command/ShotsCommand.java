package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.TypeConversionException;

import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;

/** {@code kehre shots DIR}. */
@Command(name = "shots", mixinStandardHelpOptions = true, description = {
        "Draws each main view of the demo class as a PNG.", "Needs no display."})
final class ShotsCommand implements Callable<Integer> {

    @Parameters(paramLabel = "DIR", description = "Where the pictures go.")
    private @Nullable Path folder;

    @Option(names = "--plan", paramLabel = "PLAN", description = "Another class than the demo's.")
    private @Nullable Path plan;

    @Option(names = "--size", paramLabel = "WxH", defaultValue = "1280x800", converter = SizeReader.class, description = "The size of the window in pixels: ${DEFAULT-VALUE}.")
    private Size size = new Size(1280, 800);

    /** A window's size in pixels. */
    record Size(int width, int height) {}

    /** Reads sizes like 1280x800. */
    static final class SizeReader implements ITypeConverter<Size> {

        private static final Pattern SIZE = Pattern.compile("(\\d{3,4})x(\\d{3,4})");

        @Override
        public Size convert(String text) {
            Matcher parts = SIZE.matcher(text);
            if (!parts.matches()) {
                throw new TypeConversionException(
                        "\"%s\" is not a size: write it like 1280x800.".formatted(text));
            }
            return new Size(Integer.parseInt(parts.group(1)), Integer.parseInt(parts.group(2)));
        }
    }

    @Override
    public Integer call() throws DiskTrouble, UnreadableFile {
        return Launch.shots(Objects.requireNonNull(folder, "DIR"), Optional.ofNullable(plan),
                size);
    }
}
