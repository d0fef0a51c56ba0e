package app.kehre.core.capacity;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;

import app.kehre.core.brief.Brief;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;

/**
 * What a class needs of one kind and size of kit.
 *
 * @param kit the kind
 * @param size the size
 * @param perPerson the most that one person has at once; 0 for what belongs to the room, and for what only
 *     people with a limit need
 * @param inAll pieces for the whole group
 * @param place where it lies
 */
public record KitNeed(Equipment kit, Load.Size size, int perPerson, int inAll, KitPlace place) {

    private record Piece(Equipment kit, Load.Size size) {}

    private static final Comparator<Piece> BY_KIND = Comparator.comparing(Piece::kit)
            .thenComparing(piece -> piece.size().words(), Comparator.reverseOrder());

    /** Returns the needs of a class, by kind, then size; what is left out needs nothing. */
    public static List<KitNeed> of(ClassPlan plan) {
        return ofTaught(plan.withSegments(plan.segments().stream().filter(each -> !each.leftOut()).toList()));
    }

    private static List<KitNeed> ofTaught(ClassPlan plan) {
        Map<Piece, Integer> most = new HashMap<>();
        plan.items().forEach(item -> {
            count(item, most);
            item.rounds().keySet().forEach(round -> count(item.inRound(round), most));
        });
        plan.buildUps().forEach(build -> count(build.asItem(), most));
        List<KitNeed> needs = new ArrayList<>();
        most.entrySet().stream().sorted(Map.Entry.comparingByKey(BY_KIND))
                .forEach(each -> needs.add(need(each.getKey(), each.getValue(), plan.brief())));
        instead(plan).forEach((kit, people) -> {
            if (needs.stream().noneMatch(need -> need.kit() == kit)) {
                boolean fixed = kit.usualPlace() == KitPlace.FIXED;
                needs.add(new KitNeed(kit, Load.Size.UNSIZED, 0, fixed ? 0 : people,
                        plan.brief().room().placeOf(kit)));
            }
        });
        return needs;
    }

    /** Returns how many people at once do something else with a kind of kit, by kind. */
    private static Map<Equipment, Integer> instead(ClassPlan plan) {
        Map<Equipment, Integer> most = new TreeMap<>();
        Stream.concat(plan.items(), plan.buildUps().map(BuildUp::asItem)).forEach(item -> {
            Map<Equipment, Integer> here = new TreeMap<>();
            item.instead().forEach((limit, exercise) -> exercise.equipment()
                    .forEach(kit -> here.merge(kit, plan.brief().having(limit), Integer::sum)));
            here.forEach((kit, people) -> most.merge(kit, people, Math::max));
        });
        most.values().removeIf(people -> people == 0);
        return most;
    }

    /** Returns the need in words: "light weights: 2 each, 36 in all", or "chairs: 1, for limits". */
    public String words() {
        String noun = kit.noun(2);
        String sized = size.words().isEmpty() ? noun : size.words() + " " + noun;
        if (perPerson == 0) {
            return inAll == 0 ? sized : "%s: %d, for limits".formatted(sized, inAll);
        }
        return "%s: %d each, %d in all".formatted(sized, perPerson, inAll);
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
