package app.kehre.core.value;

import java.util.Arrays;
import java.util.List;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.Quality;
import app.kehre.core.brief.Question;
import app.kehre.core.brief.School;
import app.kehre.core.choreography.Method;
import app.kehre.core.exercise.Facing;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Variant;

import static org.assertj.core.api.Assertions.assertThat;

class NamedTest {

    @ParameterizedTest
    @ValueSource(classes = {Explaining.Mode.class, Facing.class, Family.class, Format.class, Impact.class,
            Joint.class, KitPlace.class, Limit.class, Method.class, Muscle.class, Pattern.class,
            Pause.Kind.class, Position.class, Quality.class, Question.class, Role.class, School.Order.class,
            School.WarmUp.class,
            Severity.class, SourceKind.class, Threshold.class, Variant.class})
    void whatIsStoredOfATermIsAKeyOfItsOwn(Class<? extends Named> list) {
        List<String> keys = Arrays.stream(list.getEnumConstants()).map(Named::key).toList();

        assertThat(keys).doesNotHaveDuplicates().allMatch(key -> key.matches("[a-z]+(-[a-z]+)*"));
    }
}
