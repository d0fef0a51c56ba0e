package app.kehre.core.edit;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;

import app.kehre.core.plan.ClassPlan;

/**
 * The plan as it stands and the steps that led to it. A step that is taken back gives back no number: what is made
 * after it is never taken for what was made before. The one mutable class of this package; used from one thread.
 */
public final class History {

    private record Step(String name, ClassPlan before, ClassPlan after) {}

    private final Deque<Step> done = new ArrayDeque<>();
    private final Deque<Step> undone = new ArrayDeque<>();
    private ClassPlan current;

    /** Starts a history at a plan. */
    public History(ClassPlan start) {
        this.current = start;
    }

    /** Returns the plan as it stands. */
    public ClassPlan current() {
        return current;
    }

    /** Makes an edit; one that changes nothing is no step. Returns whether there was a change. */
    public boolean make(Edit edit) {
        if (edit.result().equals(current)) {
            return false;
        }
        done.push(new Step(edit.name(), current, edit.result()));
        undone.clear();
        current = edit.result().after(current);
        return true;
    }

    /** Goes on as a plan of its own: the same class, with all steps that led to it. */
    public void become(ClassPlan copy) {
        current = current.with(copy.identity());
    }

    /** Takes the last step back; returns its name, or nothing when there is none. */
    public Optional<String> undo() {
        Optional<Step> step = Optional.ofNullable(done.poll());
        step.ifPresent(last -> {
            undone.push(last);
            current = last.before().with(current.identity());
        });
        return step.map(Step::name);
    }

    /** Makes the last undone step again; returns its name, or nothing when there is none. */
    public Optional<String> redo() {
        Optional<Step> step = Optional.ofNullable(undone.poll());
        step.ifPresent(next -> {
            done.push(next);
            current = next.after().with(current.identity());
        });
        return step.map(Step::name);
    }

    /** Returns the name of the step that undo would take back. */
    public Optional<String> nextUndo() {
        return Optional.ofNullable(done.peek()).map(Step::name);
    }

    /** Returns the name of the step that redo would make again. */
    public Optional<String> nextRedo() {
        return Optional.ofNullable(undone.peek()).map(Step::name);
    }
}
