package app.kehre.desk.control;

import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import app.kehre.desk.look.Type;

/**
 * A text that is edited where it stands. Enter or leaving the field takes the text over; Escape drops it;
 * a text that is refused stays to be mended on Enter, and is dropped on leaving.
 */
public final class InlineField extends TextField {

    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");

    private static final double PADDING = 9;

    private final Commit commit;
    private final Consumer<String> hint;
    private String settled = "";
    private String latest = "";
    private boolean dropping;

    /**
     * Makes a field.
     *
     * @param name what screen readers say
     * @param hint told what the typed text would mean, or what is against it; empty when typing is over
     */
    public InlineField(String name, Commit commit, Consumer<String> hint) {
        this.commit = commit;
        this.hint = hint;
        setAccessibleText(name);
        getStyleClass().add("inline-field");
        textProperty().addListener((_, _, typed) -> typed(typed));
        focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                setText(settled);
                selectAll();
            } else if (!dropping) {
                leave();
            }
        });
        widthProperty().addListener(_ -> {
            if (!isFocused()) {
                showSettled();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
    }

    /** Keeps the field as wide as its text, between two widths in pixels; it is never squeezed. */
    public InlineField fitted(double least, double most) {
        return shrinkable(least, least, most).unsqueezed();
    }

    /** Keeps the field as wide as its text where there is room, else at least so wide. */
    public InlineField shrinkable(double squeezed, double least, double most) {
        Runnable fit = () -> setPrefWidth(
                Math.clamp(Type.width(isFocused() ? getText() : settled, getFont()) + PADDING, least, most));
        textProperty().addListener(_ -> fit.run());
        fontProperty().addListener(_ -> fit.run());
        setMinWidth(squeezed);
        fit.run();
        return this;
    }

    private InlineField unsqueezed() {
        setMinWidth(USE_PREF_SIZE);
        return this;
    }

    /** Returns whether somebody is typing: the text is not the settled one. */
    public boolean typing() {
        return isFocused() && !getText().equals(settled);
    }

    /** Shows a settled text; while somebody types, it waits. */
    public void show(String text) {
        latest = text;
        if (!typing()) {
            settled = text;
            showSettled();
        }
    }

    private void typed(String typed) {
        pseudoClassStateChanged(REFUSED, false);
        if (isFocused() && !typed.equals(settled)) {
            hint.accept(commit.preview(typed));
        }
    }

    private void onKey(KeyEvent event) {
        if (event.getCode() == KeyCode.ENTER) {
            String problem = getText().equals(settled) ? "" : commit.take(getText());
            if (problem.isEmpty()) {
                finish();
            } else {
                pseudoClassStateChanged(REFUSED, true);
                hint.accept(problem);
            }
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE) {
            commit.drop();
            finish();
            event.consume();
        }
    }

    private void leave() {
        if (!getText().equals(settled)) {
            String problem = commit.take(getText());
            if (!problem.isEmpty()) {
                commit.drop();
            }
            hint.accept(problem.isEmpty() ? "" : problem + " Nothing was changed.");
        }
        settle();
        pseudoClassStateChanged(REFUSED, false);
    }

    private void settle() {
        settled = latest;
        showSettled();
    }

    /** A text that has no room is shortened in its middle until somebody edits it. */
    private void showSettled() {
        double room = getWidth() - PADDING + 2;
        String fitted = isFocused() || room <= 0 ? settled : Type.fit(settled, "", getFont(), room);
        if (!fitted.equals(getText())) {
            setText(fitted);
        }
    }

    private void finish() {
        dropping = true;
        settle();
        hint.accept("");
        getParent().requestFocus();
        dropping = false;
    }
}
