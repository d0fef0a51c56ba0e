package app.kehre.store.kills;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SplittableRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Version;
import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * A process that is killed at any moment of saving, teaching, copying or bringing a studio up to date leaves a whole file,
 * and loses nothing that it said was kept. With {@code -Dkills=1000} it is killed so often (10).
 */
class StudioKillsTest {

    private static final int PATIENCE = 4_000;
    private static final List<String> WAYS = List.of("save", "teach", "open", "shelf", "copy");

    @Test
    void whatWasKeptIsThereAndTheFileIsWholeWheneverTheProcessIsKilled() {
        int kills = Integer.getInteger("kills", 10);
        AtomicInteger kept = new AtomicInteger();
        List<String> lost = IntStream.range(0, kills).parallel()
                .mapToObj(number -> killed(number, WAYS.get(number % WAYS.size()), kept))
                .filter(found -> !found.isEmpty()).toList();

        System.out.printf("%d kills, %d times something had been kept; lost: %d%n", kills, kept.get(),
                lost.size());
        assertThat(lost).isEmpty();
        assertThat(kept.get()).as("it was killed while it worked").isPositive();
    }

    private static String killed(int number, String way, AtomicInteger kept) {
        try {
            Path folder = Files.createTempDirectory("kehre-kills");
            try {
                return killed(folder.resolve(StudioFile.NAME), way, new SplittableRandom(number), kept);
            } finally {
                clear(folder);
            }
        } catch (IOException | InterruptedException | SQLException failed) {
            return "%d, %s: %s".formatted(number, way, failed);
        } catch (StudioTrouble trouble) {
            return "%d, %s: %s".formatted(number, way, trouble.sentence());
        }
    }

    private static String killed(Path file, String way, SplittableRandom random, AtomicInteger kept)
            throws IOException, InterruptedException, SQLException, StudioTrouble {
        if (way.equals("open")) {
            makeOld(file);
        } else {
            StudioFile.open(file).close();
        }
        Path told = file.resolveSibling("told");
        Process process = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1", "-cp", System.getProperty("java.class.path"),
                StudioVictim.class.getName(), file.toString(), way)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .redirectOutput(told.toFile()).start();
        String wanted = switch (way) {
            case "open" -> "begun";
            case "copy" -> "open";
            default -> "kept";
        };
        for (int i = 0; i < PATIENCE && !Files.readString(told).contains(wanted); i++) {
            Thread.sleep(5);
        }
        Thread.sleep(random.nextInt(0, 400));
        process.destroyForcibly().waitFor();
        List<Integer> said = Files.readAllLines(told).stream().filter(line -> line.matches("kept \\d+"))
                .map(line -> Integer.valueOf(line.substring(5))).toList();
        kept.addAndGet(said.isEmpty() ? 0 : 1);
        return lost(file, way, said);
    }

    private static void makeOld(Path file) throws SQLException {
        Flyway.configure(StudioFile.class.getClassLoader()).dataSource("jdbc:sqlite:" + file, null, null)
                .locations("classpath:app/kehre/store/migrations").target("1").load().migrate();
        try (Connection old = DriverManager.getConnection("jdbc:sqlite:" + file)) {
            old.setAutoCommit(false);
            for (int i = 1; i <= 200; i++) {
                old.createStatement().execute(
                        "insert into class_record values (%d, '%s', 'Old', '2026-01-01T%02d:%02d', 1, 1, 1)"
                                .formatted(i, StudioVictim.PLAN, i / 60, i % 60));
            }
            old.commit();
        }
    }

    private static String lost(Path file, String way, List<Integer> said) throws StudioTrouble {
        try (StudioFile studio = StudioFile.open(file)) {
            studio.check();
            int last = said.isEmpty() ? 0 : said.getLast();
            return switch (way) {
                case "save" -> {
                    List<Integer> there = studio.plans().versions(StudioVictim.PLAN).stream()
                            .map(Version::number)
                            .map(Long::intValue).toList();
                    yield there.containsAll(said)
                            ? ""
                            : "versions " + said + " were kept, there are " + there;
                }
                case "teach" ->
                    studio.records().list("", 10_000).size() >= last ? "" : "records up to " + last;
                case "open" -> studio.records().list("old", 1_000).size() == 200 ? "" : "old records";
                case "shelf" -> last == 0 || studio.shelf().read("exercises.json").stream()
                        .anyMatch(bytes -> Arrays.equals(bytes, StudioVictim.text(last))
                                || Arrays.equals(bytes, StudioVictim.text(last + 1)))
                                        ? ""
                                        : "exercises " + last;
                default -> copies(file);
            };
        }
    }

    /** Each copy that has its name is whole. */
    private static String copies(Path file) throws StudioTrouble {
        Path folder = file.resolveSibling("backups");
        try (Stream<Path> all = Files.exists(folder) ? Files.list(folder) : Stream.empty()) {
            for (Path copy : all.filter(each -> each.toString().endsWith(".db")).toList()) {
                try (StudioFile whole = StudioFile.open(copy)) {
                    whole.check();
                }
            }
            return "";
        } catch (IOException failed) {
            return failed.toString();
        }
    }

    private static void clear(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        }
    }
}
