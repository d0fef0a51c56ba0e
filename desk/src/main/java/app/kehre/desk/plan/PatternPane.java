package app.kehre.desk.plan;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Legs;
import app.kehre.core.choreography.Patterned;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Sides;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.stepping.Checks;
import app.kehre.desk.combination.FootScore;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;

/** How a move is danced in its count pattern: the feet, the legs, and what does not go. */
final class PatternPane extends VBox {

    private static final double NARROW = 14;

    private final PlanViewModel model;
    private final FootScore score;

    PatternPane(PlanViewModel model, ObjectProperty<Palette> palette) {
        super(5);
        this.model = model;
        score = FootScore.toRead(palette);
        score.setId("pattern-score");
        score.setMaxWidth(Double.MAX_VALUE);
        setPadding(new Insets(NARROW / 2, 0, 0, 0));
    }

    /** Shows a line; returns nothing when it has no pattern, or its exercise no footwork. */
    Optional<Node> show(Item item) {
        if (!(item.dose() instanceof CountPattern pattern)) {
            return Optional.empty();
        }
        return Patterned.of(item.exercise(), pattern, pattern.firstLead())
                .map(danced -> shown(item, pattern, danced));
    }

    private Node shown(Item item, CountPattern pattern, Patterned danced) {
        Segment segment = model.plan().segmentOf(item.id()).orElseThrow();
        List<Finding> missteps = Checks.ofPattern(danced,
                Conditions.of(segment.bpm(), item.load(), model.plan().brief().group()));
        score.show(danced.once(pattern), missteps, -1);
        getChildren().setAll(Words.wrapped("Danced", "strong"), score,
                Words.wrapped(legs(pattern, danced), "soft"));
        danced.unfit().forEach(unfit -> getChildren().add(Words.wrapped(unfit.words(), "over")));
        missteps.forEach(misstep -> getChildren().add(Words.wrapped(misstep.what(), "over")));
        return this;
    }

    private static String legs(CountPattern pattern, Patterned danced) {
        Legs legs = danced.legs();
        boolean both = pattern.sides() == Sides.EACH_SIDE || pattern.sides() == Sides.EACH_SIDE_LEFT_FIRST;
        int right = both ? legs.right() + legs.left() : legs.right();
        int left = both ? legs.right() + legs.left() : legs.left();
        return "The right leg stands for %d counts, the left for %d%s.".formatted(right, left,
                both ? ", both leads together" : "");
    }
}
