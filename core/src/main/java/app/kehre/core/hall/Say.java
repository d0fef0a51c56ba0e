package app.kehre.core.hall;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import app.kehre.core.choreography.Cue;
import app.kehre.core.choreography.Script;
import app.kehre.core.dose.Counts;
import app.kehre.core.exercise.CueWords;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.teaching.Moment;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;

/**
 * What is to be said next, and when: one eight of the music before what comes begins, so that the words are out when it is
 * due (craft.md 5: a change is announced in the last eight counts).
 *
 * @param in how long until then, 0 or more; 0 while it is being said
 * @param words what: "to the left", "Row: pull the elbows back"
 * @param how the cue that goes with it; may be empty
 */
public record Say(Duration in, String words, String how) {

    private static final Duration EIGHT = Duration.ofSeconds(4);

    /** Finds what is to be said next; nothing when the class is over, and where nothing new comes. */
    public static Optional<Say> of(Moment moment, Timeline timeline) {
        int at = timeline.indexAt(moment.place());
        if (at < 0) {
            return Optional.empty();
        }
        Optional<Say> cue = ofCue(moment, timeline);
        return cue.isPresent() ? cue : ofChange(moment, timeline, at);
    }

    /** Returns "say now", "say in 8 s". */
    public String when() {
        return in.isZero() ? "say now" : "say in " + Lengths.begun(in) + " s";
    }

    private static Optional<Say> ofChange(Moment moment, Timeline timeline, int at) {
        List<Span> spans = timeline.spans();
        Span now = spans.get(at);
        for (Span next : spans.subList(at + 1, spans.size())) {
            boolean other = !next.entry().equals(now.entry());
            boolean side = !other && next.side() != Side.BOTH && next.side() != now.side()
                    && now.turn().stage().isEmpty();
            if (other || side) {
                Duration in = next.start().minus(moment.place()).minus(ahead(now, timeline));
                return say(next, timeline, side).map(said -> new Say(in.isNegative() ? Duration.ZERO : in,
                        said[0], said[1]));
            }
        }
        return Optional.empty();
    }

    private static Duration ahead(Span now, Timeline timeline) {
        boolean still = now.phase() == Phase.PAUSE || now.phase() == Phase.TALK;
        return still
                ? EIGHT
                : timeline.plan().findSegment(now.segment()).map(Segment::bpm)
                        .map(bpm -> bpm.at(2L * Counts.EIGHT)).orElse(EIGHT);
    }

    private static Optional<String[]> say(Span next, Timeline timeline, boolean side) {
        if (side) {
            return Optional.of(new String[]{"to the " + next.side().word(), ""});
        }
        Optional<Entry> entry = timeline.plan().find(next.entry());
        String first = firstSide(next, timeline).map(word -> ", %s first".formatted(word)).orElse("");
        return entry.map(found -> switch (found) {
            case Item item -> new String[]{item.name() + first, how(item.exercise().cues())};
            case Pause pause -> new String[]{
                    Character.toLowerCase(pause.name().charAt(0)) + pause.name().substring(1), ""};
            case Circuit circuit -> new String[]{"rest, " + HallWords.round(circuit, next), ""};
            case BuildUp _,Screen _ -> new String[]{found.name(), ""};
        });
    }

    private static Optional<String> firstSide(Span next, Timeline timeline) {
        List<Span> spans = timeline.spans();
        return spans.subList(spans.indexOf(next), spans.size()).stream()
                .takeWhile(span -> span.entry().equals(next.entry())).map(Span::side)
                .filter(each -> each != Side.BOTH).findFirst().map(Side::word);
    }

    private static String how(CueWords cues) {
        return cues.act().isEmpty() ? cues.see() : cues.act();
    }

    /** In a build-up the next cue of its script. */
    private static Optional<Say> ofCue(Moment moment, Timeline timeline) {
        Optional<Counting> counting = Counting.of(moment, timeline);
        Optional<BuildUp> build = moment.entry().filter(BuildUp.class::isInstance).map(BuildUp.class::cast);
        if (counting.isEmpty() || build.isEmpty()) {
            return Optional.empty();
        }
        Script script = timeline.scripts().get(build.get().id());
        int at = counting.get().at();
        return script == null
                ? Optional.empty()
                : script.cues(build.get().build().mirrored()).stream()
                        .filter(cue -> cue.runs(at) || cue.at() > at).findFirst()
                        .map(cue -> said(cue, at, script.bpm()));
    }

    private static Say said(Cue cue, int at, Bpm bpm) {
        if (cue.runs(at)) {
            return new Say(Duration.ZERO, cue.said(at), cue.sign());
        }
        int first = at;
        while (first < cue.at() && !cue.runs(first)) {
            first++;
        }
        return new Say(bpm.at(2L * (first - at)), cue.said(first), cue.sign());
    }
}
