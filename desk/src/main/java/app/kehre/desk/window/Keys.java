package app.kehre.desk.window;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import app.kehre.desk.control.InlineField;
import app.kehre.desk.plan.PlanView;
import app.kehre.desk.session.OpenPlan;

/** The keys that work wherever the keyboard is. */
final class Keys {

    private final MainWindow window;
    private final PlanFiles files;
    private final OpenPlan open;
    private final Supplier<PlanView> planView;

    Keys(MainWindow window, PlanFiles files, OpenPlan open, Supplier<PlanView> planView) {
        this.window = window;
        this.files = files;
        this.open = open;
        this.planView = planView;
    }

    void onKey(KeyEvent event) {
        if (window.place() == Place.PLAN && planView.get().onSideKey(event)) {
            event.consume();
        } else if (event.isShortcutDown() && event.isAltDown() && steps(event) != 0) {
            window.zoom(steps(event));
            event.consume();
        } else if (event.isShortcutDown() && !event.isAltDown()) {
            action(event).ifPresent(found -> {
                if (event.getCode() == KeyCode.S || event.getCode() == KeyCode.N
                        || event.getCode() == KeyCode.O) {
                    settleTyping();
                }
                found.run();
                event.consume();
            });
        }
    }

    private static int steps(KeyEvent event) {
        return switch (event.getCode()) {
            case PLUS, ADD, EQUALS -> 1;
            case MINUS, SUBTRACT -> -1;
            default -> 0;
        };
    }

    private Optional<Runnable> action(KeyEvent event) {
        return switch (event.getCode()) {
            case N -> Optional.of(window::startNew);
            case O -> Optional.of(files::open);
            case S -> Optional.of(event.isShiftDown() ? files::saveAs : files::save);
            case Z -> window.place() == Place.TEACH
                    ? Optional.of(window.teaching()::undo)
                    : undoing(event.isShiftDown());
            case L -> Optional.of(() -> {
                window.go(Place.PLAN);
                planView.get().focusAdd();
            });
            case T -> Optional.of(() -> {
                window.go(Place.PLAN);
                planView.get().showText();
            });
            default -> Place.ofDigit(event.getCode().getName()).map(place -> () -> window.go(place));
        };
    }

    /** While somebody types, undo belongs to the text. */
    private Optional<Runnable> undoing(boolean again) {
        boolean typing = switch (window.scene().getFocusOwner()) {
            case InlineField field -> field.typing();
            case TextInputControl field -> field.isUndoable() || field.isRedoable();
            case null, default -> false;
        };
        return typing ? Optional.empty() : Optional.of(again ? open::redo : open::undo);
    }

    /** Takes over what is being typed, so that it is saved too. */
    private void settleTyping() {
        if (window.scene().getFocusOwner() instanceof TextInputControl) {
            window.scene().getRoot().requestFocus();
            window.focusPlace();
        }
    }
}
