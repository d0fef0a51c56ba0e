package app.kehre.desk.plan;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Ctrl+Up and Ctrl+Down make the number at the typing mark larger and smaller, with Shift by five. */
final class NumberStep {

    private static final Pattern NUMBER = Pattern.compile("\\d{1,5}");

    private NumberStep() {}

    /** Handles a key before the field does. Returns whether it changed a number. */
    static boolean onKey(KeyEvent event, TextField field) {
        boolean up = event.getCode() == KeyCode.UP;
        if (!event.isShortcutDown() || !(up || event.getCode() == KeyCode.DOWN)) {
            return false;
        }
        int by = (event.isShiftDown() ? 5 : 1) * (up ? 1 : -1);
        int caret = field.getSelection().getLength() > 0 ? 0 : field.getCaretPosition();
        Matcher numbers = NUMBER.matcher(field.getText());
        while (numbers.find()) {
            if (numbers.end() >= caret) {
                String changed = String.valueOf(Math.max(0, Integer.parseInt(numbers.group()) + by));
                field.replaceText(numbers.start(), numbers.end(), changed);
                field.positionCaret(numbers.start() + changed.length());
                return true;
            }
        }
        return false;
    }
}
