package app.kehre.desk.teach;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.catching.InWords;
import app.kehre.core.value.Lengths;

/** A way to end on time, to be taken, left, or passed over for another. */
final class OfferBox extends HBox {

    private static final int MOST_LINES = 3;
    private static final int SLIP = 10;

    private final Label title = new Label();
    private final Label under = new Label();
    private final VBox lines = new VBox(4);
    private final Button other;
    private final Button take;
    private final Button leave;

    OfferBox(Button take, Button other, Button leave) {
        super(26);
        this.take = take;
        this.other = other;
        this.leave = leave;
        setId("offer");
        getStyleClass().add("offer");
        setAlignment(Pos.CENTER_LEFT);
        title.getStyleClass().add("offer-title");
        under.getStyleClass().addAll("small", "soft");
        VBox what = new VBox(2, title, under);
        what.setAlignment(Pos.CENTER_LEFT);
        what.setMinWidth(USE_PREF_SIZE);
        lines.setAlignment(Pos.CENTER_LEFT);
        lines.setMinWidth(0);
        HBox.setHgrow(lines, Priority.ALWAYS);
        VBox keys = new VBox(6, take, new HBox(4, other, leave));
        keys.setAlignment(Pos.CENTER_LEFT);
        keys.setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(what, lines, keys);
        show(Optional.empty(), "");
    }

    /**
     * Shows what stands ready.
     *
     * @param end when the room must be free: "19:30"
     */
    void show(Optional<Offer> offer, String end) {
        setVisible(offer.isPresent());
        setManaged(offer.isPresent());
        offer.ifPresent(found -> {
            boolean can = found.canBeTaken();
            title.setText(found.late()
                    ? "To end at " + end
                    : "%s left over".formatted(Lengths.clock(found.rest().over().abs())));
            getStyleClass().setAll("offer", found.late() ? "is-late" : "is-early");
            String pace = found.rest().slip().toSeconds() >= SLIP ? "at your pace so far" : "";
            String which = can
                    ? "way %d of %d".formatted(found.shown() + 1, found.proposal().ways().size())
                    : "";
            under.setText(pace.isEmpty() || which.isEmpty() ? pace + which : which + ", " + pace);
            lines.getChildren().setAll(can
                    ? found.words().stream().limit(MOST_LINES).map(OfferBox::line).toList()
                    : List.of(text(found.proposal().reason())));
            take.setVisible(can);
            other.setVisible(found.proposal().ways().size() > 1);
            HallCaps.name(leave, found.late() ? "stay late" : "leave it");
            setAccessibleText(title.getText());
        });
    }

    private static Node line(InWords.Line line) {
        return text(line.text());
    }

    private static Label text(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("offer-line");
        label.setWrapText(true);
        return label;
    }
}
