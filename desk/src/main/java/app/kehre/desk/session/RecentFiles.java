package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.desk.fault.FaultLog;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;

/** The files that were open lately, newest first. What cannot be read or kept is forgotten. */
public final class RecentFiles {

    /** So many are remembered: a fortnight of classes, Kehre's estimate. */
    private static final int MOST = 8;

    private final Path folder;
    private final Path list;
    private final Disk disk;

    /** Keeps the list in a folder. */
    public RecentFiles(Path folder, Disk disk) {
        this.folder = folder;
        this.list = folder.resolve("recent.txt");
        this.disk = disk;
    }

    /** Returns those that are still there. */
    public List<Path> all() {
        return lines().stream().flatMap(line -> path(line).stream()).filter(disk::isThere).toList();
    }

    /** Remembers that a file is open. */
    public void add(Path file) {
        String now = file.toAbsolutePath().toString();
        List<String> lines = new ArrayList<>(lines());
        if (!lines.isEmpty() && lines.getFirst().equals(now)) {
            return;
        }
        lines.remove(now);
        lines.addFirst(now);
        try {
            disk.makeFolder(folder);
            disk.replace(list, lines.stream().limit(MOST).collect(Collectors.joining("\n", "", "\n"))
                    .getBytes(StandardCharsets.UTF_8));
        } catch (DiskTrouble unkept) {
            FaultLog.without("the list of files that were open lately", unkept);
        }
    }

    private List<String> lines() {
        if (!disk.isThere(list)) {
            return List.of();
        }
        try {
            return Stream.of(new String(disk.read(list), StandardCharsets.UTF_8).split("\n"))
                    .filter(line -> !line.isBlank()).toList();
        } catch (DiskTrouble unread) {
            FaultLog.without("the list of files that were open lately", unread);
            return List.of();
        }
    }

    private static Optional<Path> path(String line) {
        try {
            return Optional.of(Path.of(line));
        } catch (InvalidPathException noPath) {
            return Optional.empty();
        }
    }
}
