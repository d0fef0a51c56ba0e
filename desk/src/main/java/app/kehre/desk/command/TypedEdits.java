package app.kehre.desk.command;

import java.lang.management.ManagementFactory;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseScale;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.desk.session.OpenPlan;

/** Types one edit in each pulse, and keeps how long the JavaFX thread was busy with each. */
final class TypedEdits extends AnimationTimer {

    private static final int COMMIT_EVERY = 10;

    private final OpenPlan open;
    private final CompletableFuture<long[]> done;
    private final long[] busy;
    private final List<Item> items;
    private int edit;
    private long before = -1;

    /**
     * Types into a class once it is started.
     *
     * @param edits how many, 1 or more
     * @param notCounted how many before them, 0 or more
     * @param done told how long each took, in nanoseconds
     */
    TypedEdits(OpenPlan open, int edits, int notCounted, CompletableFuture<long[]> done) {
        this.edit = -notCounted;
        this.open = open;
        this.done = done;
        this.busy = new long[edits];
        this.items = open.plan().items().filter(item -> DoseScale.of(item.dose(), 1.5).isPresent())
                .toList();
    }

    @Override
    public void handle(long now) {
        long cpu = ManagementFactory.getThreadMXBean().getCurrentThreadCpuTime();
        if (edit > 0) {
            busy[edit - 1] = cpu - before;
        }
        if (edit == busy.length) {
            stop();
            done.complete(busy);
            return;
        }
        before = cpu;
        type(Math.floorMod(edit, items.size()), Math.floorMod(edit, 3));
        edit++;
    }

    static boolean settles(int edit) {
        return Math.floorMod(edit, COMMIT_EVERY) == COMMIT_EVERY - 1;
    }

    private void type(int at, int how) {
        Item item = (Item) open.plan().entry(items.get(at).id());
        Dose dose = DoseScale.of(item.dose(), how == 0 ? 1.5 : how == 1 ? 0.7 : 1.2).orElse(item.dose());
        ClassPlan typed = open.plan().with(item.withDose(dose));
        if (settles(edit)) {
            open.edit("Dose of " + item.name(), _ -> typed);
        } else {
            open.preview(typed);
        }
    }
}
