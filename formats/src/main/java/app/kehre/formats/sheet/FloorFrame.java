package app.kehre.formats.sheet;

import java.util.ArrayList;
import java.util.List;

import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.core.sheet.FloorSheet;
import app.kehre.formats.font.Weight;

/** The head and the foot of each page of the floor sheet. */
final class FloorFrame {

    private static final float MOST_TITLE = 20;
    private static final float LEAST_TITLE = 18;
    private static final float WHEN = 18;
    private static final String NUMBERS = "   2 / 2";
    private static final float RULE = 1.5f;
    private static final float GAP = 6;

    private final PdfContentByte pen;
    private final FloorSheet sheet;
    private final Rectangle page;
    private final float margin;
    private final Lettering title;
    /** Whether who comes stands on a line of its own, since the title takes the first. */
    private final boolean twoLines;
    private final Lettering when;
    private final Lettering clock;
    private final Lettering foot;

    FloorFrame(PdfContentByte pen, SheetFonts fonts, FloorSheet sheet, Rectangle page, float margin)
            throws MissingGlyph {
        this.pen = pen;
        this.sheet = sheet;
        this.page = page;
        this.margin = margin;
        this.when = new Lettering(fonts, Weight.REGULAR, WHEN, Lettering.TIGHT);
        this.clock = new Lettering(fonts, Weight.SEMI_BOLD, WHEN, Lettering.TIGHT);
        float beside = clock.width(sheet.when()) + 2 * GAP;
        float who = when.width(sheet.who() + NUMBERS) + 2 * GAP;
        Lettering most = new Lettering(fonts, Weight.BOLD, MOST_TITLE, Lettering.TIGHT);
        this.twoLines = most.width(sheet.title()) * LEAST_TITLE / MOST_TITLE > width() - beside - who;
        float room = width() - beside - (twoLines ? 0 : who);
        this.title = new Lettering(fonts, Weight.BOLD,
                Math.min(MOST_TITLE, MOST_TITLE * room / most.width(sheet.title())), Lettering.TIGHT);
        this.foot = new Lettering(fonts, Weight.MEDIUM, FloorPdf.FOOT, Lettering.TIGHT);
    }

    private float width() {
        return page.getWidth() - 2 * margin;
    }

    private List<String> footLines() throws MissingGlyph {
        List<String> lines = new ArrayList<>();
        for (String late : sheet.late()) {
            lines.addAll(foot.lines(late, width()));
        }
        lines.addAll(foot.lines(sheet.stop(), width()));
        return lines;
    }

    /** Returns how much room the foot takes. */
    float footHeight() throws MissingGlyph {
        return footLines().size() * foot.leading() + GAP;
    }

    /** Returns how much room the head takes. */
    float headHeight() {
        return title.leading() + (twoLines ? when.leading() : 0) + GAP;
    }

    void draw(int number, int of) throws MissingGlyph {
        float baseline = page.getTop() - margin - title.size() * 0.8f;
        float right = page.getRight() - margin;
        title.write(pen, sheet.title(), margin, baseline, false);
        clock.write(pen, sheet.when(), margin + title.width(sheet.title()) + 2 * GAP, baseline, false);
        baseline -= twoLines ? when.leading() : 0;
        when.write(pen, sheet.who() + (of > 1 ? "   %d / %d".formatted(number, of) : ""),
                twoLines ? margin : right, baseline, !twoLines);
        rule(baseline - GAP + 1);
        float y = margin + footLines().size() * foot.leading();
        rule(y + GAP / 2);
        for (String line : footLines()) {
            y -= foot.leading();
            foot.write(pen, line, margin, y + 3, false);
        }
    }

    private void rule(float y) {
        pen.setColorStroke(Inks.INK);
        pen.setLineWidth(RULE);
        pen.moveTo(margin, y);
        pen.lineTo(page.getRight() - margin, y);
        pen.stroke();
    }
}
