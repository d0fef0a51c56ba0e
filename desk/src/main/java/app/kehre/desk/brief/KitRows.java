package app.kehre.desk.brief;

import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.Stream;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

import app.kehre.core.brief.GroupText;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.desk.control.Words;

/** How many pieces of each kind there are, and where; what few halls have is asked for on a press, or where it is counted. */
final class KitRows extends VBox {

    private static final List<KitPlace> PLACES = List.of(KitPlace.SET_OUT, KitPlace.AT_HAND,
            KitPlace.BY_THE_WALL);
    private static final List<Equipment> COUNTED = Stream.of(Equipment.values())
            .filter(kit -> kit != Equipment.WALL && kit != Equipment.BARE_FEET)
            .sorted(Comparator.comparing(Equipment::rare)).toList();
    private static final double COUNT = 34;

    private final BriefForm form;
    private final GridPane grid = BriefView.grid();
    private final Button more = new Button("more kinds of kit");
    private boolean open;

    KitRows(BriefForm form) {
        super(4);
        this.form = form;
        COUNTED.forEach(this::add);
        more.setId("more-kit");
        more.getStyleClass().add("flat");
        more.setOnAction(_ -> {
            open = true;
            show(List.of(more), false);
        });
        getChildren().addAll(grid, more);
    }

    private void add(Equipment kit) {
        String key = kit.key().replace(' ', '-');
        int row = COUNTED.indexOf(kit);
        List<Node> cells = List.of(
                form.text("kit-" + key, "Pieces: " + kit.noun(2), COUNT,
                        brief -> GroupText.pieces(brief, kit),
                        (brief, text) -> GroupText.withPieces(brief, kit, text)),
                Words.plain(kit.noun(2), "soft"),
                form.choice("place-" + key, "Place of the " + kit.noun(2),
                        BriefForm.inOrder(PLACES, KitPlace::words),
                        brief -> brief.room().placeOf(kit).words(),
                        (brief, place) -> brief.with(brief.room().withPlace(kit, place))));
        cells.forEach(cell -> grid.add(cell, cells.indexOf(cell), row));
        if (kit.rare()) {
            form.whenShown(brief -> {
                OptionalInt count = brief.room().count(kit);
                show(cells, open || count.isPresent());
            });
            more.addEventHandler(ActionEvent.ACTION, _ -> show(cells, true));
        }
    }

    private static void show(List<Node> cells, boolean shown) {
        cells.forEach(cell -> {
            cell.setVisible(shown);
            cell.setManaged(shown);
        });
    }
}
