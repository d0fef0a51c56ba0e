package app.kehre.desk.plan;

import java.util.List;
import java.util.Optional;

import app.kehre.core.edit.Structures;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;

/** Circuits and sides: what is done with the selected lines as a structure. */
final class StructureEdits {

    private final PlanViewModel model;

    StructureEdits(PlanViewModel model) {
        this.model = model;
    }

    void makeCircuit(List<EntryId> ids) {
        EntryId id = model.plan().nextEntryId();
        List<EntryId> items = ids.isEmpty() ? model.entry().get().stream().toList() : ids;
        model.changePlan("Make a circuit", plan -> Structures.makeCircuit(plan, items));
        if (model.plan().find(id).isPresent()) {
            model.select(id);
        } else {
            model.setHint("A circuit is made of exercises that stand in one segment and in no circuit yet.");
        }
    }

    void dissolveCircuit() {
        model.selectedEntry().flatMap(found -> found instanceof Circuit circuit
                ? Optional.of(circuit)
                : model.plan().circuitOf(found.id()))
                .ifPresent(circuit -> model.changePlan("Dissolve " + circuit.name(),
                        plan -> Structures.dissolve(plan, circuit.id())));
    }

    void splitSides() {
        model.selectedEntry().ifPresent(found -> model.changePlan("Split the sides of " + found.name(),
                plan -> Structures.splitSides(plan, found.id())));
    }

    void addSecondSide() {
        model.selectedEntry().ifPresent(found -> model.changePlan("Second side of " + found.name(),
                plan -> Structures.addSecondSide(plan, found.id())));
    }

    void secondSideAfterNext() {
        model.selectedEntry().ifPresent(found -> model.changePlan("Second side of " + found.name() + " later",
                plan -> Structures.secondSideAfterNext(plan, found.id())));
    }

    void toggleKnown() {
        model.selectedEntry().ifPresent(found -> {
            if (found instanceof Item item) {
                model.changePlan("Teaching of " + item.name(),
                        plan -> plan.withKnown(item, !plan.isKnown(item)));
            }
        });
    }
}
