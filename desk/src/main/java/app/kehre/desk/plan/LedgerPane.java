package app.kehre.desk.plan;

import java.time.Duration;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Ledger;
import app.kehre.core.balance.Promise;
import app.kehre.core.effort.ReadOut;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Tips;

/** What is prepared, loaded and released, by muscle group and joint; gaps are named in words. */
final class LedgerPane extends ScrollPane {

    private static final PseudoClass OVER = PseudoClass.getPseudoClass("over");
    private static final double BAR = 46;
    private static final double NAME = 110;

    private final ChoosingViewModel model;
    private final VBox content = new VBox(6);
    private final Label promises = Words.wrapped("", "strong");
    private final Label minutes = Words.wrapped("", "soft");
    private final Label ratios = Words.wrapped("", "soft");
    private final Map<Muscle, Line> muscles = new EnumMap<>(Muscle.class);
    private final Map<Joint, Line> joints = new EnumMap<>(Joint.class);

    LedgerPane(ChoosingViewModel model) {
        this.model = model;
        setId("ledger");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("card-scroll");
        content.getStyleClass().add("ledger");
        content.getChildren().setAll(promises, minutes, ratios, table());
    }

    private GridPane table() {
        GridPane table = new GridPane(8, 3);
        String[] heads = {"", "prepare", "load", "release"};
        for (int column = 0; column < heads.length; column++) {
            table.add(Words.plain(heads[column], "soft", "small"), column, 0);
        }
        int row = 1;
        for (Muscle muscle : Muscle.values()) {
            muscles.put(muscle, new Line(table, row++));
        }
        for (Joint joint : Joint.values()) {
            joints.put(joint, new Line(table, row++));
        }
        return table;
    }

    void show() {
        Assessment assessment = model.assessment().get();
        Ledger ledger = assessment.ledger();
        Set<Muscle> promised = assessment.timeline().plan().brief().goal().areas();
        double most = Arrays.stream(Muscle.values()).mapToDouble(each -> ledger.of(each).load()).max()
                .orElse(1);
        double mostOfJoints = joints(ledger);
        muscles.forEach((muscle, line) -> line.show(muscle.words(), ledger.of(muscle), most,
                promised.contains(muscle)));
        joints.forEach((joint, line) -> line.show(joint.words(), ledger.of(joint), mostOfJoints, false));
        String kept = Promise.of(assessment).stream().map(Promise::words).collect(Collectors.joining("; "));
        promises.setText("Promised: " + kept);
        promises.setVisible(!kept.isEmpty());
        promises.setManaged(!kept.isEmpty());
        minutes.setText(ReadOut.minutes(assessment.effort()) + ", " + energy(assessment));
        ratios.setText(ledger.ratios().stream().map(LedgerPane::words).collect(Collectors.joining("\n")));
    }

    private static double joints(Ledger ledger) {
        return Arrays.stream(Joint.values()).mapToDouble(each -> ledger.of(each).load()).max().orElse(1);
    }

    private static String energy(Assessment assessment) {
        int[] kcal = assessment.effort().energy(assessment.effort().main().who());
        return "about %d to %d kcal for the %s, an estimate".formatted(kcal[0], kcal[1],
                assessment.effort().main().who().name());
    }

    private static String words(Ledger.Ratio ratio) {
        return "%s %s, %s %s".formatted(ratio.one().words(), clock(ratio.first()), ratio.other().words(),
                clock(ratio.second()));
    }

    /** An area of the body: its name and what is prepared, loaded and released. */
    private static final class Line {

        private final Label name = Words.plain("");
        private final Cell prepare = new Cell();
        private final Cell load = new Cell();
        private final Cell release = new Cell();

        Line(GridPane table, int row) {
            name.setPrefWidth(NAME);
            name.setMinWidth(70);
            name.setWrapText(true);
            name.setMinHeight(USE_PREF_SIZE);
            GridPane.setHgrow(name, Priority.ALWAYS);
            table.addRow(row, name, prepare, load, release);
        }

        void show(String area, Ledger.Row sums, double most, boolean promised) {
            name.setText(promised ? area + " (promised)" : area);
            name.getStyleClass().setAll("label", promised ? "strong" : "small");
            Tips.say(name, tip(area, sums));
            prepare.show(sums.prepare(), most, "");
            load.show(sums.load(), most, "");
            release.show(sums.release(), most, sums.load() > most / 3 ? "nothing" : "");
        }
    }

    /** A time in figures and as a bar. */
    private static final class Cell extends VBox {

        private final Label time = Words.plain("", "small", "figures");
        private final Region bar = new Region();

        Cell() {
            super(0);
            bar.getStyleClass().add("ledger-bar");
            getChildren().setAll(time, bar);
            setPrefWidth(BAR);
            setMinWidth(BAR);
        }

        /** Shows a time; without any, words for a gap. */
        void show(double seconds, double most, String gap) {
            double width = most == 0 ? 0 : Math.min(1, seconds / most) * BAR;
            bar.setMinSize(width, 3);
            bar.setMaxSize(width, 3);
            boolean missing = seconds == 0 && !gap.isEmpty();
            time.setText(missing ? gap : seconds < 1 ? "" : clock(seconds));
            time.pseudoClassStateChanged(OVER, missing);
        }
    }

    private static String tip(String name, Ledger.Row area) {
        return "%s: %s of load in %d sets, %d reps by share; right %s, left %s".formatted(name,
                clock(area.load()),
                area.sets(), Math.round(area.reps()), clock(area.right()), clock(area.left()));
    }

    private static String clock(double seconds) {
        return Lengths.clock(Duration.ofSeconds(Math.round(seconds)));
    }
}
