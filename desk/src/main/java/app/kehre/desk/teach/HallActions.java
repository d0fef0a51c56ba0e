package app.kehre.desk.teach;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

import app.kehre.core.plan.Variant;
import app.kehre.core.teaching.Press;

/** What the keys of the hall do. */
final class HallActions {

    private final TeachViewModel model;
    private final HallKeys keys;
    private final Runnable showKeys;
    private final Runnable escape;

    /**
     * Makes them.
     *
     * @param showKeys shows all keys, or no more
     * @param escape what Escape does
     */
    HallActions(TeachViewModel model, HallKeys keys, Runnable showKeys, Runnable escape) {
        this.model = model;
        this.keys = keys;
        this.showKeys = showKeys;
        this.escape = escape;
    }

    /**
     * Does what a key does, if it does anything.
     *
     * @param hall whether the hall itself has the keyboard, so that Enter starts and pauses where nothing is proposed
     */
    void onKey(KeyEvent event, BooleanSupplier hall) {
        KeyCode code = event.getCode();
        boolean typing = event.getTarget() instanceof TextInputControl && code != KeyCode.ESCAPE;
        if (typing || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        if (code == KeyCode.ESCAPE) {
            escape.run();
            event.consume();
        } else if (code.isDigitKey() && model.counts().digit(digit(code))) {
            event.consume();
        } else {
            boolean proposed = model.onTime().offer().get().filter(Offer::canBeTaken).isPresent();
            Optional<HallAction> action = keys.action(code, proposed)
                    .filter(each -> each != HallAction.TAKE || proposed || hall.getAsBoolean());
            action.ifPresent(found -> {
                act(found);
                event.consume();
            });
        }
    }

    private static int digit(KeyCode code) {
        String name = code.getName();
        return Character.digit(name.charAt(name.length() - 1), 10);
    }

    /** Does it. */
    void act(HallAction action) {
        switch (action) {
            case START -> model.startOrPause();
            case NEXT -> model.press(Press.Key.NEXT);
            case BACK -> model.press(Press.Key.BACK);
            case ONE_MORE -> model.press(Press.Key.ONE_MORE);
            case ONE_LESS -> model.press(Press.Key.ONE_LESS);
            case EIGHT -> model.press(Press.Key.EIGHT_MORE);
            case ROUND -> model.press(Press.Key.ANOTHER_ROUND);
            case SKIP_LINE -> model.press(Press.Key.SKIP_LINE);
            case SKIP_SIDE -> model.press(Press.Key.SKIP_SIDE);
            case EASIER -> model.choose(Variant.EASIER);
            case HARDER -> model.choose(Variant.HARDER);
            case STAND_IN -> model.standIn();
            case TALK -> model.talkOrGoOn();
            case PAY -> model.press(Press.Key.PAY);
            case FORGIVE -> model.press(Press.Key.FORGIVE);
            case FINISH -> model.press(Press.Key.FINISH);
            case TAKE -> {
                if (model.onTime().offer().get().isPresent()) {
                    model.onTime().take();
                } else {
                    model.startOrPause();
                }
            }
            case OTHER_WAY -> model.onTime().otherWay();
            case KEEP_ON_TIME -> model.onTime().turn();
            case UNDO -> model.undo();
            case START_OVER -> model.startOver();
            case FACING -> model.turnRound();
            case GROUP -> model.group().shown().set(!model.group().shown().get());
            case STATIONS -> model.group().spread().set(!model.group().spread().get());
            case SOUNDS -> model.sounds().turn();
            case CLICK -> model.sounds().turnClick();
            case REHEARSE -> model.rehearse();
            case KEYS -> showKeys.run();
        }
    }
}
