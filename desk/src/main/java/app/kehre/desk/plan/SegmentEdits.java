package app.kehre.desk.plan;

import java.util.List;

import app.kehre.core.edit.Addables;
import app.kehre.core.edit.Moves;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/** What is done with the chosen segment as a whole. */
final class SegmentEdits {

    private final PlanViewModel model;

    SegmentEdits(PlanViewModel model) {
        this.model = model;
    }

    void add(Role role) {
        SegmentId id = model.plan().nextSegmentId();
        model.changePlan("Add a segment", plan -> Addables.addSegment(plan, model.segment().get(), role));
        model.selectSegment(id);
    }

    void remove() {
        model.selectedSegment().ifPresent(old -> {
            List<SegmentId> ids = model.plan().segments().stream().map(Segment::id).toList();
            int at = ids.indexOf(old.id());
            model.changePlan("Remove " + old.name(), plan -> Moves.removeSegment(plan, old.id()));
            model.selectSegment(ids.get(at == 0 ? Math.min(1, ids.size() - 1) : at - 1));
        });
    }

    void move(int by) {
        model.selectedSegment().ifPresent(
                moved -> model.changePlan("Move " + moved.name(),
                        plan -> Moves.moveSegment(plan, moved.id(), by)));
    }

    void change(Role role) {
        model.selectedSegment()
                .ifPresent(old -> model.changePlan("Role of " + old.name(),
                        plan -> plan.with(old.withRole(role))));
    }
}
