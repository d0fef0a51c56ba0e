package app.kehre.core.choosing;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

class FilterTest {

    private static final Exercise ON_CHAIR = Exercises.of("sit", "Sit and stand", Position.SEATED_CHAIR,
            Set.of(Equipment.CHAIR));
    private final Brief brief = Plans.of(30).segment("Toning", Role.TONING, 120).bare().brief();

    private List<Exercise> shown(Filter filter, Brief to) {
        return java.util.stream.Stream.concat(Exercises.all().stream(), java.util.stream.Stream.of(ON_CHAIR))
                .filter(each -> filter.shows(each, to)).toList();
    }

    private static Filter of(Optional<Role> role, Optional<Muscle> area, Optional<Pattern> pattern,
            Optional<Position> position, Optional<Impact> impact) {
        return new Filter(role, area, pattern, position, impact, false, false, false);
    }

    @Test
    void withoutAFilterEverythingIsShown() {
        assertThat(shown(Filter.NONE, brief)).hasSize(6);
    }

    @Test
    void eachFilterLeavesWhatItSays() {
        Optional<Role> anyRole = Optional.empty();
        Optional<Muscle> anyArea = Optional.empty();
        Optional<Pattern> anyPattern = Optional.empty();
        Optional<Position> anyPosition = Optional.empty();
        Optional<Impact> anyImpact = Optional.empty();

        assertThat(shown(of(Optional.of(Role.STRETCH), anyArea, anyPattern, anyPosition, anyImpact), brief))
                .isEmpty();
        assertThat(
                shown(of(anyRole, Optional.of(Muscle.BUTTOCKS), anyPattern, anyPosition, anyImpact), brief))
                .hasSize(6);
        assertThat(shown(of(anyRole, Optional.of(Muscle.CHEST), anyPattern, anyPosition, anyImpact), brief))
                .isEmpty();
        assertThat(shown(of(anyRole, anyArea, Optional.of(Pattern.PUSH), anyPosition, anyImpact), brief))
                .isEmpty();
        assertThat(shown(of(anyRole, anyArea, anyPattern, Optional.of(Position.PRONE), anyImpact), brief))
                .containsExactly(Exercises.PLANK);
        assertThat(shown(of(anyRole, anyArea, anyPattern, anyPosition, Optional.of(Impact.HIGH)), brief))
                .isEmpty();
    }

    @Test
    void kitThatIsNotHereAndCautionsOfTheGroupAreLeftOut() {
        Filter here = new Filter(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(),
                Optional.empty(), true, false, false);
        Filter careful = new Filter(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(),
                Optional.empty(), false, true, false);
        Brief noChairs = brief.with(brief.room().withCount(Equipment.CHAIR, OptionalInt.of(0)));
        Brief soreKnees = brief.with(brief.group().withLimit(Limit.KNEE, 1));
        Brief soreNecks = brief.with(brief.group().withLimit(Limit.NECK, 1));

        assertThat(shown(here, brief)).contains(ON_CHAIR);
        assertThat(shown(here, noChairs)).hasSize(5).doesNotContain(ON_CHAIR);
        assertThat(shown(careful, soreKnees)).isEmpty();
        assertThat(shown(careful, soreNecks)).hasSize(6);
    }
}
