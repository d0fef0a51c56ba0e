package app.kehre.desk.brief;

import java.util.EnumSet;
import java.util.List;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.TilePane;
import javafx.scene.layout.VBox;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.BriefText;
import app.kehre.core.brief.ClassPart;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.GroupText;
import app.kehre.core.brief.Quality;
import app.kehre.core.brief.Question;
import app.kehre.core.brief.School;
import app.kehre.core.brief.Start;
import app.kehre.core.capacity.Capacity;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.people.Limit;
import app.kehre.core.people.Regulars;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.WhenSeen;
import app.kehre.desk.control.Words;

/** The Brief place. */
public final class BriefView extends VBox {

    private static final double WORD = 84;
    private static final double PART = 30;
    private static final double QUESTION = 208;

    private final BriefViewModel model;
    private final BriefForm form;
    private final Label title = Words.plain("", "page-title");
    private final Label about = Words.plain("", "soft");
    private final Button asUsual;
    private final Label knows = Words.wrapped("", "soft", "small");
    private final Label capacity = Words.plain("", "strong");
    private final VBox bounds = new VBox(2);
    private final InlineField people;
    private final FiguresForm figures;
    private final TeachingRow teaching;

    /** Makes the view. */
    public BriefView(BriefViewModel model) {
        this.model = model;
        form = new BriefForm(model);
        teaching = new TeachingRow(model);
        figures = new FiguresForm(model);
        people = form.text("brief-people", "People", 90, BriefText::people, BriefText::withPeople);
        asUsual = Words.button("as-usual", "All as usual for them",
                () -> model.usual().ifPresent(found -> model.change("As usual", _ -> found)));
        capacity.setId("capacity");
        capacity.setWrapText(true);
        capacity.setMinHeight(USE_PREF_SIZE);
        lay();
        WhenSeen showing = new WhenSeen(this, this::show);
        model.open().shown().addListener(_ -> showing.run());
        show();
    }

    /** Puts the keyboard on the first text. */
    public void focusFirst() {
        applyCss();
        layout();
        people.requestFocus();
    }

    private void lay() {
        HBox columns = new HBox(34, column("Who comes", people()), column("Room and kit", room()),
                column("Promised to the group", promised()));
        columns.getChildren().forEach(each -> HBox.setHgrow(each, Priority.ALWAYS));
        VBox all = new VBox(14, kind(), teaching, columns, schools(), figures());
        all.setPadding(new Insets(4, 2, 16, 0));
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.setFocusTraversable(false);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("page-scroll");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        setPadding(new Insets(14, 22, 8, 22));
        setSpacing(6);
        getChildren().setAll(new VBox(2, title, about), scroll);
    }

    /** What kind of class it is, and what part of one. */
    private Node kind() {
        return new HBox(18,
                BriefForm.row("kind of class", WORD, form.choice("format", "Kind of class",
                        BriefForm.inOrder(List.of(Format.values()), Format::words),
                        brief -> brief.format().words(), Brief::with)),
                BriefForm.row("it is", PART, form.choice("part", "Part of a class",
                        BriefForm.inOrder(List.of(ClassPart.values()), ClassPart::words),
                        brief -> brief.part().words(), Brief::with)));
    }

    private VBox figures() {
        Label head = Words.plain("Figures that this class is judged by", "heading");
        return new VBox(5, head,
                soft("Kehre's to start with; each can be typed over for this class, empty brings"
                        + " Kehre's back. Pointing at one says where it comes from."),
                figures);
    }

    private static VBox column(String heading, List<Node> rows) {
        Label head = Words.plain(heading, "heading");
        head.setPadding(new Insets(0, 0, 4, 0));
        VBox column = new VBox(5, head);
        column.getChildren().addAll(rows);
        column.getStyleClass().add("brief-column");
        column.setMinWidth(190);
        column.setPrefWidth(250);
        return column;
    }

    private List<Node> people() {
        GridPane limits = grid();
        int half = (Limit.values().length + 1) / 2;
        for (Limit limit : Limit.values()) {
            int at = limit.ordinal();
            int column = at < half ? 0 : 2;
            limits.add(form.text("limit-" + key(limit.words()), "People with a limit: " + limit.words(), 30,
                    brief -> GroupText.limit(brief, limit),
                    (brief, text) -> GroupText.withLimit(brief, limit, text)), column, at % half);
            Label word = Words.plain(limit.words(), "soft");
            word.setMinWidth(USE_PREF_SIZE);
            limits.add(word, column + 1, at % half);
        }
        return List.of(
                BriefForm.row("people", WORD,
                        people),
                BriefForm.row("group", WORD,
                        form.text("regulars", "The name of a group that comes each week", 150,
                                GroupText::regulars, (brief, text) -> GroupText.withRegulars(brief, text)
                                        .map(model::known))),
                knows, asUsual, BriefForm.row("ages", WORD,
                        form.text("ages", "Ages", 90, GroupText::ages, GroupText::withAges)),
                BriefForm.row("mix in %", WORD,
                        form.text("mix", "Mix", 90, GroupText::mix, GroupText::withMix)),
                soft("newcomers / regulars / athletic"), Words.heading("How many have to watch"), limits,
                soft(GroupText.SCREENING));
    }

    private List<Node> room() {
        return List.of(
                BriefForm.row("free floor", WORD,
                        form.text("floor", "Free floor", 90, GroupText::floor, GroupText::withFloor)),
                form.mark("wall", "A free wall", brief -> brief.room().wall(),
                        (brief, set) -> brief.with(brief.room().withWall(set))),
                BriefForm.row("it begins", WORD, form.choice("starts", "How the class begins",
                        BriefForm.inOrder(List.of(Start.values()), Start::words),
                        brief -> brief.room().start().words(),
                        (brief, start) -> brief.with(brief.room().with(start)))),
                form.mark("hard-floor", "A hard floor: mats to kneel and lie on",
                        brief -> brief.room().hardFloor(),
                        (brief, set) -> brief.with(brief.room().withHardFloor(set))),
                Words.heading("How many pieces, and where"), new KitRows(form), Words.heading("So there is"),
                capacity,
                bounds);
    }

    private List<Node> promised() {
        FlowPane areas = new FlowPane(5, 5);
        for (Muscle muscle : Muscle.values()) {
            areas.getChildren().add(form.chip("area-" + key(muscle.words()), muscle.words(),
                    brief -> brief.goal().areas().contains(muscle),
                    (brief, set) -> brief.with(brief.goal().with(muscle, set))));
        }
        FlowPane qualities = new FlowPane(5, 5);
        for (Quality quality : Quality.values()) {
            qualities.getChildren().add(form.chip("quality-" + key(quality.words()), quality.words(),
                    brief -> brief.goal().qualities().contains(quality),
                    (brief, set) -> brief.with(brief.goal().with(quality, set))));
        }
        return List.of(soft("What was announced is offered first, and missed aloud."), Words.heading("Areas"),
                areas, Words.heading("Qualities"), qualities);
    }

    private Node schools() {
        Label head = Words.plain("Where practitioners differ", "heading");
        HBox first = new HBox(14, head,
                soft("Kehre's own answer is the first of each; below stands what an answer changes."));
        first.setAlignment(Pos.CENTER_LEFT);
        TilePane questions = new TilePane(14, 8);
        questions.setPrefTileWidth(QUESTION);
        questions.setTileAlignment(Pos.TOP_LEFT);
        for (Question question : EnumSet.complementOf(EnumSet.of(Question.TEACHING))) {
            questions.getChildren().add(question(question));
        }
        return new VBox(6, first, questions);
    }

    private Node question(Question question) {
        Label why = soft("changes: " + question.changes());
        why.getStyleClass().add("small");
        Tooltip.install(why, new Tooltip("Kehre's own answer: " + question.why()));
        MenuButton answer = form.choice("school-" + question.key(), "Answer to " + question.words(),
                BriefForm.inOrder(schoolsOf(question), School::words),
                brief -> brief.schools().of(question).words(),
                (brief, school) -> brief.with(brief.schools().with(school)));
        answer.setMaxWidth(QUESTION);
        VBox rows = new VBox(0, Words.plain(question.words(), "strong"), answer, why);
        rows.setPrefWidth(QUESTION);
        rows.setMaxWidth(QUESTION);
        return rows;
    }

    private static List<School> schoolsOf(Question question) {
        return Stream.concat(Stream.of(question.usual()),
                question.schools().stream().filter(school -> school != question.usual())).toList();
    }

    private void show() {
        Brief brief = model.brief();
        form.show(brief);
        figures.show();
        teaching.show();
        title.setText("Brief");
        about.setText("%s \u00b7 %s, %s to %s".formatted(brief.title(), BriefText.date(brief),
                BriefText.start(brief), BriefText.end(brief)));
        knows.setText(knows(brief.group().regulars()));
        boolean usual = !brief.group().regulars().name().isEmpty() && model.usual().isPresent();
        asUsual.setVisible(usual);
        asUsual.setManaged(usual);
        Capacity now = model.capacity();
        capacity.setText(now.words());
        capacity.getStyleClass().setAll("label", now.tooSmallFor(brief.people()) ? "over" : "strong");
        bounds.getChildren().setAll(now.bounds().stream()
                .map(bound -> soft("%s: enough for %d (%s)".formatted(bound.what(), bound.people(),
                        bound.words())))
                .toList());
    }

    private static String knows(Regulars regulars) {
        if (regulars.name().isEmpty()) {
            return "a name, no names of people";
        }
        return regulars.knows().isEmpty()
                ? "nothing is known that they did lately"
                : "knows %d things that it did lately".formatted(regulars.knows().size());
    }

    private static String key(String words) {
        return words.replace(' ', '-');
    }

    static GridPane grid() {
        GridPane grid = new GridPane();
        grid.setHgap(7);
        grid.setVgap(2);
        return grid;
    }

    private static Label soft(String text) {
        return Words.wrapped(text, "soft");
    }
}
