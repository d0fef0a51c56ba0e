package app.kehre.desk.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.desk.Instructor;

import static org.assertj.core.api.Assertions.assertThat;

/** Everybody can work with it: by keyboard, with a screen reader, with larger type. */
class ReachTest extends DemoWindow {

    private static void collect(Node node, List<Node> found) {
        if (!node.isVisible()) {
            return;
        }
        if (!(node instanceof ScrollBar)) {
            found.add(node);
        }
        boolean whole = node instanceof ComboBoxBase || node instanceof TextInputControl
                || node instanceof ListView || node instanceof TableView;
        if (node instanceof Parent parent && !whole) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, found));
        }
    }

    /** What a screen reader has to say of something that takes the keyboard; its prompt is gone once something is typed. */
    private static boolean isNamed(Node node) {
        boolean said = node.getAccessibleText() != null && !node.getAccessibleText().isBlank();
        boolean worded = node instanceof Labeled labeled && labeled.getText() != null
                && !labeled.getText().isBlank();
        return said || worded;
    }

    private List<String> nameless() {
        return Instructor.onFx(() -> {
            List<Node> controls = new ArrayList<>();
            collect(instructor.content().scene().getRoot(), controls);
            return controls.stream().filter(Node::isFocusTraversable).filter(node -> !isNamed(node))
                    .map(node -> "%s#%s.%s".formatted(node.getClass().getSimpleName(), node.getId(),
                            node.getStyleClass()))
                    .distinct().toList();
        });
    }

    @ParameterizedTest
    @EnumSource(Place.class)
    void eachControlOfAPlaceSaysItsName(Place place) {
        instructor.presses(KeyCode.getKeyCode(String.valueOf(place.digit())), KeyCode.CONTROL);

        assertThat(nameless()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(value = Place.class, names = "TEACH", mode = EnumSource.Mode.EXCLUDE)
    void theKeyboardWalksThroughAPlaceAndComesRound(Place place) {
        instructor.presses(KeyCode.getKeyCode(String.valueOf(place.digit())), KeyCode.CONTROL);
        Set<Node> seen = new java.util.LinkedHashSet<>();
        Node now = owner();
        while (seen.add(now) && seen.size() < 400) {
            instructor.presses(KeyCode.TAB);
            now = owner();
        }

        assertThat(seen.size()).as("stops of the keyboard in " + place).isBetween(3, 399);
    }

    private Node owner() {
        return Instructor.onFx(() -> instructor.content().scene().getFocusOwner());
    }

    @Test
    void everythingIsShownLargerAndIsThereAllTheSame() {
        double before = Instructor.onFx(() -> widthOnScreen());
        instructor.presses(KeyCode.PLUS, KeyCode.CONTROL, KeyCode.ALT).presses(KeyCode.PLUS, KeyCode.CONTROL,
                KeyCode.ALT);

        assertThat(instructor.content().zoom().percent()).isEqualTo(125);
        assertThat(Instructor.onFx(() -> widthOnScreen()) / before).isBetween(1.2, 1.3);
        instructor.clicks("#place-1");
        assertThat(instructor.content().place()).isEqualTo(Place.BRIEF);
        instructor.presses(KeyCode.MINUS, KeyCode.CONTROL, KeyCode.ALT)
                .presses(KeyCode.MINUS, KeyCode.CONTROL,
                        KeyCode.ALT)
                .presses(KeyCode.MINUS, KeyCode.CONTROL, KeyCode.ALT);
        assertThat(instructor.content().zoom().percent()).isEqualTo(90);
    }

    private double widthOnScreen() {
        Node place = instructor.find("#place-1");
        return place.localToScene(place.getBoundsInLocal()).getWidth();
    }
}
