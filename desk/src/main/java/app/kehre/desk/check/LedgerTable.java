package app.kehre.desk.check;

import java.time.Duration;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

import app.kehre.core.balance.Ledger;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/** Muscle groups against prepare, load and release, all of them at once; gaps are named in words. */
final class LedgerTable extends GridPane {

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
    private static final double TIME = 38;
    private static final double HEAD = 46;
    private static final double LEAST_NAME = 56;
    /** A group that works a third of what the hardest one does, and is not released, is a gap. */
    private static final double MUCH = 1 / 3.0;

    private final Map<Muscle, Line> muscles = new EnumMap<>(Muscle.class);

    /**
     * Makes a table without figures.
     *
     * @param bar the longest bar, in pixels
     */
    LedgerTable(double bar) {
        super(6, 2);
        ColumnConstraints names = new ColumnConstraints(LEAST_NAME, USE_COMPUTED_SIZE, Double.MAX_VALUE);
        names.setHgrow(Priority.ALWAYS);
        getColumnConstraints().setAll(names);
        String[] heads = {"", "prepare", "load", "release"};
        for (int column = 0; column < heads.length; column++) {
            Label head = Words.plain(heads[column], "soft", "small");
            head.setMinWidth(column == 0 ? 0 : HEAD);
            add(head, column, 0);
        }
        int row = 1;
        for (Muscle muscle : Muscle.values()) {
            muscles.put(muscle, new Line(row++, bar));
        }
        getStyleClass().add("ledger-table");
    }

    void show(Ledger ledger, Set<Muscle> promised) {
        double most = Arrays.stream(Muscle.values()).mapToDouble(each -> ledger.of(each).load()).max()
                .orElse(1);
        muscles.forEach((muscle, line) -> line.show(muscle.words(), ledger.of(muscle), most,
                promised.contains(muscle)));
    }

    /** Returns a time in seconds as people read it. */
    static String clock(double seconds) {
        return Lengths.clock(Duration.ofSeconds(Math.round(seconds)));
    }

    /** A muscle group. */
    private final class Line {

        private final Label name = Words.plain("", "small");
        private final Cell prepare;
        private final Cell load;
        private final Cell release;

        Line(int row, double bar) {
            prepare = new Cell(bar);
            load = new Cell(bar);
            release = new Cell(bar);
            name.setMinWidth(0);
            name.setWrapText(true);
            name.setMinHeight(USE_PREF_SIZE);
            addRow(row, name, prepare, load, release);
        }

        void show(String area, Ledger.Row sums, double most, boolean promised) {
            name.setText(promised ? area + " \u2022" : area);
            String style = promised ? "strong" : "small";
            if (!name.getStyleClass().contains(style)) {
                name.getStyleClass().setAll("label", style);
            }
            Tips.say(name, tip(area, sums) + (promised ? "; promised" : ""));
            prepare.show(sums.prepare(), most, "");
            load.show(sums.load(), most, "");
            release.show(sums.release(), most, sums.load() > most * MUCH ? "none" : "");
        }
    }

    /** A time in figures, and as a bar beside it. */
    private static final class Cell extends HBox {

        private final Label time = Words.plain("", "small", "figures");
        private final Region bar = new Region();
        private final double longest;

        Cell(double longest) {
            super(4);
            this.longest = longest;
            bar.getStyleClass().add("ledger-bar");
            time.setMinWidth(TIME);
            time.setPrefWidth(TIME);
            time.setAlignment(Pos.CENTER_RIGHT);
            setAlignment(Pos.CENTER_LEFT);
            getChildren().setAll(time, bar);
            setMinWidth(TIME + 4 + longest);
            setPrefWidth(TIME + 4 + longest);
        }

        /** Shows a time; without any, words for a gap. */
        void show(double seconds, double most, String gap) {
            double width = most == 0 ? 0 : Math.min(1, seconds / most) * longest;
            bar.setMinSize(width, 5);
            bar.setMaxSize(width, 5);
            boolean missing = seconds < 1 && !gap.isEmpty();
            time.setText(missing ? gap : seconds < 1 ? "" : clock(seconds));
            time.pseudoClassStateChanged(OVER, missing);
        }
    }

    private static String tip(String name, Ledger.Row area) {
        return "%s: %s of load in %d sets, %d reps by share; right %s, left %s".formatted(name,
                clock(area.load()), area.sets(), Math.round(area.reps()), clock(area.right()),
                clock(area.left()));
    }
}
