package app.kehre.desk.kills;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.EntryId;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.Rescued;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

/**
 * Kills windows in which somebody works, at a moment by chance, and looks what is left: every edit that was made more
 * than a second before, whole files, and nothing of what an earlier kill had left until it is safe elsewhere.
 */
public final class KillDriver {

    private static final long SECOND = TimeUnit.SECONDS.toNanos(1);
    private static final Pattern NOTE = Pattern.compile("\"note\" : \"edit (\\d+)\"");
    private static final List<String> KINDS = List.of("edit", "save", "two", "rescue", "studio", "teach");

    private final Path home;
    private final Library library = BuiltInLibrary.load();

    /** An edit that was made, and when it was heard of. */
    private record Made(int number, long at) {}

    /** A window that works. */
    private record Running(Process process, ConcurrentLinkedQueue<Made> made) {}

    /**
     * Makes a driver.
     *
     * @param home the project's folder, with the packaged program
     */
    public KillDriver(Path home) {
        this.home = home;
    }

    /** Runs so many kills (100) with a seed (1), and prints what was lost by kind. */
    public static void main(String... arguments) throws IOException, InterruptedException, UnreadableFile {
        int number = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 100;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        SplittableRandom random = new SplittableRandom(seed);
        KillDriver driver = new KillDriver(Path.of(System.getProperty("kehre.home", ".")));
        Map<String, Integer> kills = new TreeMap<>();
        List<String> lost = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            String kind = KINDS.get(i % KINDS.size());
            kills.merge(kind, 1, Integer::sum);
            String found = driver.kill(kind, random);
            if (!found.isEmpty()) {
                lost.add("%d, %s: %s".formatted(i, kind, found));
            }
        }
        System.out.printf("%d kills, seed %d: %s; lost: %d%n", number, seed, kills, lost.size());
        lost.forEach(System.out::println);
    }

    /** Kills once. Returns what was lost; empty when nothing was. */
    public String kill(String kind, SplittableRandom random)
            throws IOException, InterruptedException, UnreadableFile {
        Path folder = Files.createTempDirectory("kehre-kill");
        try {
            Path plan = Files.write(folder.resolve("evening" + PlanDocument.ENDING),
                    DemoPlan.bytes(DemoPlan.NAMES.getFirst()));
            Path data = folder.resolve("data");
            Files.createDirectories(data.resolve("recovery"));
            return switch (kind) {
                case "rescue" -> rescued(data, plan, random);
                case "teach" -> taught(data, plan, random);
                default -> edited(data, plan, kind, random);
            };
        } finally {
            clear(folder);
        }
    }

    private String edited(Path data, Path plan, String kind, SplittableRandom random)
            throws IOException, InterruptedException, UnreadableFile {
        List<Running> windows = new ArrayList<>();
        windows.add(start(data, plan, kind, random.nextLong(1, 1000)));
        if (kind.equals("two")) {
            windows.add(start(data, plan, "edit", random.nextLong(1, 1000)));
        }
        for (Running each : windows) {
            awaitEdit(each);
        }
        Thread.sleep(random.nextInt(1200, 3500));
        long killed = System.nanoTime();
        for (Running each : windows) {
            each.process().destroyForcibly().waitFor();
        }
        List<Integer> kept = new ArrayList<>();
        for (Path file : files(data.resolve("recovery"))) {
            kept.add(noteOf(Rescued.read(file.getFileName().toString(), Files.readAllBytes(file), library)
                    .document()));
        }
        int saved = Math.max(noteOf(read(plan)), stored(data));
        for (Running each : windows) {
            int due = each.made().stream().filter(made -> killed - made.at() > SECOND).mapToInt(Made::number)
                    .max()
                    .orElse(0);
            boolean safe = kept.stream().anyMatch(number -> number >= due) || saved >= due;
            if (!safe) {
                return "edit %d was a second old, kept are %s, saved %d".formatted(due, kept, saved);
            }
        }
        return kind.equals("two") && kept.size() < 2 ? "two windows, but kept are " + kept : "";
    }

    /** The number of the edit that the latest version in the studio has, which must be whole. */
    private int stored(Path data) throws UnreadableFile {
        try (StudioFile studio = StudioFile.open(data.resolve(StudioFile.NAME))) {
            studio.check();
            int latest = 0;
            for (StoredPlan each : studio.plans().list("", 5)) {
                latest = Math.max(latest,
                        noteOf(PlanDocument.read("stored", studio.plans().document(each.version()),
                                library)));
            }
            return latest;
        } catch (StudioTrouble damaged) {
            throw new IllegalStateException(damaged);
        }
    }

    /** Each press is a second old at most when it is on disk. */
    private String taught(Path data, Path plan, SplittableRandom random)
            throws IOException, InterruptedException {
        Running window = start(data, plan, "teach", random.nextLong(1, 1000));
        awaitEdit(window);
        Thread.sleep(random.nextInt(1200, 3500));
        long killed = System.nanoTime();
        window.process().destroyForcibly().waitFor();
        int due = window.made().stream().filter(made -> killed - made.at() > SECOND).mapToInt(Made::number)
                .max()
                .orElse(0);
        try (Stream<Path> files = Files.list(data.resolve("teaching"))) {
            for (Path file : files.filter(each -> each.toString().endsWith(".teaching")).toList()) {
                int kept = Files.readString(file).split("\"press\":\"next\"", -1).length - 1;
                if (kept >= due) {
                    return "";
                }
            }
        }
        return "press %d was a second old and is not kept".formatted(due);
    }

    private String rescued(Path data, Path plan, SplittableRandom random)
            throws IOException, InterruptedException, UnreadableFile {
        PlanDocument document = read(plan);
        PlanDocument changed = document
                .with(document.plan().with(document.plan().entry(EntryId.FIRST).withNote("edit 77")));
        Files.write(data.resolve("recovery/999999999-1.recovery"),
                new Rescued(changed, Home.NOWHERE).bytes());
        Running window = start(data, plan, "rescue", 1);
        awaitEdit(window);
        Thread.sleep(random.nextInt(0, 500));
        window.process().destroyForcibly().waitFor();
        for (Path file : files(data.resolve("recovery"))) {
            if (noteOf(Rescued.read("kept", Files.readAllBytes(file), library).document()) == 77) {
                return "";
            }
        }
        return "what was rescued is nowhere";
    }

    private PlanDocument read(Path plan) throws IOException, UnreadableFile {
        return PlanDocument.read("plan", Files.readAllBytes(plan), library);
    }

    private Running start(Path data, Path plan, String what, long seed) throws IOException {
        Path app = home.resolve("desk/target/app");
        Path here = home.resolve("desk/target/test-classes");
        Process process = new ProcessBuilder(ProcessHandle.current().info().command().orElseThrow(),
                "-Xmx512m",
                "-XX:+UseSerialGC", "-XX:TieredStopAtLevel=1", "--module-path", app.resolve("fx").toString(),
                "--add-modules", "javafx.controls,javafx.swing",
                "--enable-native-access=javafx.graphics,ALL-UNNAMED", "-cp",
                app.resolve("lib") + "/*" + java.io.File.pathSeparator + here, Victim.class.getName(),
                data.toString(), plan.toString(), what, String.valueOf(seed))
                .redirectError(ProcessBuilder.Redirect.INHERIT).start();
        ConcurrentLinkedQueue<Made> made = new ConcurrentLinkedQueue<>();
        Thread.ofPlatform().daemon().start(() -> listen(process, made));
        return new Running(process, made);
    }

    private static void listen(Process process, ConcurrentLinkedQueue<Made> made) {
        try (BufferedReader lines = process.inputReader()) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                made.add(new Made(line.startsWith("edit ") ? Integer.parseInt(line.substring(5)) : 0,
                        System.nanoTime()));
            }
        } catch (IOException | UncheckedIOException killed) {
            return;
        }
    }

    private static void awaitEdit(Running window) throws InterruptedException {
        long end = System.nanoTime() + 60 * SECOND;
        while (window.made().isEmpty()) {
            if (!window.process().isAlive() || System.nanoTime() > end) {
                throw new IllegalStateException("The window did not come to work.");
            }
            Thread.sleep(5);
        }
    }

    private static int noteOf(PlanDocument document) {
        Matcher note = NOTE
                .matcher("\"note\" : \"%s\"".formatted(document.plan().entry(EntryId.FIRST).note()));
        return note.matches() ? Integer.parseInt(note.group(1)) : 0;
    }

    private static List<Path> files(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(each -> each.toString().toLowerCase(Locale.ROOT).endsWith(".recovery"))
                    .toList();
        }
    }

    private static void clear(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path each : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        }
    }
}
