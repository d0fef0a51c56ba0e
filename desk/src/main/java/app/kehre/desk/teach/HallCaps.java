package app.kehre.desk.teach;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

import app.kehre.core.teaching.RunState;

/** The keys that stand at the foot of the wall, as buttons; all of them stand under F1. */
final class HallCaps extends FlowPane {

    private static final List<HallAction> SHOWN = List.of(HallAction.START, HallAction.NEXT, HallAction.BACK,
            HallAction.EIGHT, HallAction.ONE_MORE, HallAction.ONE_LESS, HallAction.ROUND,
            HallAction.SKIP_LINE, HallAction.SKIP_SIDE, HallAction.TALK, HallAction.FINISH, HallAction.UNDO,
            HallAction.KEYS);
    /** On a narrower wall these do not stand at the foot. */
    private static final List<HallAction> RARE = List.of(HallAction.BACK, HallAction.ONE_MORE,
            HallAction.ONE_LESS);
    private static final double WIDE = 1150;

    private final HallKeys keys;
    private final Map<HallAction, Button> caps = new EnumMap<>(HallAction.class);

    HallCaps(HallKeys keys, Consumer<HallAction> act) {
        super(2, 2);
        this.keys = keys;
        for (HallAction action : HallAction.values()) {
            Button button = key(keys.cap(action), action.words(), () -> act.accept(action));
            button.setId(action == HallAction.START ? "start" : "key-" + action.key());
            caps.put(action, button);
        }
        setAlignment(Pos.CENTER_LEFT);
        setMinHeight(USE_PREF_SIZE);
        SHOWN.forEach(action -> getChildren().add(of(action)));
        name();
    }

    /** Returns the button of an action. */
    Button of(HallAction action) {
        return Objects.requireNonNull(caps.get(action), "a key for each action");
    }

    /** Leaves away what there is no room for. */
    void fit(double width) {
        for (HallAction action : RARE) {
            of(action).setVisible(width >= WIDE);
            of(action).setManaged(width >= WIDE);
        }
    }

    /** Says what the key of the start does now. */
    void name(RunState state) {
        name(of(HallAction.START), switch (state) {
            case READY -> "start";
            case TEACHING -> "pause";
            case PAUSED, TALKING -> "go on";
            case FINISHED -> "ready again";
        });
    }

    /** Says on each key what it does. */
    void name() {
        caps.forEach((action, button) -> {
            ((Label) ((HBox) button.getGraphic()).getChildren().getFirst()).setText(keys.cap(action));
            if (action != HallAction.START) {
                name(button, brief(action));
            }
        });
    }

    private static String brief(HallAction action) {
        return switch (action) {
            case NEXT -> "done";
            case EIGHT -> "counts";
            case ONE_MORE -> "more";
            case ONE_LESS -> "less";
            case ROUND -> "round";
            case SKIP_LINE -> "skip";
            case SKIP_SIDE -> "side";
            case TALK -> "talk";
            case FINISH -> "finish";
            case UNDO -> "undo";
            case KEYS -> "keys";
            case TAKE -> "take it";
            case OTHER_WAY -> "another way";
            default -> action.words();
        };
    }

    static void name(Button key, String word) {
        ((Label) ((HBox) key.getGraphic()).getChildren().getLast()).setText(word);
        key.setAccessibleText(word);
    }

    static Button key(String cap, String word, Runnable action) {
        Label key = new Label(cap);
        key.getStyleClass().add("cap");
        key.setMinWidth(USE_PREF_SIZE);
        Label words = new Label(word);
        words.getStyleClass().add("small");
        HBox graphic = new HBox(8, key, words);
        graphic.setAlignment(Pos.CENTER_LEFT);
        Button button = new Button("", graphic);
        button.setAccessibleText(word);
        button.getStyleClass().setAll("key");
        button.setFocusTraversable(false);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
