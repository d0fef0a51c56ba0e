package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.brief.Quality;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Lengths;

/** A quality that was promised has not its share of the class. */
final class QualityCheck implements KeyedCheck {

    private static final double MORE = 1.5;
    private static final int TRIED = 4;

    @Override
    public CheckKey key() {
        return CheckKey.PROMISED_QUALITY;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        if (judged.brief().goal().qualities().isEmpty() || judged.uses().isEmpty()) {
            return findings;
        }
        Qualities qualities = new Qualities(judged.uses(), judged.effort());
        judged.brief().goal().qualities().stream().sorted().forEach(quality -> {
            Duration is = Duration.ofSeconds(Math.round(qualities.seconds(quality)));
            Duration least = Promise.least(judged.brief(), quality);
            if (is.compareTo(least) < 0) {
                findings.add(finding(judged, quality, is, least).by(least.minus(is).toSeconds()));
            }
        });
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Quality quality, Duration is, Duration least) {
        boolean half = is.multipliedBy(2).compareTo(least) < 0;
        return foundOf(quality.key(), half ? Severity.FIX : Severity.WATCH, place(judged, quality),
                "%s: promised, and %s.".formatted(Mends.capital(quality.words()),
                        is.isZero() ? "nothing serves it" : "only %s serve it".formatted(Lengths.clock(is))),
                "%s In %d min it has %s at least.".formatted(meant(quality),
                        judged.brief().slot().toMinutes(),
                        Lengths.clock(least)),
                SourceKind.ESTIMATE, () -> mends(judged, quality));
    }

    private static String meant(Quality quality) {
        return switch (quality) {
            case ENDURANCE -> "Endurance comes from minutes at a moderate effort or above.";
            case STRENGTH -> "Strength comes from sets against something, at an effort of 5 to 7.";
            case MOBILITY -> "Mobility comes from joints moved through their range, and from stretches.";
            case BALANCE ->
                "Balance comes from standing on one leg, in tandem, stepping, with support nearby.";
            case COORDINATION -> "Coordination comes from patterns that are built up, on both leads.";
            case BACK_CARE ->
                "A back is cared for by hinges, bridges, planks, opposite arm and leg, and free hips.";
            case RELAXING -> "People relax in breath and still minutes at the end.";
            case WHOLE_BODY -> "The whole body is legs, push, pull and trunk; the least of the four counts.";
        };
    }

    private static Role[] roles(Quality quality) {
        return switch (quality) {
            case ENDURANCE, COORDINATION -> new Role[]{Role.AEROBIC};
            case STRENGTH, BALANCE, BACK_CARE, WHOLE_BODY -> new Role[]{Role.TONING, Role.CORE};
            case MOBILITY -> new Role[]{Role.WARM_UP, Role.COOL_DOWN, Role.STRETCH};
            case RELAXING -> new Role[]{Role.COOL_DOWN, Role.STRETCH};
        };
    }

    private static Place place(ClassUnderCheck judged, Quality quality) {
        return judged.segments(roles(quality)).stream().findFirst().map(judged::at).orElse(Place.CLASS);
    }

    private static List<Way> mends(ClassUnderCheck judged, Quality quality) {
        List<Way> mends = new ArrayList<>();
        List<Item> serving = judged.segments(roles(quality)).stream().flatMap(Segment::items)
                .filter(item -> Qualities.serves(quality, item.exercise())).limit(TRIED).toList();
        serving.forEach(item -> mends.addAll(Mends.scaled(judged.plan(), item, MORE).stream().toList()));
        for (Segment segment : judged.segments(roles(quality))) {
            mends.addAll(Mends.add(judged, segment, exercise -> Qualities.serves(quality, exercise)));
        }
        return Mends.first(mends.stream());
    }
}
