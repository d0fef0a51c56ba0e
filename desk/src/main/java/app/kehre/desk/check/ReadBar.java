package app.kehre.desk.check;

import java.time.Duration;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;

import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Passage;
import app.kehre.core.effort.Piece;
import app.kehre.core.effort.ReadOut;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;

/** What is read off the climb: where, and how hard it is for whom. */
final class ReadBar extends VBox {

    private static final double SAMPLE = 22;

    private final Label where = Words.plain("", "medium");
    private final HBox values = new HBox(14);
    private final Label more = Words.plain("", "soft");

    ReadBar() {
        super(1);
        where.setId("read-where");
        more.setId("read-more");
        where.setMinWidth(0);
        more.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        values.setAlignment(Pos.CENTER_RIGHT);
        values.setMinWidth(USE_PREF_SIZE);
        HBox top = new HBox(12, where, gap, values);
        top.setAlignment(Pos.CENTER_LEFT);
        getChildren().setAll(top, more);
    }

    void show(ClimbScene scene) {
        Effort effort = scene.effort();
        if (scene.mark().isEmpty() || effort.main().seconds() == 0) {
            where.setText(effort.main().seconds() == 0
                    ? "Nothing to climb yet: add the first lines in Plan."
                    : ReadOut.minutes(effort));
            values(effort, null);
            more.setText(
                    "Effort 0 to 10, estimated; no heart rate is claimed where it is hatched. Point at a moment,"
                            + " or drag over a stretch.");
            return;
        }
        int second = scene.mark().getAsInt();
        if (scene.anchor().isPresent() && scene.anchor().getAsInt() != second) {
            Passage passage = Passage.between(effort, scene.anchor().getAsInt(), second);
            where.setText("%s to %s on average".formatted(clock(passage.from()), clock(passage.to())));
            values(effort, passage::average);
            more.setText(passage.words());
        } else {
            where.setText("%s  %s".formatted(clock(second), lineAt(effort, second)));
            values(effort, line -> line.effort(second));
            more.setText(ReadOut.moment(effort, second));
        }
    }

    private static String lineAt(Effort effort, int second) {
        ClassPlan plan = effort.timeline().plan();
        return effort.pieceAt(second).map(Piece::entry).flatMap(plan::find).map(found -> found.name())
                .orElse("");
    }

    private static String clock(int second) {
        return Lengths.clock(Duration.ofSeconds(second));
    }

    private void values(Effort effort,
            @org.jspecify.annotations.Nullable ToDoubleFunction<app.kehre.core.effort.Line> of) {
        values.getChildren().setAll(effort.lines().stream().map(line -> {
            Label name = Words.plain(line.who().name(), "soft");
            Label value = Words.plain(
                    of == null ? "" : String.format(Locale.ROOT, "%.1f", of.applyAsDouble(line)), "strong",
                    "figures");
            HBox one = new HBox(5, sample(effort, line), name, value);
            one.setAlignment(Pos.CENTER_LEFT);
            return one;
        }).toList());
    }

    private static Line sample(Effort effort, app.kehre.core.effort.Line line) {
        Line drawn = new Line(0, 0, SAMPLE, 0);
        drawn.getStyleClass().add("sample");
        drawn.setStrokeWidth(line.equals(effort.main()) ? 2.4 : 1.3);
        for (double dash : ClimbPainter.dashes(effort, line)) {
            drawn.getStrokeDashArray().add(dash);
        }
        return drawn;
    }
}
