package app.kehre.desk.plan;

import java.util.List;
import java.util.function.Supplier;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

import app.kehre.core.plan.EntryId;

/** What can be done with the selected lines, by key and by the menu that opens on them. */
final class LineActions {

    private record Action(String words, KeyCombination keys, Runnable run) {}

    private final List<Action> actions;

    LineActions(PlanViewModel model, Supplier<List<EntryId>> selected) {
        StructureEdits structures = new StructureEdits(model);
        actions = List.of(
                action("Make a circuit of the selected lines", KeyCode.G,
                        () -> structures.makeCircuit(selected.get()), KeyCombination.SHORTCUT_DOWN),
                action("Dissolve the circuit", KeyCode.G, structures::dissolveCircuit,
                        KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN),
                action("Split the sides into two lines", KeyCode.B, structures::splitSides,
                        KeyCombination.SHORTCUT_DOWN),
                action("Add the second side", KeyCode.B, structures::addSecondSide,
                        KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN),
                action("Second side after the next line", KeyCode.B, structures::secondSideAfterNext,
                        KeyCombination.SHORTCUT_DOWN, KeyCombination.ALT_DOWN),
                action("The group knows it, or not", KeyCode.K, structures::toggleKnown,
                        KeyCombination.SHORTCUT_DOWN),
                action("Duplicate", KeyCode.D, model::duplicateEntry, KeyCombination.SHORTCUT_DOWN),
                action("Move up", KeyCode.UP, () -> model.nudgeEntry(-1), KeyCombination.ALT_DOWN),
                action("Move down", KeyCode.DOWN, () -> model.nudgeEntry(1), KeyCombination.ALT_DOWN),
                action("Remove", KeyCode.DELETE, model::removeEntry));
    }

    private static Action action(String words, KeyCode key, Runnable run, KeyCombination.Modifier... held) {
        return new Action(words, new KeyCodeCombination(key, held), run);
    }

    /** Returns the menu. */
    ContextMenu menu() {
        ContextMenu menu = new ContextMenu();
        for (Action action : actions) {
            MenuItem item = new MenuItem(action.words());
            item.setAccelerator(action.keys());
            item.setOnAction(_ -> action.run().run());
            menu.getItems().add(item);
        }
        menu.getItems().add(5, new SeparatorMenuItem());
        return menu;
    }

    /** Does what a key asks for. Returns whether it asked for anything. */
    boolean onKey(KeyEvent event) {
        for (Action action : actions) {
            if (action.keys().match(event)) {
                action.run().run();
                return true;
            }
        }
        return false;
    }
}
