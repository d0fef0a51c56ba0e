package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.exercise.Library;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/**
 * Takes into the studio what lay in files before there was one: each class once, checked by reading it. The files are left
 * where they are.
 */
public final class TakeOver {

    /** The folder in which classes lay. */
    public static final String FOLDER = "classes";
    private static final String TAKEN = "taken-over";

    private final Studio studio;
    private final Disk disk;
    private final Library library;
    private final Instant now;
    private final Set<String> taken = new LinkedHashSet<>();
    private final List<String> problems = new ArrayList<>();
    private int count;

    private TakeOver(Studio studio, Disk disk, Library library, Instant now) {
        this.studio = studio;
        this.disk = disk;
        this.library = library;
        this.now = now;
    }

    /**
     * Takes over the classes that were not taken before.
     *
     * @param data the folder in which their folder lies
     * @return what is to be said, a sentence each: how many were taken, and which could not be read
     * @throws StudioTrouble when the studio could not be read or written
     */
    public static List<String> of(Path data, Studio studio, Disk disk, Library library, Instant now)
            throws StudioTrouble {
        Path folder = data.resolve(FOLDER);
        return disk.isThere(folder) ? new TakeOver(studio, disk, library, now).all(folder) : List.of();
    }

    private List<String> all(Path folder) throws StudioTrouble {
        studio.shelf().read(TAKEN).ifPresent(
                bytes -> new String(bytes, StandardCharsets.UTF_8).lines().forEach(taken::add));
        try {
            for (Path file : disk.list(folder, PlanDocument.ENDING)) {
                if (taken.add(String.valueOf(file.getFileName()))) {
                    take(file);
                }
            }
        } catch (DiskTrouble trouble) {
            problems.add(trouble.sentence());
        }
        if (count + problems.size() > 0) {
            byte[] names = String.join("\n", taken).getBytes(StandardCharsets.UTF_8);
            studio.shelf().change(TAKEN, _ -> Optional.of(names));
        }
        List<String> said = new ArrayList<>();
        if (count > 0) {
            said.add("%d %s taken over into the studio; the files are left in %s.".formatted(count,
                    count == 1 ? "class was" : "classes were", folder));
        }
        problems.forEach(problem -> said.add(problem + " It was not taken over, and its file is left."));
        return said;
    }

    private void take(Path file) throws StudioTrouble {
        String name = String.valueOf(file.getFileName());
        try {
            PlanDocument document = PlanDocument.read(name, disk.read(file), library);
            Plans plans = studio.plans();
            boolean known = plans.find(document.plan().identity().plan()).isPresent();
            PlanDocument own = known ? document.with(document.plan().copy()) : document;
            plans.save(StoredPlan.of(own.plan()), own.bytes(), PlanWords.of(own.plan()), Plans.NONE, now);
            count++;
        } catch (DiskTrouble trouble) {
            problems.add(trouble.sentence());
        } catch (UnreadableFile fault) {
            problems.add(fault.sentence());
        } catch (ChangedElsewhere inBetween) {
            problems.add(String.valueOf(inBetween.getMessage()));
        }
    }
}
