package app.kehre.formats.sheet;

import java.awt.Color;
import java.time.Duration;
import java.util.List;

import org.openpdf.text.Element;
import org.openpdf.text.Phrase;
import org.openpdf.text.pdf.ColumnText;
import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.core.climb.Climb;
import app.kehre.core.climb.Frame;
import app.kehre.core.climb.Path;
import app.kehre.core.effort.Line;
import app.kehre.core.value.Lengths;
import app.kehre.formats.font.Weight;

/** Draws a climb on paper, in points. */
final class ClimbDrawing {

    /** Room for the words of the bands, above for the names of the lines, below for the segments and the minutes. */
    static final float LEFT = 62;
    static final float ABOVE = 12;
    static final float BELOW = 34;
    private static final float STRIP = 15;
    private static final float HATCH = 6;
    private static final float SIZE = 9;

    private final PdfContentByte pen;
    private final SheetFonts fonts;
    private final Climb climb;
    private final Frame frame;

    ClimbDrawing(PdfContentByte pen, SheetFonts fonts, Climb climb) {
        this.pen = pen;
        this.fonts = fonts;
        this.climb = climb;
        this.frame = climb.frame();
    }

    /** Draws it below and to the right of a point of the page. */
    void draw(float left, float top) throws MissingGlyph {
        for (Climb.Wanted wanted : climb.wanted()) {
            pen.setColorFill(Inks.tint(wanted.role()));
            trace(wanted.outline(), left, top);
            pen.closePathFillStroke();
        }
        edges(left, top);
        hatching(left, top);
        for (Line line : climb.effort().lines()) {
            line(line, left, top);
        }
        plots(left, top);
        legend(left, top);
    }

    private void trace(Path path, float left, float top) {
        pen.setColorStroke(Inks.LINE);
        pen.setLineWidth(0.4f);
        pen.moveTo(left + (float) path.across()[0], top - (float) path.down()[0]);
        for (int i = 1; i < path.points(); i++) {
            pen.lineTo(left + (float) path.across()[i], top - (float) path.down()[i]);
        }
    }

    private void edges(float left, float top) throws MissingGlyph {
        List<Climb.Edge> edges = climb.edges();
        for (int i = 0; i < edges.size(); i++) {
            float y = top - (float) edges.get(i).y();
            float above = i + 1 < edges.size() ? top - (float) edges.get(i + 1).y() : top;
            pen.setColorStroke(Inks.LINE);
            pen.setLineWidth(0.6f);
            pen.moveTo(left, y);
            pen.lineTo(left + (float) frame.width(), y);
            pen.stroke();
            if (above - y > SIZE) {
                words(edges.get(i).band().words(), Weight.REGULAR, Element.ALIGN_LEFT, left - LEFT,
                        (y + above) / 2 - 3);
            }
        }
    }

    private void hatching(float left, float top) {
        pen.setColorStroke(Inks.SOFT);
        pen.setLineWidth(0.5f);
        float bottom = top - (float) frame.height();
        for (double[] piece : climb.unclaimed()) {
            for (double x = Math.ceil(piece[0] / HATCH) * HATCH; x < piece[1]; x += HATCH) {
                pen.moveTo(left + (float) x, bottom + 1);
                pen.lineTo(left + (float) x + 4, bottom + 8);
            }
        }
        pen.stroke();
    }

    private void line(Line line, float left, float top) {
        Path path = climb.path(line);
        if (path.points() < 2) {
            return;
        }
        stroke(line);
        pen.moveTo(left + (float) path.across()[0], top - (float) path.down()[0]);
        for (int i = 1; i < path.points(); i++) {
            pen.lineTo(left + (float) path.across()[i], top - (float) path.down()[i]);
        }
        pen.stroke();
        pen.setLineDash(0);
    }

    private void stroke(Line line) {
        Climb.Stroke stroke = Climb.stroke(climb.effort(), line);
        pen.setColorStroke(Inks.INK);
        pen.setLineWidth(stroke == Climb.Stroke.THROUGH ? 1.8f : 0.9f);
        switch (stroke) {
            case THROUGH -> pen.setLineDash(0);
            case DOTTED -> pen.setLineDash(1.5f, 3, 0);
            case DASHED -> pen.setLineDash(6, 3, 0);
        }
    }

    private void plots(float left, float top) throws MissingGlyph {
        float under = top - (float) frame.height() - 3;
        for (Climb.Plot plot : climb.plots()) {
            float width = Math.max(0.5f, (float) (plot.right() - plot.left()) - 1);
            rectangle(Inks.tint(plot.role()), left + (float) plot.left(), under - STRIP, width);
            inside(plot.name(), left + (float) plot.left() + 2, under - STRIP, width - 3);
        }
        for (int minute : climb.minutes()) {
            words(String.valueOf(minute), Weight.REGULAR, Element.ALIGN_CENTER,
                    left + (float) frame.x(minute * 60.0), under - STRIP - 10);
        }
        Duration slot = climb.effort().timeline().plan().brief().slot();
        float end = left + (float) frame.x(Lengths.seconds(slot));
        pen.setColorStroke(Inks.INK);
        pen.setLineWidth(1.2f);
        pen.moveTo(end, top + 3);
        pen.lineTo(end, under - STRIP - 2);
        pen.stroke();
    }

    private void rectangle(Color colour, float left, float bottom, float width) {
        pen.setColorFill(colour);
        pen.rectangle(left, bottom, width, STRIP);
        pen.fill();
    }

    /** Writes as many words of a name as fit into its segment. */
    private void inside(String name, float left, float bottom, float width) throws MissingGlyph {
        String fits = name;
        while (!fits.isEmpty() && fonts.chunk(fits, Weight.MEDIUM, SIZE, Inks.INK).getWidthPoint() > width) {
            fits = fits.substring(0, Math.max(0, fits.lastIndexOf(' ')));
        }
        words(fits.replaceFirst("\\W+( and)?$", ""), Weight.MEDIUM, Element.ALIGN_LEFT, left, bottom + 4);
    }

    private void legend(float left, float top) throws MissingGlyph {
        float x = left;
        for (Line line : climb.effort().lines()) {
            stroke(line);
            pen.moveTo(x, top + 6);
            pen.lineTo(x + 24, top + 6);
            pen.stroke();
            pen.setLineDash(0);
            words(line.who().name(), Weight.REGULAR, Element.ALIGN_LEFT, x + 28, top + 3);
            x += 100;
        }
    }

    private void words(String words, Weight weight, int align, float x, float y) throws MissingGlyph {
        ColumnText.showTextAligned(pen, align, new Phrase(fonts.chunk(words, weight, SIZE, Inks.INK)), x, y,
                0);
    }
}
