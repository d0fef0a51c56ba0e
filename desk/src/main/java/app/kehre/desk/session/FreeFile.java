package app.kehre.desk.session;

import java.nio.file.Path;

import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.plan.PlanDocument;

/** A file beside others that none of them has: "evening-2.kehre.json" where "evening.kehre.json" is there. */
public final class FreeFile {

    private static final int MOST = 1000;

    private FreeFile() {}

    /**
     * Writes a new file.
     *
     * @param wanted the name that is taken if it is free
     * @return where it lies
     * @throws DiskTrouble when it could not be written, or a thousand of the name are there
     */
    public static Path create(Disk disk, Path wanted, byte[] bytes) throws DiskTrouble {
        String name = String.valueOf(wanted.getFileName()).replaceFirst("(-\\d+)?\\Q%s\\E$"
                .formatted(PlanDocument.ENDING), "");
        Path file = wanted;
        for (int number = 2; disk.isThere(file) && number < MOST; number++) {
            file = wanted.resolveSibling("%s-%d%s".formatted(name, number, PlanDocument.ENDING));
        }
        disk.create(file, bytes);
        return file;
    }
}
