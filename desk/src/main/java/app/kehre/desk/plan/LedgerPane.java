package app.kehre.desk.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Ledger;
import app.kehre.core.dose.Lengths;
import app.kehre.core.effort.ReadOut;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.desk.control.Words;

/** What is prepared, loaded and released, by muscle group and joint; gaps are named in words. */
final class LedgerPane extends ScrollPane {

    private static final double BAR = 46;
    private static final double NAME = 110;

    private final ChoosingViewModel model;
    private final VBox content = new VBox(6);

    LedgerPane(ChoosingViewModel model) {
        this.model = model;
        setId("ledger");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("card-scroll");
        content.getStyleClass().add("ledger");
    }

    void show() {
        Assessment assessment = model.assessment().get();
        Ledger ledger = assessment.ledger();
        Set<Muscle> promised = assessment.timeline().plan().brief().goal().areas();
        GridPane table = new GridPane(8, 3);
        head(table);
        double most = Arrays.stream(Muscle.values()).mapToDouble(each -> ledger.of(each).load()).max()
                .orElse(1);
        int row = 1;
        for (Muscle muscle : Muscle.values()) {
            line(table, row++, muscle.words() + (promised.contains(muscle) ? " (promised)" : ""),
                    ledger.of(muscle),
                    most, promised.contains(muscle));
        }
        for (Joint joint : Joint.values()) {
            line(table, row++, joint.words(), ledger.of(joint), joints(ledger), false);
        }
        List<Node> rows = new ArrayList<>();
        rows.add(Words.wrapped(ReadOut.minutes(assessment.effort()) + ", " + energy(assessment), "soft"));
        assessment.ledger().ratios().forEach(ratio -> rows.add(Words.wrapped(words(ratio), "soft")));
        rows.add(table);
        content.getChildren().setAll(rows);
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

    private static void head(GridPane table) {
        String[] heads = {"", "prepare", "load", "release"};
        for (int column = 0; column < heads.length; column++) {
            table.add(Words.plain(heads[column], "soft", "small"), column, 0);
        }
    }

    private static void line(GridPane table, int row, String name, Ledger.Row area, double most,
            boolean strong) {
        Label label = Words.plain(name, strong ? "strong" : "small");
        label.setPrefWidth(NAME);
        label.setMinWidth(70);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        label.setTooltip(new Tooltip(tip(name, area)));
        GridPane.setHgrow(label, Priority.ALWAYS);
        table.add(label, 0, row);
        table.add(cell(area.prepare(), most), 1, row);
        table.add(cell(area.load(), most), 2, row);
        boolean gap = area.load() > most / 3 && area.release() == 0;
        table.add(gap ? Words.plain("nothing", "over", "small") : cell(area.release(), most), 3, row);
    }

    private static String tip(String name, Ledger.Row area) {
        return "%s: %s of load in %d sets, %d reps by share; right %s, left %s".formatted(name,
                clock(area.load()),
                area.sets(), Math.round(area.reps()), clock(area.right()), clock(area.left()));
    }

    private static Node cell(double seconds, double most) {
        Region bar = new Region();
        bar.getStyleClass().add("ledger-bar");
        double width = most == 0 ? 0 : Math.min(1, seconds / most) * BAR;
        bar.setMinSize(width, 3);
        bar.setMaxSize(width, 3);
        Label time = Words.plain(seconds < 1 ? "" : clock(seconds), "small", "figures");
        VBox cell = new VBox(0, time, bar);
        cell.setPrefWidth(BAR);
        cell.setMinWidth(BAR);
        return cell;
    }

    private static String clock(double seconds) {
        return Lengths.clock(Duration.ofSeconds(Math.round(seconds)));
    }
}
