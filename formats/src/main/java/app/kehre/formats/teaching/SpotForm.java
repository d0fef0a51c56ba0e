package app.kehre.formats.teaching;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;

import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.Spot;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Turn;
import app.kehre.core.value.Range;
import app.kehre.core.value.Side;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/** The fields of a span by what it is, each said once for reading and for writing. */
final class SpotForm {

    private static final Range NUMBER = Range.of("a number", 1, 1_000_000);
    private static final Notation<Phase> PHASES = Notation.words(List.of(Phase.values()), Phase::words);
    private static final Notation<Side> SIDES = Notation.words(List.of(Side.values()), Side::word);

    private SpotForm() {}

    static Optional<Spot> of(Form<Spot> form) {
        EntryId line = line(form, Spot::entry);
        Phase phase = form.parsed("phase", PHASES, Phase.WORK, Spot::phase);
        Side side = side(form, Spot::side);
        Turn turn = turn(form.part(Spot::turn));
        int number = form.whole("number", NUMBER, Spot::number);
        return form.built("line", () -> new Spot(line, turn, phase, side, number));
    }

    private static Turn turn(Form<Turn> form) {
        return new Turn(some(form, "round", Turn::round), some(form, "set", Turn::set),
                some(form, "interval", Turn::interval), some(form, "rung", Turn::rung),
                some(form, "stage", Turn::stage));
    }

    private static OptionalInt some(Form<Turn> form, String name, Function<Turn, OptionalInt> value) {
        return form.wholeIfAny(name, NUMBER, turn -> value.apply(turn).stream().boxed().findFirst()).stream()
                .mapToInt(each -> each).findFirst();
    }

    static Optional<Course.StageSpot> stage(Form<Course.StageSpot> form) {
        EntryId line = line(form, Course.StageSpot::entry);
        int stage = form.whole("stage", NUMBER, Course.StageSpot::stage);
        return form.built("stage", () -> new Course.StageSpot(line, stage));
    }

    static <E> EntryId line(Form<E> form, Function<E, EntryId> value) {
        return new EntryId(form.whole("line", NUMBER, value.andThen(EntryId::number)));
    }

    /** Lays out a side; both are left out. */
    static <E> Side side(Form<E> form, Function<E, Side> value) {
        return form.parsedIfAny("side", SIDES, Side.BOTH,
                thing -> Optional.of(value.apply(thing)).filter(side -> side != Side.BOTH)).orElse(Side.BOTH);
    }
}
