package app.kehre.desk.plan;

import app.kehre.core.edit.Addables;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Lengths;
import app.kehre.core.written.CircuitHead;

/** What is written in the field below the lines, and what comes of it. */
sealed interface Written {

    /** Returns what it is called, and after a tab a few words that help to choose. */
    String words();

    /** A line, or two for two sides that differ. */
    record Line(Addables.Addable addable) implements Written {
        @Override
        public String words() {
            return addable.name() + "\t" + addable.words();
        }
    }

    /** A new segment after the chosen one. */
    record NewSegment(Segment segment) implements Written {
        @Override
        public String words() {
            return "%s\ta new segment: %s, %d BPM%s".formatted(segment.name(), segment.role().words(),
                    segment.bpm().value(),
                    segment.target().isZero() ? "" : ", " + Lengths.clock(segment.target()));
        }
    }

    /** A segment that the class has, with another length if one was written. */
    record GoOn(Segment segment) implements Written {
        @Override
        public String words() {
            return "%s\tgo on in this segment".formatted(segment.name());
        }
    }

    /** A circuit, which begins with the next exercise that is written. */
    record Rounds(CircuitHead head) implements Written {
        @Override
        public String words() {
            return "%s\t%s: write its first exercise next".formatted(head.rounds(),
                    head.name().isEmpty() ? "a circuit" : head.name());
        }
    }

    /** The other side of the chosen line. */
    record OtherSide(String name) implements Written {
        @Override
        public String words() {
            return "The other side\t" + name;
        }
    }
}
