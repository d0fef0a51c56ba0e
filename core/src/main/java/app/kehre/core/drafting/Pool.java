package app.kehre.core.drafting;

import java.util.List;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.choosing.Belongs;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.Load;
import app.kehre.core.people.Limit;

/**
 * The exercises that this group can do with the kit of this room, for a role. What can hurt most of the group is left out; the
 * few whom it concerns do something else meanwhile.
 */
final class Pool {

    private final Brief brief;
    private final List<Exercise> possible;
    private final List<Exercise> all;

    Pool(Brief brief, Library library) {
        this.brief = brief;
        possible = library.all().stream()
                .filter(each -> each.impact() != Impact.HIGH && Belongs.in(brief, each) && enough(each))
                .toList();
        List<Limit> most = brief.watched().stream().filter(brief::mostHave).toList();
        all = possible.stream().filter(each -> !each.canHurt(most)).toList();
    }

    /** Whether there is kit for everybody: hand weights are counted in pairs. */
    private boolean enough(Exercise exercise) {
        return exercise.equipment().stream().allMatch(kit -> {
            int each = exercise.usualLoad().find(kit).map(Load.Piece::howMany).orElse(1);
            boolean shared = kit.usualPlace() == KitPlace.FIXED || kit.usualPlace() == KitPlace.WORN;
            return brief.room().has(kit) && (shared
                    || brief.room().count(kit).orElse(Integer.MAX_VALUE) / Math.max(1, each) >= brief
                            .people());
        });
    }

    /** Returns all that suit a role. */
    List<Exercise> of(Role role) {
        boolean down = brief.format() == Format.FLOOR && role.main();
        return all.stream().filter(each -> each.suits(role)
                && (!down || each.position().level() == Position.Level.FLOOR)).toList();
    }

    /** Returns the moves with footwork that a dance can be made of; whom a caution concerns does something else. */
    List<Exercise> moves(boolean onStep) {
        return possible.stream().filter(each -> each.footwork().isPresent() && each.onStep() == onStep
                && each.suits(Role.AEROBIC)).toList();
    }

    /** Returns for how many limits that most of the group have an exercise carries a caution: the others do something else. */
    int cautionsOfMost(Exercise exercise) {
        return Math.toIntExact(brief.watched().stream()
                .filter(limit -> brief.mostHave(limit) && exercise.cautionFor(limit).isPresent()).count());
    }

    /** Returns how many limits of the group an exercise carries a caution for. */
    int cautions(Exercise exercise) {
        return Math.toIntExact(brief.watched().stream()
                .filter(limit -> exercise.cautionFor(limit).isPresent()).count());
    }
}
