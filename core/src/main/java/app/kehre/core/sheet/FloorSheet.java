package app.kehre.core.sheet;

import java.time.Duration;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;

/**
 * The sheet that lies on the floor and is read standing: what comes, how much, on which side, and nothing else.
 *
 * @param title of the class
 * @param when from when to when by the clock of the hall
 * @param who how many come, and who has to be looked after
 * @param blocks in their order
 * @param late what is left away by somebody who begins 5 and 10 minutes late; none where nothing can be
 * @param stop the signs at which anybody stops
 */
public record FloorSheet(String title, String when, String who, List<Block> blocks, List<String> late,
        String stop) {

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);
    private static final String STOP = "Stop: chest pain or pressure, dizziness, short of breath, sharp joint pain."
            + " Local rules and professionals decide.";

    /**
     * A segment, or pauses between two of them.
     *
     * @param name of it; empty for pauses alone
     * @param role what it is for
     * @param start by the clock of the hall
     * @param tempo beats a minute, "124"; empty where there is none to hold
     * @param rows in their order
     */
    public record Block(String name, Role role, String start, String tempo, List<Row> rows) {
        public Block {
            rows = List.copyOf(rows);
        }

        /** Returns whether nobody works in it. */
        public boolean pausesAlone() {
            return rows.stream().allMatch(Row.Change.class::isInstance);
        }

        /** Returns it with the pauses behind it, which need no head of their own. */
        private Block followedBy(Block pauses) {
            List<Row> all = new ArrayList<>(rows);
            String words = pauses.rows().stream().map(row -> ((Row.Change) row).words())
                    .collect(Collectors.joining(" \u00b7 "));
            all.add(new Row.Change("%s  %s".formatted(pauses.start(), words)));
            return new Block(name, role, start, tempo, all);
        }
    }

    /** What stands in a block. */
    public sealed interface Row {

        /**
         * A line.
         *
         * @param name what
         * @param dose how much, in few signs
         * @param sides the sides that have a box to tick, in their order: "RL"; may be empty
         * @param inside whether it stands in a circuit
         * @param cue at most five words each, at most two; may be empty
         * @param own whether the cue is the instructor's own, or what people with a limit do
         */
        record Line(String name, String dose, String sides, boolean inside, List<String> cue, boolean own)
                implements
                    Row {
            public Line {
                cue = List.copyOf(cue);
            }
        }

        /**
         * A combination.
         *
         * @param name of it
         * @param moves in their order
         */
        record Moves(String name, List<Move> moves) implements Row {
            public Moves {
                moves = List.copyOf(moves);
            }
        }

        /** What changes: kit, the place, water. */
        record Change(String words) implements Row {}

        /** A word about what follows: the rounds of a circuit. */
        record Word(String words) implements Row {}
    }

    /**
     * A move of a combination.
     *
     * @param from the count of its phrase at which it begins, 1 to 32
     * @param words "Basic step x2"
     * @param lead R or L
     * @param phrase the phrase that it begins in, from 1
     */
    public record Move(int from, String words, String lead, int phrase) {}

    public FloorSheet {
        blocks = List.copyOf(blocks);
        late = List.copyOf(late);
    }

    /** Returns the sheet of one of its blocks; what is left out when late stands with the first. */
    public FloorSheet only(Block block) {
        return new FloorSheet(title, when, who, List.of(block),
                block.equals(blocks.getFirst()) ? late : List.of(), stop);
    }

    /** Returns the sheet of a class. */
    public static FloorSheet of(Timeline timeline) {
        Brief brief = timeline.plan().brief();
        return new FloorSheet(brief.title(),
                "%s to %s".formatted(CLOCK.format(brief.start()), CLOCK.format(brief.scheduledEnd())),
                who(brief),
                blocks(timeline), Late.lines(timeline.plan()), STOP);
    }

    private static String who(Brief brief) {
        String limits = brief.group().limits().entrySet().stream().filter(each -> each.getValue() > 0)
                .sorted(java.util.Map.Entry.comparingByKey())
                .map(each -> "%d %s".formatted(each.getValue(), each.getKey().words()))
                .collect(Collectors.joining(" \u00b7 "));
        return "%d people%s".formatted(brief.people(), limits.isEmpty() ? "" : " \u00b7 " + limits);
    }

    /** A welcome at the beginning is not read from the floor: the head says when it is. */
    private static List<Block> blocks(Timeline timeline) {
        ClassPlan plan = timeline.plan();
        FloorRows rows = new FloorRows(timeline);
        List<Block> blocks = new ArrayList<>();
        for (Segment segment : plan.segments()) {
            if (!segment.leftOut() && !segment.entries().isEmpty()) {
                Block block = block(timeline, segment, rows.of(segment));
                if (block.pausesAlone() && !blocks.isEmpty()) {
                    blocks.add(blocks.removeLast().followedBy(block));
                } else if (!block.pausesAlone() || segment.role() != Role.TALK) {
                    blocks.add(block);
                }
            }
        }
        return blocks;
    }

    private static Block block(Timeline timeline, Segment segment, List<Row> rows) {
        boolean still = segment.role() == Role.TALK || segment.role() == Role.PAUSE;
        Duration from = timeline.ofSegment(segment.id()).start();
        LocalTime at = timeline.plan().brief().start().plus(from);
        return new Block(segment.name(), segment.role(), CLOCK.format(at),
                still ? "" : String.valueOf(segment.bpm().value()), rows);
    }
}
