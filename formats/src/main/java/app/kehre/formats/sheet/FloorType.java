package app.kehre.formats.sheet;

import java.util.ArrayList;
import java.util.List;

import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.core.exercise.Role;
import app.kehre.core.sheet.FloorSheet;
import app.kehre.core.sheet.FloorSheet.Row;
import app.kehre.formats.font.Weight;

/** The floor sheet's boxes at one size of type. */
final class FloorType {

    private static final float BAR = 5;
    static final float INDENT = 12;
    static final float BOX = 15;
    static final float GAP = 6;
    /** A dose that leaves less than this of the width to the name stands below it. */
    private static final float LEAST_FOR_A_NAME = 0.4f;
    /** Names that need more lines than this stand in too narrow a column. */
    static final int MOST_LINES = 2;

    private final Lettering name;
    private final Lettering dose;
    private final Lettering cue;
    private final Lettering head;
    private final Cues cues;

    /** Which cues are written. */
    enum Cues {
        /** All of them. */
        ALL,
        /** Those of the instructor, and what people with a limit do. */
        OWN,
        /** None. */
        NONE
    }

    /**
     * Makes a type.
     *
     * @param size of names, in points
     * @param air how far apart lines are, in sizes
     * @param cues which cues are written
     */
    FloorType(SheetFonts fonts, float size, float air, Cues cues) {
        this.cues = cues;
        float less = Math.max(FloorPdf.LEAST, size - 3);
        name = new Lettering(fonts, Weight.BOLD, size, air);
        dose = new Lettering(fonts, Weight.MEDIUM, less, air);
        cue = new Lettering(fonts, Weight.REGULAR, FloorPdf.LEAST, air);
        head = new Lettering(fonts, Weight.SEMI_BOLD, FloorPdf.LEAST, air);
    }

    List<FloorBox> boxes(FloorSheet.Block block, float width) throws MissingGlyph {
        List<FloorBox> boxes = new ArrayList<>();
        boolean pausesAlone = block.pausesAlone();
        List<Row> rows = new ArrayList<>(block.rows());
        if (!pausesAlone) {
            boxes.add(head(block, rows, width - INDENT - cue.width(block.tempo()) - GAP));
        }
        for (int i = 0; i < rows.size(); i++) {
            if (rows.get(i) instanceof Row.Change(String change) && i + 1 < rows.size()
                    && rows.get(i + 1) instanceof Row.Line line
                    && name.width(line.name()) + beside(line) + cue.width(change) + 3 * GAP <= width
                            - INDENT) {
                boxes.add(line(line, block.role(), width - INDENT, change));
                i++;
                continue;
            }
            boxes.add(switch (rows.get(i)) {
                case Row.Line line -> line(line, block.role(), width - INDENT, "");
                case Row.Change change -> new FloorChip(this, head.lines(pausesAlone
                        ? block.start() + "  " + change.words()
                        : change.words(), width - INDENT - 2 * GAP), block.role());
                case Row.Word word ->
                    new FloorWords(this, cue.lines(word.words(), width - INDENT), block.role());
                case Row.Moves moves -> new FloorMoves(this, moves, block.role(), width - INDENT);
            });
        }
        return boxes;
    }

    /** What changes at the beginning of a block stands beside its name where there is room. */
    private FloorBox head(FloorSheet.Block block, List<Row> rows, float width) throws MissingGlyph {
        String words = block.start() + "  " + block.name();
        if (rows.getFirst() instanceof Row.Change(String change)
                && head.width(words) + 3 * GAP + cue.width(change) < width) {
            rows.removeFirst();
            return new FloorHead(this, block, List.of(words), change);
        }
        return new FloorHead(this, block, head.lines(words, width), "");
    }

    /** How much room the dose and the sides take beside a name. */
    private float beside(Row.Line line) throws MissingGlyph {
        return dose.width(line.dose()) + line.sides().length() * (BOX + 4) + GAP
                + (line.inside() ? INDENT : 0);
    }

    private FloorBox line(Row.Line line, Role role, float width, String change) throws MissingGlyph {
        float beside = beside(line);
        boolean under = width - beside < width * LEAST_FOR_A_NAME && name.width(line.name()) + beside > width;
        List<String> names = name.lines(line.name(), under ? width : width - beside);
        boolean said = cues == Cues.ALL || cues == Cues.OWN && line.own();
        List<String> below = said && !line.cue().isEmpty()
                ? cue.lines(String.join(" \u00b7 ", line.cue()), width)
                : List.of();
        List<String> doses = under
                ? dose.lines(line.dose(), width - beside + dose.width(line.dose()))
                : List.of();
        return new FloorLine(this, line, role, change, names, below, doses);
    }

    /** The coloured edge of a block; its name says the same in words. */
    static void edge(PdfContentByte pen, Role role, float left, float top, float height) {
        pen.setColorFill(Inks.edge(role));
        pen.rectangle(left, top - height, BAR, height);
        pen.fill();
    }

    /** The thin frame around what changes. */
    static void frame(PdfContentByte pen, float left, float bottom, float width, float height) {
        pen.setColorStroke(Inks.SOFT);
        pen.setLineWidth(0.8f);
        pen.roundRectangle(left, bottom, width, height, 4);
        pen.stroke();
    }

    /** Returns how names are written. */
    Lettering name() {
        return name;
    }

    /** Returns how doses are written. */
    Lettering dose() {
        return dose;
    }

    /** Returns how cues are written. */
    Lettering cue() {
        return cue;
    }

    /** Returns how heads are written. */
    Lettering head() {
        return head;
    }
}
