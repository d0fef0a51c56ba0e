package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.stream.Stream;

import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

/** The folder of the demo classes, beside what the user has there. */
final class DemoFolder {

    private DemoFolder() {}

    /** Puts the demo classes into the data folder's classes; a file that is there already stays as it is. */
    static void fill(Disk disk, Path data) {
        Path folder = data.resolve("classes");
        try {
            disk.makeFolder(folder);
            for (String name : Stream.concat(DemoPlan.NAMES.stream(), Stream.of(DemoPlan.EVERYTHING_AT_ONCE))
                    .toList()) {
                Path file = folder.resolve(name + PlanDocument.ENDING);
                if (!disk.isThere(file)) {
                    disk.create(file, DemoPlan.bytes(name));
                }
            }
        } catch (DiskTrouble trouble) {
            System.err.println(trouble.sentence());
        }
    }
}
