package app.kehre.desk.control;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.MenuButton;

import app.kehre.core.exercise.Style;
import app.kehre.desk.look.Tips;

/** What makes a move harder, to be ticked: each tick raises the predicted effort. */
public final class StyleMenu extends MenuButton {

    private static final String PLAIN = "plain";

    /**
     * Makes a menu.
     *
     * @param chosen what is ticked
     * @param offered what can be ticked
     * @param change told all that is ticked, at each tick
     */
    public StyleMenu(String id, Set<Style> chosen, Set<Style> offered, Consumer<Set<Style>> change) {
        super(chosen.isEmpty() ? PLAIN : Style.words(chosen));
        setId(id);
        Tips.say(this, "What makes it harder than plain; the predicted effort follows");
        for (Style style : offered) {
            CheckMenuItem item = new CheckMenuItem(style.words());
            item.setId(id + "-" + style.key());
            item.setSelected(chosen.contains(style));
            item.setOnAction(_ -> {
                Set<Style> next = EnumSet.noneOf(Style.class);
                next.addAll(chosen);
                if (item.isSelected()) {
                    next.add(style);
                } else {
                    next.remove(style);
                }
                change.accept(next);
            });
            getItems().add(item);
        }
    }
}
