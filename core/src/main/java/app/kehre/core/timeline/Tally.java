package app.kehre.core.timeline;

import java.time.Duration;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/**
 * Where the time of a class, or of one of its segments, goes.
 *
 * @param lengths of each use
 * @param explainOver explaining that costs no time since it lies over the movement
 * @param lost work by the clock that is lost
 */
public record Tally(Map<Use, Duration> lengths, Duration explainOver, Duration lost) {

    /** What time is used for. */
    public enum Use implements Named {
        /** Moving and holding. */
        WORK("work", "work"),
        /** Explaining while the work stops. */
        EXPLAINING("explaining", "explaining"),
        /** Set-up, transitions, changing side. */
        CHANGEOVER("changeover", "changeover"),
        /** Rests and pauses. */
        REST("rest", "rest"),
        /** Welcome, thanks: the instructor speaks and nobody works. */
        TALK("talk", "talk");

        private final Term term;

        Use(String key, String words) {
            this.term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }

        /** Returns what a phase is used for. */
        public static Use of(Phase phase) {
            return switch (phase) {
                case WORK, HOLD -> WORK;
                case EXPLAIN -> EXPLAINING;
                case SET_UP, TRANSITION, SIDE_CHANGE -> CHANGEOVER;
                case REST, PAUSE -> REST;
                case TALK -> TALK;
            };
        }
    }

    public Tally {
        lengths = Map.copyOf(lengths);
    }

    /** Returns the tally of a class, or of the segment with a number. */
    public static Tally of(Timeline timeline, Optional<SegmentId> segment) {
        Map<Use, Duration> lengths = new EnumMap<>(Use.class);
        for (Span span : timeline.spans()) {
            if (segment.isEmpty() || segment.get().equals(span.segment())) {
                lengths.merge(Use.of(span.phase()), span.stretch().shown(), Duration::plus);
            }
        }
        Duration over = timeline.over().stream()
                .filter(each -> segment.isEmpty() || segment.get().equals(each.segment()))
                .map(each -> each.stretch().shown()).reduce(Duration.ZERO, Duration::plus);
        Duration lost = timeline.lost().stream()
                .filter(each -> segment.isEmpty() || segment.get().equals(each.segment())).map(Lost::length)
                .reduce(Duration.ZERO, Duration::plus);
        return new Tally(lengths, over, lost);
    }

    /** Returns the tally of a line. */
    public static Tally ofLine(Timeline timeline, EntryId line) {
        Map<Use, Duration> lengths = new EnumMap<>(Use.class);
        timeline.spans().stream().filter(span -> span.entry().equals(line))
                .forEach(span -> lengths.merge(Use.of(span.phase()), span.stretch().shown(), Duration::plus));
        return new Tally(lengths, Duration.ZERO, Duration.ZERO);
    }

    /** Returns the length of a use. */
    public Duration of(Use use) {
        return lengths.getOrDefault(use, Duration.ZERO);
    }

    /** Returns all uses that take time: "work 7:22, explaining 1:40, changeover 0:48, rest 0:53". */
    public String all() {
        return Arrays.stream(Use.values()).filter(use -> of(use).isPositive())
                .map(use -> use.words() + " " + Lengths.clock(of(use))).collect(Collectors.joining(", "));
    }

    /** Returns explaining in all: what the work stops for, and what lies over the movement. */
    public Duration explained() {
        return of(Use.EXPLAINING).plus(explainOver);
    }

    /** Returns "explaining 6:40, 4:10 of it while they move, changeover 3:05"; empty when there is none. */
    public String words() {
        StringBuilder words = new StringBuilder();
        if (explained().isPositive()) {
            words.append("explaining ").append(Lengths.clock(explained()));
            if (explainOver.isPositive()) {
                words.append(", ").append(Lengths.clock(explainOver)).append(" of it while they move");
            }
        }
        if (of(Use.CHANGEOVER).isPositive()) {
            words.append(words.isEmpty() ? "" : ", ").append("changeover ")
                    .append(Lengths.clock(of(Use.CHANGEOVER)));
        }
        if (lost.isPositive()) {
            words.append(words.isEmpty() ? "" : ", ").append("work lost ").append(Lengths.clock(lost));
        }
        return words.toString();
    }
}
