package app.kehre.desk.teach;

import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Single keys, a clicker, and keys that the instructor has changed. */
class HallKeysTest {

    private final HallKeys keys = new HallKeys();

    @Test
    void eachActionHasAKeyOfItsOwn() {
        Set<KeyCode> all = Arrays.stream(HallAction.values()).map(HallAction::usual)
                .collect(Collectors.toSet());

        assertThat(all).hasSameSizeAs(HallAction.values());
        assertThat(HallAction.values()).allSatisfy(
                action -> assertThat(keys.action(action.usual(), false)).contains(action));
    }

    @Test
    void theThirdKeyOfAClickerTakesWhatIsProposedElseItStopsAndGoesOn() {
        assertThat(keys.action(KeyCode.B, true)).contains(HallAction.TAKE);
        assertThat(keys.action(KeyCode.B, false)).contains(HallAction.START);
        assertThat(keys.action(KeyCode.PAGE_DOWN, false)).contains(HallAction.NEXT);
        assertThat(keys.action(KeyCode.ADD, false)).as("the plus of the number pad")
                .contains(HallAction.ONE_MORE);
    }

    @Test
    void aChangedKeyIsRememberedAndWhatIsTakenOrFixedIsRefusedInWords() {
        assertThat(keys.change(HallAction.NEXT, KeyCode.Q)).isEmpty();
        assertThat(keys.change(HallAction.BACK, KeyCode.Q)).isEqualTo("Q is \u201cdone, on\u201d already.");
        assertThat(keys.change(HallAction.BACK, KeyCode.PAGE_UP))
                .isEqualTo("Page Up has its own use in the hall.");
        assertThat(keys.changed()).isEqualTo("next=Q");

        HallKeys again = new HallKeys();
        again.restore(keys.changed() + " back=NONSENSE skip-line= talk=Q");
        assertThat(again.action(KeyCode.Q, false)).contains(HallAction.NEXT);
        assertThat(again.changed()).as("the rest is left").isEqualTo("next=Q");
    }
}
