package app.kehre.desk.combination;

import java.time.Duration;
import java.util.Optional;

import app.kehre.core.brief.School;
import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Lessons;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Commit;

/** What can be said about the stages of the shown build-up and about its time, without a single node. */
final class LadderModel {

    private final CombinationViewModel model;

    LadderModel(CombinationViewModel model) {
        this.model = model;
    }

    CombinationViewModel combination() {
        return model;
    }

    /** Sets the rounds of a stage as one step, unless the wished time could not be met any more. */
    void rounds(String name, StageKey key, Rounds rounds) {
        model.say("");
        Reading<Build> changed = model.buildUp().map(found -> met(found, found.build().with(key, rounds)))
                .orElse(Reading.refused(""));
        changed.value().ifPresent(other -> model.editBuild(name, _ -> other));
        model.say(changed.problem());
    }

    /** Leaves a stage to Kehre again. */
    void fit(String name, StageKey key) {
        model.say("");
        model.editBuild(name, build -> build.without(key));
    }

    /** Returns what happens with typed rounds of a stage. */
    Commit ofRounds(StageKey key) {
        return model.ofBuild("Rounds of " + key, text -> Rounds.parse(key, text).flatMap(
                rounds -> model.buildUp().map(found -> met(found, found.build().with(key, rounds)))
                        .orElseThrow()));
    }

    /** Returns what happens with a typed wish for the time; an empty one takes it back. */
    Commit ofWish() {
        return model.ofBuild("Time of the build-up", text -> wish(text)
                .flatMap(time -> model.buildUp().map(found -> met(found, found.build().withWish(time)))
                        .orElseThrow()));
    }

    private static Reading<Optional<Duration>> wish(String text) {
        return text.isBlank()
                ? Reading.of(Optional.empty())
                : Lengths.parse(text).flatMap(time -> Build.TIME.problem(time)
                        .map(Reading::<Optional<Duration>>refused)
                        .orElseGet(() -> Reading.of(Optional.of(time))));
    }

    /** What cannot meet its wished time, and could before, is refused with the least and the most. */
    private Reading<Build> met(BuildUp found, Build other) {
        Optional<String> refused = Lessons.script(model.open().plan(), found.with(other)).fill().refused();
        boolean before = Lessons.script(model.open().plan(), found).fill().refused().isEmpty();
        return refused.filter(_ -> before).map(Reading::<Build>refused).orElseGet(() -> Reading.of(other));
    }

    /** Returns how long a stop to show a stage usually is. */
    Duration showing() {
        return model.open().plan().pace().length(Quantity.NEW, School.Teaching.SHOW_THEN_DO);
    }

    /** Returns whether combinations are taught before this build-up in the class. */
    boolean taughtBefore() {
        return model.buildUp().filter(found -> !Lessons.before(model.open().plan(), found).isEmpty())
                .isPresent();
    }
}
