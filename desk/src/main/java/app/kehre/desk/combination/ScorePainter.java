package app.kehre.desk.combination;

import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Dance;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.footwork.Act;
import app.kehre.core.footwork.Spot;
import app.kehre.core.footwork.Stance;
import app.kehre.core.value.Side;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** Draws a foot score: dots for weight, rings for gestures, the bench shaded. */
final class ScorePainter {

    private static final int QUARTERS = 4;
    private static final int EIGHT = 8 * QUARTERS;
    private static final double DOT = 7.5;
    private static final double RING = 5;
    private static final double NARROW = 48;
    private static final double BAR_BOTTOM = ScoreGeometry.BAR + 5;
    private static final double LINES = ScoreGeometry.NUMBERS - ScoreGeometry.BAR - 17;

    private final GraphicsContext pen;
    private final Palette palette;
    private final ScoreGeometry where;
    private final Font name = Type.of(Weight.SEMI_BOLD, 12);
    private final Font small = Type.of(Weight.REGULAR, 11.5);

    ScorePainter(GraphicsContext pen, Palette palette, ScoreGeometry where) {
        this.pen = pen;
        this.palette = palette;
        this.where = where;
    }

    void paint(Combination combination, List<Finding> missteps, int selected, int playing) {
        pen.clearRect(0, 0, pen.getCanvas().getWidth(), pen.getCanvas().getHeight());
        pen.setTextBaseline(VPos.CENTER);
        Dance dance = Dance.of(combination);
        int rows = Math.max(1, Math.ceilDiv(dance.counts(), 8));
        dance.beats().forEach(this::paintBench);
        if (playing >= 0) {
            paintPlaying(playing);
        }
        for (int row = 0; row < rows; row++) {
            paintRow(row);
        }
        paintBars(combination, selected, dance);
        dance.beats().forEach(beat -> paintFeet(beat, playing));
        missteps.forEach(this::paintMisstep);
    }

    private void paintBench(Dance.Beat beat) {
        if (beat.step().after().spot().level() == Spot.Level.TOP) {
            double top = ScoreGeometry.top(ScoreGeometry.row(beat.at()));
            double x = where.x(beat.at());
            pen.setFill(palette.faint());
            pen.fillRect(x, top + BAR_BOTTOM, where.cell() * beat.length() / QUARTERS + 0.5, LINES);
        }
    }

    private void paintPlaying(int quarters) {
        double top = ScoreGeometry.top(ScoreGeometry.row(quarters));
        pen.setFill(palette.glow());
        pen.fillRect(where.x(quarters - quarters % QUARTERS), top + BAR_BOTTOM, where.cell(), LINES + 16);
    }

    private void paintRow(int row) {
        double top = ScoreGeometry.top(row);
        pen.setLineWidth(1);
        pen.setStroke(palette.line());
        pen.setTextAlign(TextAlignment.CENTER);
        pen.setFont(small);
        pen.setFill(palette.soft());
        for (int count = 0; count <= 8; count++) {
            double x = Math.round(ScoreGeometry.LEFT + where.cell() * count) + 0.5;
            pen.strokeLine(x, top + BAR_BOTTOM, x, top + BAR_BOTTOM + LINES);
            if (count < 8) {
                pen.fillText(String.valueOf(row * 8 + count + 1), x + where.cell() / 2,
                        top + ScoreGeometry.NUMBERS);
            }
        }
        pen.setTextAlign(TextAlignment.LEFT);
        line("right", top + ScoreGeometry.RIGHT_LINE);
        line("left", top + ScoreGeometry.LEFT_LINE);
    }

    private void line(String word, double y) {
        pen.setStroke(palette.soft());
        pen.strokeLine(ScoreGeometry.LEFT, Math.round(y) + 0.5, ScoreGeometry.LEFT + 8 * where.cell(),
                Math.round(y) + 0.5);
        pen.setFill(palette.soft());
        pen.fillText(word, 0, y);
    }

    private void paintBars(Combination combination, int selected, Dance dance) {
        int at = 0;
        for (int i = 0; i < combination.moves().size(); i++) {
            DancedMove danced = combination.moves().get(i);
            int end = at + danced.halfCounts() * 2;
            paintBar(danced, at, end, i == selected);
            paintEnd(dance, i, end);
            at = end;
        }
    }

    private void paintBar(DancedMove danced, int from, int end, boolean selected) {
        Palette.Tint tint = palette.tint(Role.AEROBIC);
        int at = from;
        while (at < end) {
            int rowEnd = (at / EIGHT + 1) * EIGHT;
            int to = Math.min(end, rowEnd);
            double x = where.x(at) + 1;
            double width = where.cell() * (to - at) / QUARTERS - 2;
            double top = ScoreGeometry.top(ScoreGeometry.row(at));
            pen.setFill(tint.ground());
            pen.fillRoundRect(x, top, width, ScoreGeometry.BAR, 4, 4);
            if (selected) {
                pen.setStroke(palette.ink());
                pen.setLineWidth(2);
                pen.strokeRoundRect(x, top + 1, width, ScoreGeometry.BAR - 2, 4, 4);
            }
            if (at == from) {
                paintName(danced, x, top, width, tint.ink());
            }
            at = to;
        }
    }

    /** Where and facing what a move ends, when that is not where the combination started. */
    private void paintEnd(Dance dance, int part, int end) {
        Stance after = dance.beats().stream().filter(beat -> beat.part() == part)
                .reduce((_, last) -> last).map(beat -> beat.step().after()).orElse(dance.start());
        if (!after.samePlace(dance.start())) {
            pen.setFont(small);
            pen.setFill(palette.soft());
            pen.setTextAlign(TextAlignment.RIGHT);
            pen.fillText("then " + after.words(), where.x(end - 1) + where.cell() / QUARTERS - 2,
                    ScoreGeometry.top(ScoreGeometry.row(end - 1)) + ScoreGeometry.NUMBERS + 9);
        }
    }

    private void paintName(DancedMove danced, double x, double top, double width, Color ink) {
        String details = danced.details();
        String text = danced.name() + (details.isEmpty() ? "" : ": " + details);
        pen.setFont(name);
        pen.setFill(ink);
        pen.setTextAlign(TextAlignment.LEFT);
        pen.fillText(Type.fit(text, "", name, width - 10), x + 6, top + ScoreGeometry.BAR / 2);
    }

    private void paintFeet(Dance.Beat beat, int playing) {
        boolean now = playing >= beat.at() && playing < beat.at() + beat.length();
        for (Act act : beat.step().beat().acts()) {
            boolean both = act.kind() == Act.Kind.JUMP;
            Side side = act.foot().side(beat.lead());
            sign(beat, act, side, now);
            if (both) {
                sign(beat, act, side.other(), now);
            }
        }
    }

    private void sign(Dance.Beat beat, Act act, Side side, boolean now) {
        double x = where.middle(beat.at());
        double y = ScoreGeometry.top(ScoreGeometry.row(beat.at()))
                + (side == Side.RIGHT ? ScoreGeometry.RIGHT_LINE : ScoreGeometry.LEFT_LINE);
        Color ink = now ? palette.mark() : palette.ink();
        pen.setLineWidth(1.8);
        if (act.bears()) {
            pen.setFill(ink);
            pen.fillOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
            if (act.kind().springs()) {
                pen.setStroke(ink);
                pen.strokeLine(x - DOT, y - DOT - 3, x, y - DOT - 7);
                pen.strokeLine(x, y - DOT - 7, x + DOT, y - DOT - 3);
            }
        } else {
            pen.setFill(palette.sheet());
            pen.fillOval(x - RING, y - RING, 2 * RING, 2 * RING);
            pen.setStroke(ink);
            pen.strokeOval(x - RING, y - RING, 2 * RING, 2 * RING);
            gestureWord(act, x, y);
        }
    }

    /** What the free foot does, in a word beside its ring, above it where the counts are narrow. */
    private void gestureWord(Act act, double x, double y) {
        pen.setFont(small);
        pen.setFill(palette.soft());
        boolean narrow = where.cell() < NARROW;
        pen.setTextAlign(narrow ? TextAlignment.CENTER : TextAlignment.LEFT);
        pen.fillText(act.shape().words(), narrow ? x : x + RING + 4, narrow ? y - RING - 8 : y - 8);
    }

    private void paintMisstep(Finding misstep) {
        int quarters = (misstep.place().beat().orElseThrow().count() - 1) * QUARTERS;
        double x = where.middle(quarters);
        double top = ScoreGeometry.top(ScoreGeometry.row(quarters));
        pen.setStroke(palette.mark());
        pen.setLineWidth(2);
        pen.strokeRoundRect(x - 15, top + BAR_BOTTOM + 1, 30, LINES - 2, 8, 8);
    }

    /** Finds the move under a place in quarters of a count. */
    static Optional<Integer> partAt(Combination combination, int quarters) {
        int at = 0;
        for (int i = 0; i < combination.moves().size(); i++) {
            at += combination.moves().get(i).halfCounts() * 2;
            if (quarters < at) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }
}
