package app.kehre.trials.aloud;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/**
 * Texts that Kehre says, as they were read aloud, whole. Each lies beside this class, to be read from its first line to its
 * last: a sentence that changes is seen there among the others.
 */
public final class ReadAloud {

    private ReadAloud() {}

    /** Returns the lines of a text: {@code findings.txt}. */
    public static List<String> of(String name) throws IOException {
        try (InputStream in = ReadAloud.class.getResourceAsStream(name)) {
            return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8).lines()
                    .toList();
        }
    }
}
