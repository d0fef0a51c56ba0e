package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.css.PseudoClass;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;

import app.kehre.core.brief.GroupText;
import app.kehre.core.capacity.Capacity;
import app.kehre.core.capacity.KitNeed;
import app.kehre.core.edit.Structures;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.plan.ClassPlan;

/** The menus of the brief: the group and where its kit lies, and what the class is cut to. */
final class GroupMenu {

    private static final List<KitPlace> PLACES = List.of(KitPlace.SET_OUT, KitPlace.AT_HAND,
            KitPlace.BY_THE_WALL);

    private static final double SQUEEZED = 70;

    private static final PseudoClass TOO_MANY = PseudoClass.getPseudoClass("too-many");

    private final PlanViewModel model;
    private List<Object> shown = List.of();
    private List<Object> lastKit = List.of();
    private final MenuButton group = button("group-menu");
    private final MenuButton cut = button("cut-menu");

    GroupMenu(PlanViewModel model) {
        this.model = model;
        group.setMinWidth(SQUEEZED);
    }

    MenuButton group() {
        return group;
    }

    MenuButton cut() {
        return cut;
    }

    /** Shows the menus of a plan; what has only other doses needs no other menus. */
    void show(ClassPlan plan) {
        List<Object> kit = kitOf(plan);
        if (!kit.equals(lastKit)) {
            lastKit = kit;
            showKit(plan);
        }
    }

    /** Returns all that the kit of a class, its room and its cut hang on. */
    private static List<Object> kitOf(ClassPlan plan) {
        List<Object> kit = new ArrayList<>(List.of(plan.brief()));
        plan.segments().forEach(
                each -> kit.addAll(List.of(each.id(), each.name(), each.leftOut(), each.standsAlone())));
        plan.items().forEach(
                each -> kit.addAll(List.of(each.exercise(), each.load(), each.rounds(), each.instead())));
        plan.buildUps().forEach(kit::add);
        return kit;
    }

    private void showKit(ClassPlan plan) {
        List<KitNeed> needs = KitNeed.of(plan);
        Capacity capacity = Capacity.of(plan, needs);
        Set<Equipment> kit = kitToPlace(needs);
        group.setText(GroupText.words(plan.brief())
                + (capacity.people().isPresent() ? " \u00b7 room for " + capacity.people().getAsInt() : ""));
        group.pseudoClassStateChanged(TOO_MANY, capacity.tooSmallFor(plan.brief().people()));
        List<Object> like = new ArrayList<>(List.of(plan.brief().room(), kit));
        plan.segments().forEach(
                each -> like.addAll(List.of(each.id(), each.name(), each.leftOut(), each.standsAlone())));
        if (!like.equals(shown)) {
            shown = like;
            fill(plan, kit);
            showCut(plan);
        }
    }

    private static Set<Equipment> kitToPlace(List<KitNeed> needs) {
        Set<Equipment> kit = new LinkedHashSet<>();
        needs.stream().filter(need -> need.kit().usualPlace() != KitPlace.FIXED)
                .forEach(need -> kit.add(need.kit()));
        return kit;
    }

    private void fill(ClassPlan plan, Set<Equipment> kit) {
        List<MenuItem> items = new ArrayList<>();
        MenuItem times = new MenuItem("How long explaining and changing over take\u2026");
        times.setOnAction(_ -> model.pace().shown().set(true));
        items.add(times);
        if (!kit.isEmpty()) {
            items.add(new SeparatorMenuItem());
        }
        kit.forEach(each -> items.add(places(plan, each)));
        group.getItems().setAll(items);
    }

    private Menu places(ClassPlan plan, Equipment kit) {
        Menu menu = new Menu("%s: %s".formatted(kit.noun(2), plan.brief().room().placeOf(kit).words()));
        for (KitPlace place : PLACES) {
            RadioMenuItem item = new RadioMenuItem(place.words());
            item.setSelected(plan.brief().room().placeOf(kit) == place);
            item.setOnAction(_ -> model.changePlan("Place of the " + kit.noun(2),
                    now -> now.with(now.brief().with(now.brief().room().withPlace(kit, place)))));
            menu.getItems().add(item);
        }
        return menu;
    }

    private void showCut(ClassPlan plan) {
        cut.setText(Structures.cutWords(plan));
        MenuItem whole = new MenuItem("The whole class");
        whole.setOnAction(_ -> model.changePlan("The whole class", Structures::whole));
        MenuItem marked = new MenuItem("Cut to the parts that stand alone");
        marked.setDisable(plan.segments().stream().noneMatch(segment -> segment.standsAlone()));
        marked.setOnAction(_ -> model.changePlan("Cut the class", Structures::cutToMarked));
        List<MenuItem> items = new ArrayList<>(List.of(whole, marked, new SeparatorMenuItem()));
        plan.segments().forEach(segment -> {
            CheckMenuItem item = new CheckMenuItem(segment.name());
            item.setSelected(!segment.leftOut());
            item.setOnAction(_ -> model.changePlan("Cut " + segment.name(), now -> now.with(
                    now.segment(segment.id()).withLeftOut(!item.isSelected()))));
            items.add(item);
        });
        cut.getItems().setAll(items);
    }

    private static MenuButton button(String id) {
        MenuButton button = new MenuButton();
        button.setId(id);
        button.getStyleClass().add("flat");
        button.setMinWidth(MenuButton.USE_PREF_SIZE);
        return button;
    }
}
