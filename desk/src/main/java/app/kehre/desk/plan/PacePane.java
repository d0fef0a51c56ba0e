package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Quantity;
import app.kehre.core.timeline.PaceShare;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;

/** How long people take in this class, as it is taught, each quantity to be changed. */
final class PacePane {

    private final PlanViewModel model;

    PacePane(PlanViewModel model) {
        this.model = model;
    }

    List<Node> rows() {
        PaceModel pace = model.pace();
        School.Teaching own = pace.style();
        List<PaceShare> shares = pace.shares();
        List<Node> rows = new ArrayList<>(List.of(Words.plain("Pace, " + own.called(), "heading")));
        shares.stream().filter(share -> share.style() == own).forEach(share -> rows.add(row(share)));
        for (School.Teaching other : School.Teaching.values()) {
            if (other != own && shares.stream().anyMatch(share -> share.style() == other)) {
                rows.add(Words.plain("Where it is taught " + other.called(), "heading"));
                shares.stream().filter(share -> share.style() == other)
                        .forEach(share -> rows.add(row(share)));
            }
        }
        rows.add(buttons(pace));
        rows.add(Words.wrapped(pace.words(shares), "soft"));
        return rows;
    }

    private static HBox buttons(PaceModel pace) {
        Button usual = Words.button("pace-usual", "As usual", pace::takeUsual);
        Button done = Words.button("pace-done", "Done", () -> pace.shown().set(false));
        done.getStyleClass().add("go");
        Button yours = Words.button("pace-yours", "Yours", pace::takeYours);
        yours.setDisable(!pace.hasOther());
        return new HBox(8, done, usual, yours);
    }

    private HBox row(PaceShare share) {
        Quantity quantity = share.quantity();
        InlineField field = new InlineField(quantity.words(), model.pace().typed(quantity, share.style()),
                model::setHint);
        field.setId("pace-" + quantity.key()
                + (share.style() == model.plan().brief().teaching() ? "" : "-" + share.style().key()));
        field.show(quantity.print(share.value()));
        field.setPrefWidth(90);
        Label word = new Label(quantity.words());
        word.getStyleClass().add("card-word");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label makes = Words.plain(share.makes().isZero() ? "" : Lengths.clock(share.makes()), "soft");
        makes.setMinWidth(Region.USE_PREF_SIZE);
        return new HBox(8, field, word, gap, makes);
    }
}
