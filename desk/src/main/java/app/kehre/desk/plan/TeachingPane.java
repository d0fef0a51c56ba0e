package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Label;

import app.kehre.core.brief.School;
import app.kehre.core.choreography.BuildUpWords;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Lessons;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Variant;
import app.kehre.core.timeline.LineCost;
import app.kehre.core.timeline.SideTotals;
import app.kehre.core.typing.DeliveryText;
import app.kehre.desk.control.StyleMenu;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;

/** The rows of the card that say how a line is taught, and change it. */
final class TeachingPane {

    private static final String AS_SEGMENT = "as its segment";
    private static final String NOT_AGAIN = "only if the dose is another";

    private final PlanViewModel model;
    private final CardForm form;
    private final DosePane dose;
    private final PatternPane pattern;

    TeachingPane(PlanViewModel model, ObjectProperty<Palette> palette) {
        this.model = model;
        this.form = new CardForm(model);
        this.dose = new DosePane(model, form);
        this.pattern = new PatternPane(model, palette);
    }

    /** Returns the rows for a line. */
    List<Node> rows(Entry entry) {
        return switch (entry) {
            case Item item -> ofItem(item);
            case Pause pause ->
                List.of(CardForm.mark("keep moving on the spot", "keep-moving", pause.moving(),
                        set -> model.change("Pause " + pause.name(), pause.withMoving(set))),
                        CardForm.mark("stay as they are, with what they hold", "staying", pause.staying(),
                                set -> model.change("Pause " + pause.name(), pause.withStaying(set))));
            case Screen screen -> ofScreen(screen);
            case BuildUp build -> ofBuildUp(build);
            case Circuit circuit -> List.of(text(
                    "Drag exercises in and out, or move them with Alt+Up and Alt+Down. What changes in a round"
                            + " is set at the exercise."));
        };
    }

    private List<Node> ofBuildUp(BuildUp build) {
        List<Node> rows = new ArrayList<>();
        build.build().combinations().forEach(each -> {
            rows.add(heading("%s, %d counts".formatted(each.name(), each.counts())));
            rows.add(text(BuildUpWords.moves(each)));
        });
        rows.add(heading("Stages"));
        Lessons.script(model.plan(), build).stages().forEach(stage -> rows.add(text(
                "%s: %s".formatted(stage.title(), BuildUpWords.rounds(stage)))));
        rows.add(Words.button("open-combination", "Open the combination",
                () -> model.openCombination(build.id())));
        return rows;
    }

    private List<Node> ofItem(Item item) {
        Delivery delivery = item.delivery();
        List<Node> rows = new ArrayList<>(dose.rows(item, item.dose(), item::withDose));
        pattern.show(item).ifPresent(rows::add);
        rows.add(heading("Taught"));
        Label cost = text(LineCost.of(model.timeline(), item));
        cost.setId("line-cost");
        rows.add(cost);
        rows.add(styleOfTeaching(item));
        if (!item.exercise().setting().others().isEmpty()) {
            rows.add(position(item));
        }
        rows.add(CardForm.mark("the group knows it", "known", model.plan().isKnown(item),
                set -> model.changePlan("Teaching of " + item.name(), plan -> plan.withKnown(item, set))));
        rows.add(CardForm.mark("keep this dose when the class is made to fit", "locked", delivery.locked(),
                set -> changeDelivery(item, delivery.withLocked(set))));
        rows.add(form.choice("explaining", "explain-mode", Explaining.Mode.class,
                delivery.explaining().mode(),
                mode -> changeDelivery(item,
                        delivery.withExplaining(new Explaining(mode, delivery.explaining().length())))));
        rows.add(form.text("explain for", "explain-for", item, DeliveryText.explainFor(item), "as usual",
                DeliveryText::withExplainFor));
        rows.add(form.text("changeover", "changeover", item, DeliveryText.changeover(item), "as it needs",
                DeliveryText::withChangeover));
        rows.add(form.text("holding pattern", "holding", item,
                delivery.holdingEights() == 0 ? "" : delivery.holdingEights() + " eights", "none",
                DeliveryText::withHolding));
        rows.add(form.text("layer", "layer", item, delivery.layer(), "none", DeliveryText::withLayer));
        rows.add(style("style", delivery.style(), set -> changeDelivery(item, delivery.withStyle(set))));
        sides(item).ifPresent(rows::add);
        model.plan().circuitOf(item.id()).ifPresent(circuit -> addRounds(rows, item, circuit));
        return rows;
    }

    private Node styleOfTeaching(Item item) {
        List<String> words = new ArrayList<>(List.of(AS_SEGMENT));
        Stream.of(School.Teaching.values()).map(School.Teaching::called).forEach(words::add);
        return CardForm.pick("style", "line-teaching", words,
                item.delivery().teaching().map(School.Teaching::called).orElse(AS_SEGMENT),
                at -> changeDelivery(item, item.delivery().withTeaching(at == 0
                        ? Optional.empty()
                        : Optional.of(School.Teaching.values()[at - 1]))));
    }

    private Node position(Item item) {
        List<Position> positions = item.exercise().setting().positions();
        return CardForm.pick("position", "line-position", positions.stream().map(Position::words).toList(),
                item.position().words(), at -> model.change("Position of " + item.name(),
                        item.withPosed(Optional.of(positions.get(at)))));
    }

    private Optional<Node> sides(Item item) {
        return SideTotals.of(model.timeline()).stream()
                .filter(totals -> totals.entries().contains(item.id())).findFirst().map(totals -> {
                    Label label = text(totals.words());
                    label.getStyleClass().add(totals.even() ? "soft" : "over");
                    return label;
                });
    }

    private void addRounds(List<Node> rows, Item item, Circuit circuit) {
        for (int each = 2; each <= circuit.rounds(); each++) {
            int round = each;
            RoundChange change = item.change(round);
            rows.add(heading("In round " + round));
            rows.add(CardForm.mark("left out", "round-" + round + "-out", change.out(), set -> model.change(
                    "Round %d of %s".formatted(round, item.name()),
                    item.withChange(round, change.withOut(set)))));
            rows.add(form.text("dose", "round-" + round + "-dose", item,
                    change.dose().map(DoseNotation::print).orElse(""), DoseNotation.print(item.dose()),
                    (entry, text) -> DeliveryText.withRoundDose(entry, round, text)));
            rows.add(form.text("load", "round-" + round + "-load", item,
                    change.load().map(LoadNotation::print).orElse(""), LoadNotation.print(item.load()),
                    (entry, text) -> DeliveryText.withRoundLoad(entry, round, text)));
            rows.add(form.choice("option", "round-" + round + "-option", Variant.class,
                    change.variant().orElse(item.delivery().variant()),
                    variant -> model.change("Round %d of %s".formatted(round, item.name()),
                            item.withChange(round, change.withVariant(Optional.of(variant))))));
            rows.add(explainingAgain(item, round));
            rows.add(form.text("layer", "round-" + round + "-layer", item, change.layer(), "the same",
                    (entry, text) -> DeliveryText.withRoundLayer(entry, round, text)));
            rows.add(style("round-" + round + "-style", change.style().orElse(item.delivery().style()),
                    set -> model.change("Round %d of %s".formatted(round, item.name()),
                            item.withChange(round, change.withStyle(Optional.of(set))))));
        }
    }

    private static Node style(String id, Set<Style> chosen, Consumer<Set<Style>> change) {
        StyleMenu menu = new StyleMenu(id, chosen, EnumSet.allOf(Style.class), change);
        menu.getStyleClass().addAll("flat", "card-choice");
        return CardForm.row("harder by", menu);
    }

    private Node explainingAgain(Item item, int round) {
        List<String> words = new ArrayList<>(List.of(NOT_AGAIN));
        Stream.of(Explaining.Mode.values()).map(Explaining.Mode::words).forEach(words::add);
        RoundChange change = item.change(round);
        String now = change.explaining().map(each -> each.mode().words()).orElse(NOT_AGAIN);
        return CardForm.pick("explaining", "round-" + round + "-explain", words, now, at -> {
            Optional<Explaining> again = at == 0
                    ? Optional.empty()
                    : Optional.of(new Explaining(Explaining.Mode.values()[at - 1], Optional.empty()));
            model.change("Round %d of %s".formatted(round, item.name()),
                    item.withChange(round, change.withExplaining(again)));
        });
    }

    private List<Node> ofScreen(Screen screen) {
        List<Node> rows = new ArrayList<>(dose.rows(screen, screen.dose(), screen::withDose));
        rows.add(form.text("not passed", "failed", screen, screen.failed(), "say what counts",
                DeliveryText::withFailed));
        rows.add(heading("Those who do not pass, instead of"));
        model.linesAfter(screen.id()).forEach(later -> rows.add(form.text(later.name(),
                "instead-" + later.id(), screen, screen.instead().getOrDefault(later.id(), ""), "the same",
                (entry, text) -> DeliveryText.withInstead(entry, later.id(), text))));
        return rows;
    }

    private void changeDelivery(Item item, Delivery delivery) {
        model.change("Teaching of " + item.name(), item.withDelivery(delivery));
    }

    private static Label heading(String text) {
        Label label = text(text);
        label.getStyleClass().add("strong");
        return label;
    }

    private static Label text(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Label.USE_PREF_SIZE);
        return label;
    }
}
