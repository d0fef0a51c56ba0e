package app.kehre.formats.plan;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Where the code says which figure or rule it rests on, a reader of the project finds it in the docs. */
class CitationsTest {

    private static final Path ROOT = Path.of("..");
    private static final Pattern FIGURES = Pattern.compile("figures\\.md,? \"([^\"]+)\"");
    private static final Pattern CRAFT = Pattern.compile("craft\\.md (\\d+)");

    private static List<String> sources() throws IOException {
        List<String> sources = new ArrayList<>();
        for (String module : List.of("core", "formats", "desk")) {
            try (Stream<Path> files = Files.walk(ROOT.resolve(module).resolve("src/main/java"))) {
                for (Path file : files.filter(each -> each.toString().endsWith(".java")).toList()) {
                    sources.add(Files.readString(file).replaceAll("\\s*\\R\\s*\\*\\s*", " "));
                }
            }
        }
        return sources;
    }

    private static List<String> cited(Pattern pattern) throws IOException {
        return sources().stream().flatMap(source -> pattern.matcher(source).results())
                .map(found -> found.group(1)).distinct().toList();
    }

    @Test
    void everyCitedPlaceIsThere() throws IOException {
        String figures = Files.readString(ROOT.resolve("docs/figures.md"));
        String craft = Files.readString(ROOT.resolve("docs/craft.md"));

        assertThat(cited(FIGURES)).hasSizeGreaterThan(8).allMatch(each -> Pattern
                .compile("^(#{2,3} %1$s|\\| %1$s )".formatted(Matcher.quoteReplacement(each)),
                        Pattern.MULTILINE)
                .matcher(figures).find());
        assertThat(cited(CRAFT)).hasSizeGreaterThan(4)
                .allMatch(each -> craft.contains("\n## %s. ".formatted(each)));
    }
}
