package app.kehre.desk.exercises;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Option;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.value.Named;
import app.kehre.desk.control.CueRows;
import app.kehre.desk.control.Words;

/** The page of one exercise. */
final class DetailPane extends ScrollPane {

    private static final double WORD = 92;
    private static final double BAR = 70;
    private static final String DEFER = "Usual cautions, no diagnosis. Local rules and licensed professionals"
            + " come first.";

    private final ExercisesViewModel model;
    private final Consumer<Exercise> go;
    private final VBox content = new VBox(5);

    /**
     * Makes the page.
     *
     * @param go called with an exercise that this one names, when it is asked for
     */
    DetailPane(ExercisesViewModel model, Consumer<Exercise> go) {
        this.model = model;
        this.go = go;
        setId("detail");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("card-scroll");
        content.getStyleClass().add("detail");
    }

    void show(Exercise exercise) {
        List<Node> rows = new ArrayList<>();
        if (!exercise.otherNames().isEmpty()) {
            rows.add(Words.wrapped("also: " + String.join(", ", exercise.otherNames()), "soft"));
        }
        addCoaching(rows, exercise);
        rows.add(Words.heading("Say"));
        rows.addAll(CueRows.of(exercise.cues(), WORD));
        rows.add(Words.heading("Options"));
        rows.add(option("easier", exercise.easier()));
        rows.add(option("harder", exercise.harder()));
        rows.add(Words.heading("Dose"));
        addDoses(rows, exercise);
        addBody(rows, exercise);
        addKit(rows, exercise);
        addCautions(rows, exercise);
        content.getChildren().setAll(rows);
        setVvalue(0);
    }

    private static void addCoaching(List<Node> rows, Exercise exercise) {
        rows.add(row("set up", exercise.coaching().setUp()));
        exercise.coaching().action().forEach(line -> rows.add(row("do", line)));
        rows.add(row("breathe", exercise.coaching().breathing()));
        if (!exercise.coaching().alignment().isEmpty()) {
            rows.add(row("in line", String.join("; ", exercise.coaching().alignment())));
        }
        if (!exercise.coaching().fault().isEmpty()) {
            rows.add(row("usual fault", exercise.coaching().fault()));
        }
    }

    private Node option(String word, Option option) {
        return row(word, option.name() + ": " + option.change(), option.exercise());
    }

    private static void addDoses(List<Node> rows, Exercise exercise) {
        rows.add(row("usual", DoseNotation.print(exercise.usualDose())
                + (exercise.usualLoad().isNone() ? "" : ", " + LoadNotation.print(exercise.usualLoad()))));
        rows.add(row("least to most", "%s to %s".formatted(DoseNotation.print(exercise.dosing().least()),
                DoseNotation.print(exercise.dosing().most()))));
    }

    private static void addBody(List<Node> rows, Exercise exercise) {
        rows.add(Words.heading(exercise.pattern().words().equals("stretch") ? "Releases" : "Works"));
        exercise.work().muscles().forEach((muscle, share) -> rows.add(bar(muscle, share)));
        if (!exercise.rests()) {
            rows.add(row("against", exercise.work().resistance().words()));
            addTerms(rows, "with the load", exercise.work().held());
        }
        exercise.work().effort().ifPresent(
                effort -> rows.add(row("feels like",
                        "%s of 10 in a usual set, Kehre's estimate".formatted(number(effort)))));
        addTerms(rows, "loads", exercise.work().loads());
        addTerms(rows, "prepares", exercise.work().prepares());
        rows.add(row("energy", exercise.work().mets().text().replaceFirst(",", " METs,")));
        rows.add(row("suits", words(exercise.roles())));
    }

    private static String number(double value) {
        return value % 1 == 0 ? String.valueOf((int) value) : String.valueOf(value);
    }

    private static <T extends Enum<T> & Named> void addTerms(List<Node> rows, String word,
            Collection<T> terms) {
        if (!terms.isEmpty()) {
            rows.add(row(word, words(terms)));
        }
    }

    private static <T extends Enum<T> & Named> String words(Collection<T> terms) {
        return terms.stream().sorted().map(Named::words).collect(Collectors.joining(", "));
    }

    private static Node bar(Muscle muscle, double share) {
        Region full = new Region();
        full.getStyleClass().add("share");
        full.setPrefSize(BAR * share, 7);
        full.setMaxSize(BAR * share, 7);
        HBox room = new HBox(full);
        room.setMinWidth(WORD);
        room.setPrefWidth(WORD);
        room.setAlignment(Pos.CENTER_LEFT);
        HBox row = new HBox(6, room, Words.wrapped(muscle.words(), "card-text"));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void addKit(List<Node> rows, Exercise exercise) {
        if (exercise.equipment().isEmpty()) {
            return;
        }
        rows.add(Words.heading("Kit"));
        exercise.equipment().stream().sorted().forEach(kit -> rows.add(row(kit.noun(1),
                (model.brief().room().has(kit) ? "" : "not here; ") + "or " + standIn(exercise, kit))));
        if (!exercise.setting().without().isEmpty()) {
            rows.add(row("without it", "", exercise.setting().without()));
        }
    }

    private static String standIn(Exercise exercise, Equipment kit) {
        return exercise.setting().standIn(kit);
    }

    private void addCautions(List<Node> rows, Exercise exercise) {
        if (exercise.cautions().isEmpty()) {
            return;
        }
        rows.add(Words.heading("Cautions"));
        for (Caution caution : exercise.cautions()) {
            int people = model.brief().group().with(caution.limit());
            String here = people == 0 ? "" : " (%d in this group)".formatted(people);
            rows.add(row(caution.limit().words(), caution.advice() + here, caution.instead()));
        }
        rows.add(Words.wrapped(DEFER, "soft"));
    }

    private Node row(String word, String text, String exercise) {
        HBox row = row(word, text);
        model.find(exercise).ifPresent(found -> {
            Hyperlink link = new Hyperlink(found.name());
            link.setMinWidth(USE_PREF_SIZE);
            link.setOnAction(_ -> go.accept(found));
            row.getChildren().add(link);
        });
        return row;
    }

    private static HBox row(String word, String text) {
        return Words.row(word, WORD, text);
    }
}
