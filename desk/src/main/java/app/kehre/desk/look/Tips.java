package app.kehre.desk.look;

import java.util.function.Supplier;
import javafx.scene.control.Control;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;

/** Words that come up where the mouse rests. The popup that shows them is made only when the mouse is first there. */
public final class Tips {

    private static final Object WORDS = new Object();

    private Tips() {}

    /** Says something about a control from now on. Empty words say nothing. */
    public static void say(Control about, String words) {
        say(about, () -> words);
        about.setAccessibleHelp(words);
    }

    /** Says something about a control from now on that is put into words only when it is wanted. */
    public static void say(Control about, Supplier<String> words) {
        Object before = about.getProperties().put(WORDS, words);
        if (before == null) {
            about.addEventHandler(MouseEvent.MOUSE_ENTERED, _ -> show(about));
        } else if (about.getTooltip() != null) {
            show(about);
        }
    }

    private static void show(Control about) {
        String words = about.getProperties().get(WORDS) instanceof Supplier<?> said
                ? String.valueOf(said.get())
                : "";
        if (words.isEmpty()) {
            about.setTooltip(null);
        } else if (about.getTooltip() == null) {
            about.setTooltip(new Tooltip(words));
        } else {
            about.getTooltip().setText(words);
        }
    }
}
