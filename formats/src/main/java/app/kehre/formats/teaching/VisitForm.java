package app.kehre.formats.teaching;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import app.kehre.core.plan.SegmentId;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Spot;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Done;
import app.kehre.core.value.Range;
import app.kehre.core.value.Side;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/** The fields of a piece of a class as it was taught, and of what a side was forgiven. */
final class VisitForm {

    private static final Range NUMBER = Range.of("a number", 0, 1_000_000);
    private static final Range SEGMENT = Range.of("a number", 1, 1_000_000);
    private static final Notation<Done.Unit> UNITS = Notation.words(List.of(Done.Unit.values()),
            VisitForm::key);
    private static final Notation<Visit.Going> GOING = Notation.words(List.of(Visit.Going.values()),
            VisitForm::key);
    static final Notation<Duration> LENGTH = Notation.time(Duration::parse, "a length such as PT1M30S");

    private VisitForm() {}

    private static String key(Done.Unit unit) {
        return switch (unit) {
            case SECONDS -> "seconds";
            case REPS -> "reps";
            case COUNTS -> "counts";
            case BREATHS -> "breaths";
        };
    }

    private static String key(Visit.Going going) {
        return switch (going) {
            case ON -> "on";
            case PAUSED -> "paused";
            case TALKED_TO -> "talked-to";
        };
    }

    static Optional<Visit> of(Form<Visit> form) {
        Optional<Spot> spot = SpotForm.of(form.part(Visit::spot));
        SegmentId segment = new SegmentId(form.whole("segment", SEGMENT, visit -> visit.segment().number()));
        Done.Unit unit = form.parsed("unit", UNITS, Done.Unit.SECONDS, Visit::unit);
        int from = form.whole("from", NUMBER, Visit::from);
        int to = form.whole("to", NUMBER, Visit::to);
        Duration began = form.parsed("began", LENGTH, Duration.ZERO, Visit::began);
        Duration took = form.parsed("took", LENGTH, Duration.ZERO, Visit::took);
        Visit.Going going = form.parsed("going", GOING, Visit.Going.ON, Visit::going);
        return spot.flatMap(where -> form.built("from",
                () -> new Visit(where, segment, unit, from, to, began, took, going)));
    }

    static Optional<Debt> debt(Form<Debt> form) {
        String exercise = form.text("exercise", Debt::exercise);
        Side side = SpotForm.side(form, Debt::side);
        Done.Unit unit = form.parsed("unit", UNITS, Done.Unit.SECONDS, Debt::unit);
        int amount = form.whole("amount", NUMBER, Debt::amount);
        return form.built("amount", () -> new Debt(exercise, side, unit, amount));
    }
}
