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
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.PaceShare;
import app.kehre.core.timeline.Timeline;
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
        School.Teaching own = model.plan().brief().teaching();
        List<PaceShare> shares = PaceShare.of(model.plan());
        List<Node> rows = new ArrayList<>(List.of(Words.plain("Pace, " + own.called(), "heading")));
        shares.stream().filter(share -> share.style() == own).forEach(share -> rows.add(row(share)));
        for (School.Teaching other : School.Teaching.values()) {
            if (other != own && shares.stream().anyMatch(share -> share.style() == other)) {
                rows.add(Words.plain("Where it is taught " + other.called(), "heading"));
                shares.stream().filter(share -> share.style() == other)
                        .forEach(share -> rows.add(row(share)));
            }
        }
        rows.add(buttons());
        rows.add(Words.wrapped(words(shares), "soft"));
        return rows;
    }

    private HBox buttons() {
        Button usual = Words.button("pace-usual", "As usual", () -> model.changePlan("Usual pace",
                plan -> plan.with(Pace.usual(plan.brief().group().older()))));
        Button done = Words.button("pace-done", "Done", () -> model.showPace().set(false));
        done.getStyleClass().add("go");
        Button yours = Words.button("pace-yours", "Yours", () -> model.changePlan("Your pace",
                plan -> plan.with(yours(plan))));
        yours.setDisable(model.learning().classes() == 0 || model.plan().pace().equals(yours(model.plan())));
        return new HBox(8, done, usual, yours);
    }

    private Pace yours(ClassPlan plan) {
        return model.learning().pace(plan.brief().group().older());
    }

    /** Which values the class has, and what others would make of it. */
    private String words(List<PaceShare> shares) {
        ClassPlan plan = model.plan();
        int classes = model.learning().classes();
        if (classes == 0) {
            return "Kehre's estimates to start with; change them to what your group takes.";
        }
        long own = shares.stream().filter(share -> !share.usual()).count();
        Pace usual = Pace.usual(plan.brief().group().older());
        boolean isYours = plan.pace().equals(yours(plan));
        String said = "%s, %d of them not as usual. At the usual pace the class takes %s, at yours, learnt from %d classes, %s."
                .formatted(isYours ? "These values are yours" : "These are the values of this class", own,
                        length(plan, usual), classes, length(plan, yours(plan)));
        int kinds = plan.pace().ofKind().size();
        int reps = plan.pace().ownReps().size();
        return kinds + reps == 0
                ? said
                : said + " %d more hold in one kind of part only; %d exercises have reps of a length of their own."
                        .formatted(kinds, reps);
    }

    private static String length(ClassPlan plan, Pace pace) {
        return Lengths.clock(Timeline.of(plan.with(pace)).total());
    }

    private HBox row(PaceShare share) {
        Quantity quantity = share.quantity();
        InlineField field = new InlineField(quantity.words(), model.ofPace(quantity, share.style()),
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
