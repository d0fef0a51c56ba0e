package app.kehre.desk.session;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.exercise.Library;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/**
 * A class as it is kept for a rescue: the plan document, below lines that say which file it was being changed in and what
 * that held then, or from which version in the studio it was made. Without them it was not saved yet, or an earlier Kehre
 * kept it.
 *
 * @param document the plan
 * @param from where it lives
 */
public record Rescued(PlanDocument document, Home from) {

    private static final String HEAD = "kehre-recovery";
    private static final Pattern HEADED = Pattern
            .compile("\\A" + HEAD + " ([0-9a-f]{64})\n([^\n]+)\n", Pattern.DOTALL);
    private static final Pattern STORED = Pattern.compile("\\A" + HEAD + " studio (\\d{1,18})\n");
    /** The head is looked for in so many bytes: no path is longer. */
    private static final int HEAD_MOST = 16_384;

    /** Returns the bytes to keep. */
    public byte[] bytes() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        if (from instanceof Home.InStudio(long version)) {
            bytes.writeBytes("%s studio %d\n".formatted(HEAD, version).getBytes(StandardCharsets.UTF_8));
        }
        from.inFile().filter(each -> !each.file().toString().contains("\n"))
                .map(each -> "%s %s%n%s%n".formatted(HEAD, each.print(), each.file().toAbsolutePath())
                        .replace(System.lineSeparator(), "\n"))
                .ifPresent(head -> bytes.writeBytes(head.getBytes(StandardCharsets.UTF_8)));
        bytes.writeBytes(document.bytes());
        return bytes.toByteArray();
    }

    /**
     * Reads what was kept.
     *
     * @throws UnreadableFile when it is damaged
     */
    public static Rescued read(String name, byte[] bytes, Library library) throws UnreadableFile {
        String start = new String(bytes, 0, Math.min(bytes.length, HEAD_MOST), StandardCharsets.UTF_8);
        Matcher head = HEADED.matcher(start);
        Matcher stored = STORED.matcher(start);
        if (stored.lookingAt()) {
            return new Rescued(behind(stored, name, bytes, library),
                    new Home.InStudio(Long.parseLong(stored.group(1))));
        }
        if (!head.lookingAt()) {
            return new Rescued(PlanDocument.read(name, bytes, library), Home.NOWHERE);
        }
        return new Rescued(behind(head, name, bytes, library), path(head.group(2))
                .<Home>map(file -> new Home.InFile(new PlanInFile(file, head.group(1))))
                .orElse(Home.NOWHERE));
    }

    private static PlanDocument behind(Matcher head, String name, byte[] bytes, Library library)
            throws UnreadableFile {
        int length = head.group().getBytes(StandardCharsets.UTF_8).length;
        return PlanDocument.read(name, Arrays.copyOfRange(bytes, length, bytes.length), library);
    }

    private static Optional<Path> path(String text) {
        try {
            return Optional.of(Path.of(text));
        } catch (InvalidPathException elsewhere) {
            return Optional.empty();
        }
    }
}
