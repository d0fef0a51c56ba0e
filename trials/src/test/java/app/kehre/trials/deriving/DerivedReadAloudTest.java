package app.kehre.trials.deriving;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.trials.aloud.ReadAloud;

import static org.assertj.core.api.Assertions.assertThat;

/** The warm-up and the stretch that follow from the classes of the week: would an instructor begin and end like that? */
class DerivedReadAloudTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final Duration WARM_UP = Duration.ofMinutes(7);
    private static final Duration STRETCH = Duration.ofMinutes(6);

    private static List<String> said(String heading, Function<ClassPlan, Proposal> propose) {
        List<String> said = new ArrayList<>();
        for (String name : DemoPlan.NAMES) {
            ClassPlan plan = DemoPlan.load(name, LIBRARY).plan();
            said.addAll(List.of("", "# %s: %s".formatted(plan.brief().title(), heading)));
            for (Way way : propose.apply(plan).ways()) {
                said.add("* " + way.words());
                said.addAll(way.lines());
                said.addAll(Effect.of(Assessment.of(plan, LIBRARY), way.after(), LIBRARY).lines());
            }
        }
        return said;
    }

    @Test
    void warmUpAndStretchAreThoseThatWereReadAloud() throws IOException {
        List<String> said = Stream.concat(
                said("a warm-up of 7 min", plan -> WarmUpFromClass.propose(plan, LIBRARY, WARM_UP)).stream(),
                said("a stretch of 6 min", plan -> StretchFromClass.propose(plan, LIBRARY, STRETCH)).stream())
                .skip(1).toList();

        assertThat(said).containsExactlyElementsOf(ReadAloud.of("derived.txt"));
    }
}
