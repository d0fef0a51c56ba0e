package app.kehre.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeParseException;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import app.kehre.core.studio.StudioTrouble;

/** The dated copies of a studio: one a day, of which the last ten stay, and the first of each month. */
public final class Backups {

    /** So many days are kept. */
    public static final int DAYS = 10;
    private static final Pattern NAMED = Pattern.compile("studio-(\\d{4}-\\d{2}-\\d{2})\\.db");

    private final Path folder;

    /** Looks after the copies in a folder, which is made when there is a copy to make. */
    public Backups(Path folder) {
        this.folder = folder;
    }

    /**
     * Makes today's copy unless there is one, and lets go of those that are not kept.
     *
     * @return where it lies; nothing when there was one
     * @throws StudioTrouble when it could not be made; no older one is let go then
     */
    public Optional<Path> keepToday(StudioFile studio, LocalDate today) throws StudioTrouble {
        Path file = folder.resolve("studio-%s.db".formatted(today));
        try {
            if (Files.exists(file)) {
                return Optional.empty();
            }
            studio.backUp(file);
            letGo();
            return Optional.of(file);
        } catch (IOException cause) {
            throw new StudioTrouble("The copies of the studio in %s could not be looked through."
                    .formatted(folder), cause);
        }
    }

    /**
     * Returns the days of which there are copies, the latest first.
     *
     * @throws IOException when the folder could not be read
     */
    public List<LocalDate> days() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.flatMap(file -> day(file).stream()).sorted((one, other) -> other.compareTo(one))
                    .toList();
        }
    }

    private void letGo() throws IOException {
        List<LocalDate> days = days();
        Set<LocalDate> kept = new HashSet<>(days.subList(0, Math.min(DAYS, days.size())));
        Set<YearMonth> months = new HashSet<>();
        days.reversed().stream().filter(day -> months.add(YearMonth.from(day))).forEach(kept::add);
        for (LocalDate day : days) {
            if (!kept.contains(day)) {
                Files.deleteIfExists(folder.resolve("studio-%s.db".formatted(day)));
            }
        }
    }

    private static Optional<LocalDate> day(Path file) {
        Matcher named = NAMED.matcher(String.valueOf(file.getFileName()));
        try {
            return named.matches() ? Optional.of(LocalDate.parse(named.group(1))) : Optional.empty();
        } catch (DateTimeParseException other) {
            return Optional.empty();
        }
    }
}
