package app.kehre.desk.teach;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The keys of the hall. Each can be changed; a clicker or a foot pedal works by the keys that it sends: Page Down is done,
 * Page Up is back, B takes the proposal that stands, else it stops and goes on.
 */
public final class HallKeys {

    private static final Map<KeyCode, KeyCode> SAME = Map.of(KeyCode.ADD, KeyCode.PLUS, KeyCode.EQUALS,
            KeyCode.PLUS, KeyCode.SUBTRACT, KeyCode.MINUS, KeyCode.NUMPAD8, KeyCode.DIGIT8);
    private static final Set<KeyCode> FIXED = Set.of(KeyCode.PAGE_DOWN, KeyCode.PAGE_UP, KeyCode.B,
            KeyCode.ESCAPE, KeyCode.TAB, KeyCode.F11);

    private final Map<HallAction, KeyCode> keys = new EnumMap<>(HallAction.class);

    private Consumer<KeyEvent> pressed = _ -> {};

    /** Makes the usual keys. */
    public HallKeys() {
        for (HallAction action : HallAction.values()) {
            keys.put(action, action.usual());
        }
    }

    /** Says who is told the keys that are pressed on another wall. */
    void onPressed(Consumer<KeyEvent> told) {
        pressed = told;
    }

    /** Does what a key that is pressed on another wall does in the hall. */
    public void press(KeyEvent event) {
        pressed.accept(event);
    }

    /** Returns what a key does. */
    Optional<HallAction> action(KeyCode code, boolean proposed) {
        return switch (code) {
            case PAGE_DOWN -> Optional.of(HallAction.NEXT);
            case PAGE_UP -> Optional.of(HallAction.BACK);
            case B -> Optional.of(proposed ? HallAction.TAKE : HallAction.START);
            default -> keys.entrySet().stream()
                    .filter(each -> each.getValue() == SAME.getOrDefault(code, code)).map(Map.Entry::getKey)
                    .findFirst();
        };
    }

    /** Returns the key of an action as it stands on a cap. */
    String cap(HallAction action) {
        KeyCode code = keys.getOrDefault(action, action.usual());
        return switch (code) {
            case PLUS -> "+";
            case MINUS -> "\u2013";
            default -> code.getName();
        };
    }

    /**
     * Changes the key of an action.
     *
     * @return why it cannot be; empty when it is done
     */
    String change(HallAction action, KeyCode to) {
        KeyCode code = SAME.getOrDefault(to, to);
        if (FIXED.contains(code) || code.isModifierKey()) {
            return "%s has its own use in the hall.".formatted(to.getName());
        }
        Optional<HallAction> other = Arrays.stream(HallAction.values())
                .filter(each -> each != action && keys.get(each) == code).findFirst();
        if (other.isPresent()) {
            return "%s is \u201c%s\u201d already.".formatted(to.getName(), other.get().words());
        }
        keys.put(action, code);
        return "";
    }

    /** Returns the keys that are changed, to be remembered: "next=N back=P". */
    public String changed() {
        List<String> changed = new ArrayList<>();
        keys.forEach((action, code) -> {
            if (code != action.usual()) {
                changed.add(action.key() + "=" + code.name());
            }
        });
        return String.join(" ", changed);
    }

    /** Takes over keys that were remembered; what cannot be read, or would stand twice, is left. */
    public void restore(String changed) {
        for (String each : changed.split(" ")) {
            String[] pair = each.split("=", 2);
            Arrays.stream(HallAction.values()).filter(action -> action.key().equals(pair[0])).findFirst()
                    .ifPresent(action -> Arrays.stream(KeyCode.values())
                            .filter(code -> pair.length == 2 && code.name().equals(pair[1])).findFirst()
                            .ifPresent(code -> change(action, code)));
        }
    }
}
