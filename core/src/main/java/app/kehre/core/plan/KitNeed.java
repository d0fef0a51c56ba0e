package app.kehre.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import app.kehre.core.brief.Brief;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.Load;

/**
 * What a class needs of one kind and size of kit.
 *
 * @param kit the kind
 * @param size the size
 * @param perPerson the most that one person has at once; 0 for what belongs to the room
 * @param inAll pieces for the whole group
 * @param place where it lies
 */
public record KitNeed(Equipment kit, Load.Size size, int perPerson, int inAll, KitPlace place) {

    private record Piece(Equipment kit, Load.Size size) {}

    /** Returns the needs of a class, by kind, then size. */
    public static List<KitNeed> of(ClassPlan plan) {
        Map<Piece, Integer> most = new TreeMap<>(Comparator.comparing(Piece::kit)
                .thenComparing(piece -> piece.size().words(), Comparator.reverseOrder()));
        plan.items().forEach(item -> {
            count(item, most);
            item.rounds().keySet().forEach(round -> count(item.inRound(round), most));
        });
        List<KitNeed> needs = new ArrayList<>();
        most.forEach((piece, perPerson) -> needs.add(need(piece, perPerson, plan.brief())));
        return needs;
    }

    /** Returns the need in words: "light weights: 2 each, 36 in all". */
    public String words() {
        String noun = kit.noun(2);
        String sized = size.words().isEmpty() ? noun : size.words() + " " + noun;
        return perPerson == 0 ? sized : "%s: %d each, %d in all".formatted(sized, perPerson, inAll);
    }

    private static void count(Item item, Map<Piece, Integer> most) {
        item.load().pieces().stream().filter(piece -> piece.kit().usualPlace() != KitPlace.WORN).forEach(
                piece -> most.merge(new Piece(piece.kit(), piece.size()), piece.howMany(), Math::max));
        for (Equipment kit : item.exercise().equipment()) {
            if (item.load().find(kit).isEmpty()) {
                most.merge(new Piece(kit, Load.Size.UNSIZED), 1, Math::max);
            }
        }
    }

    private static KitNeed need(Piece piece, int most, Brief brief) {
        int perPerson = piece.kit().usualPlace() == KitPlace.FIXED ? 0 : most;
        return new KitNeed(piece.kit(), piece.size(), perPerson,
                Math.multiplyExact(perPerson, brief.people()),
                brief.room().placeOf(piece.kit()));
    }
}
