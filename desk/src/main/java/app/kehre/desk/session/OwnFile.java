package app.kehre.desk.session;

import java.nio.file.Path;
import java.time.Instant;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The names of files that belong to one running Kehre: its process and when that started. */
final class OwnFile {

    private static final Pattern NAME = Pattern.compile("(\\d{1,18})-(\\d{1,18})\\..*");

    private OwnFile() {}

    /** Returns the name of this process's file. */
    static String name(String ending) {
        ProcessHandle here = ProcessHandle.current();
        return "%d-%d%s".formatted(here.pid(), started(here), ending);
    }

    /** Returns whether the process that a file belongs to still runs. */
    static boolean isOfRunning(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        return name.matches() && ProcessHandle.of(Long.parseLong(name.group(1)))
                .filter(process -> started(process) == Long.parseLong(name.group(2))).isPresent();
    }

    private static long started(ProcessHandle process) {
        return process.info().startInstant().map(Instant::toEpochMilli).orElse(0L);
    }
}
