package app.kehre.desk.window;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

import app.kehre.core.exercise.Library;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.Recovery;
import app.kehre.desk.session.Rescued;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;

/** Offers what earlier runs left unsaved when they broke off, one after the other; a damaged one hides no other. */
final class Rescue {

    private static final String TOPIC = "rescue";
    private static final String DAMAGED = "damaged rescue";

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Disk disk;
    private final NoticeBar notices;
    private final Recovery recovery;
    private final PlanFiles files;
    private final List<Path> later = new ArrayList<>();

    Rescue(OpenPlan open, Supplier<Library> library, Disk disk, NoticeBar notices, Recovery recovery,
            PlanFiles files) {
        this.open = open;
        this.library = library;
        this.disk = disk;
        this.notices = notices;
        this.recovery = recovery;
        this.files = files;
    }

    /** Offers the first that can be read, and names the first that cannot. */
    void offer() {
        try {
            boolean offered = false;
            boolean named = false;
            for (Path file : recovery.left().stream().filter(each -> !later.contains(each)).toList()) {
                Optional<Rescued> found = offered && named ? Optional.empty() : read(file, named);
                named |= found.isEmpty();
                if (found.isPresent() && !offered) {
                    offered = true;
                    offer(file, found.get());
                }
            }
        } catch (DiskTrouble trouble) {
            files.tell(DAMAGED, trouble.sentence());
        }
    }

    private Optional<Rescued> read(Path file, boolean named) {
        try {
            return Optional.of(Rescued.read(file.getFileName().toString(), disk.read(file), library.get()));
        } catch (DiskTrouble | UnreadableFile trouble) {
            if (!named) {
                notices.show(DAMAGED,
                        "A class that was kept when Kehre broke off cannot be read: %s"
                                .formatted(trouble.getMessage()),
                        List.of(new Way("Later", () -> wait(file)), new Way("Throw it away", () -> {
                            recovery.discard(file);
                            offer();
                        })));
            }
            return Optional.empty();
        }
    }

    private void wait(Path file) {
        later.add(file);
        offer();
    }

    private void offer(Path file, Rescued rescued) {
        String from = rescued.from().file().map(own -> " It belongs to %s.".formatted(own.getFileName()))
                .orElse("");
        notices.show(TOPIC,
                "Kehre broke off before \u201c%s\u201d was saved. Its last state was kept.%s"
                        .formatted(rescued.document().plan().brief().title(), from),
                List.of(new Way("Open it", () -> files.unlessUnsaved(() -> {
                    recovery.take(file);
                    open.openRescued(rescued.document(), rescued.from());
                    offer();
                })), new Way("Throw it away", () -> {
                    recovery.discard(file);
                    offer();
                }), new Way("Later", () -> wait(file))));
    }
}
