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
    private static final float INDENT = 12;
    private static final float BOX = 15;
    private static final float GAP = 6;
    /** A dose that leaves less than this of the width to the name stands below it. */
    private static final float LEAST_FOR_A_NAME = 0.4f;
    /** Names that need more lines than this stand in too narrow a column. */
    private static final int MOST_LINES = 2;

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
                case Row.Change change -> new Chip(head.lines(pausesAlone
                        ? block.start() + "  " + change.words()
                        : change.words(), width - INDENT - 2 * GAP), block.role());
                case Row.Word word -> new Words(cue.lines(word.words(), width - INDENT), block.role());
                case Row.Moves moves -> new Moves(moves, block.role(), width - INDENT);
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
            return new Head(block, List.of(words), change);
        }
        return new Head(block, head.lines(words, width), "");
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
        return new Line(line, role, change, names, below, doses);
    }

    /** The coloured edge of a block; its name says the same in words. */
    private static void edge(PdfContentByte pen, Role role, float left, float top, float height) {
        pen.setColorFill(Inks.edge(role));
        pen.rectangle(left, top - height, BAR, height);
        pen.fill();
    }

    /** The thin frame around what changes. */
    private static void frame(PdfContentByte pen, float left, float bottom, float width, float height) {
        pen.setColorStroke(Inks.SOFT);
        pen.setLineWidth(0.8f);
        pen.roundRectangle(left, bottom, width, height, 4);
        pen.stroke();
    }

    private final class Head implements FloorBox {

        private static final float ABOVE = 3;

        private final FloorSheet.Block block;
        private final List<String> lines;
        private final String change;

        Head(FloorSheet.Block block, List<String> lines, String change) {
            this.block = block;
            this.lines = lines;
            this.change = change;
        }

        @Override
        public float height() {
            return ABOVE + lines.size() * head.leading() + 2;
        }

        @Override
        public boolean keeps() {
            return true;
        }

        @Override
        public boolean cramped() {
            return lines.size() > MOST_LINES;
        }

        @Override
        public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
            edge(pen, block.role(), left, top - ABOVE, height() - ABOVE);
            float y = top - ABOVE - FloorPdf.LEAST;
            cue.write(pen, block.tempo(), left + width, y, true);
            if (!change.isEmpty()) {
                float x = left + INDENT + head.width(lines.getFirst()) + GAP;
                frame(pen, x, y - 4, cue.width(change) + 2 * GAP, FloorPdf.LEAST + 4);
                cue.write(pen, change, x + GAP, y, false);
            }
            for (String line : lines) {
                head.write(pen, line, left + INDENT, y, false);
                y -= head.leading();
            }
        }
    }

    private final class Line implements FloorBox {

        private final Row.Line line;
        private final Role role;
        /** What changes before it, in its frame on the same line; may be empty. */
        private final String change;
        private final List<String> names;
        private final List<String> below;
        /** The dose, where it stands below the name. */
        private final List<String> under;

        Line(Row.Line line, Role role, String change, List<String> names, List<String> below,
                List<String> under) {
            this.line = line;
            this.change = change;
            this.role = role;
            this.names = names;
            this.below = below;
            this.under = under;
        }

        @Override
        public float height() {
            return names.size() * name.leading() + under.size() * dose.leading()
                    + below.size() * cue.leading() + 0.5f;
        }

        @Override
        public boolean keeps() {
            return false;
        }

        @Override
        public boolean cramped() {
            return names.size() > MOST_LINES;
        }

        @Override
        public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
            edge(pen, role, left, top, height());
            float x = left + INDENT + (line.inside() ? INDENT : 0);
            float y = top;
            if (!change.isEmpty()) {
                frame(pen, x, y - name.leading() + 1, cue.width(change) + 2 * GAP, name.leading() - 1);
                cue.write(pen, change, x + GAP, y - name.leading() + name.size() * 0.22f, false);
                x += cue.width(change) + 3 * GAP;
            }
            for (String words : names) {
                y -= name.leading();
                name.write(pen, words, x, y + name.size() * 0.22f, false);
            }
            float after = x + name.width(names.getLast()) + GAP;
            if (!under.isEmpty()) {
                after = x;
            }
            float sidesAt = under.isEmpty() ? y : y - dose.leading();
            for (int i = 0; i < line.sides().length(); i++) {
                box(pen, line.sides().substring(i, i + 1), after + i * (BOX + 4), sidesAt + 2);
            }
            for (String words : under.isEmpty() ? List.of(line.dose()) : under) {
                y -= under.isEmpty() ? 0 : dose.leading();
                dose.write(pen, words, left + width, y + name.size() * 0.22f, true);
            }
            for (String words : below) {
                y -= cue.leading();
                cue.write(pen, words, x, y + 4, false);
            }
        }

        private void box(PdfContentByte pen, String side, float x, float y) throws MissingGlyph {
            pen.setColorStroke(Inks.INK);
            pen.setLineWidth(1.2f);
            pen.roundRectangle(x, y, BOX, BOX + 1, 3);
            pen.stroke();
            head.write(pen, side, x + (BOX - head.width(side)) / 2, y + 2.5f, false);
        }
    }

    private final class Chip implements FloorBox {

        private final List<String> lines;
        private final Role role;

        Chip(List<String> lines, Role role) {
            this.lines = lines;
            this.role = role;
        }

        @Override
        public float height() {
            return lines.size() * cue.leading() + 5;
        }

        @Override
        public boolean keeps() {
            return false;
        }

        @Override
        public boolean cramped() {
            return false;
        }

        @Override
        public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
            edge(pen, role, left, top, height());
            float widest = 0;
            for (String line : lines) {
                widest = Math.max(widest, head.width(line));
            }
            frame(pen, left + INDENT, top - height() + 1, Math.min(width - INDENT, widest + 2 * GAP),
                    height() - 2);
            float y = top - 1;
            for (String line : lines) {
                y -= cue.leading();
                head.write(pen, line, left + INDENT + GAP, y + 3, false);
            }
        }
    }

    private final class Words implements FloorBox {

        private final List<String> lines;
        private final Role role;

        Words(List<String> lines, Role role) {
            this.lines = lines;
            this.role = role;
        }

        @Override
        public float height() {
            return lines.size() * cue.leading() + 3;
        }

        @Override
        public boolean keeps() {
            return true;
        }

        @Override
        public boolean cramped() {
            return false;
        }

        @Override
        public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
            edge(pen, role, left, top, height());
            float y = top;
            for (String line : lines) {
                y -= cue.leading();
                cue.write(pen, line, left + INDENT, y + 4, false);
            }
        }
    }

    /** A combination: a box, its moves by the count at which they begin. */
    private final class Moves implements FloorBox {

        private static final float COUNT = 30;
        private static final float LEAD = 20;

        private final Row.Moves moves;
        private final Role role;
        private final List<List<String>> names = new ArrayList<>();

        Moves(Row.Moves moves, Role role, float width) throws MissingGlyph {
            this.moves = moves;
            this.role = role;
            for (FloorSheet.Move move : moves.moves()) {
                names.add(name.lines(move.words(), width - COUNT - LEAD - 2 * GAP));
            }
        }

        @Override
        public float height() {
            int lines = names.stream().mapToInt(List::size).sum();
            return head.leading() + lines * name.leading() + names.size() * 2 + 8;
        }

        @Override
        public boolean keeps() {
            return false;
        }

        @Override
        public boolean cramped() {
            return names.stream().anyMatch(each -> each.size() > MOST_LINES);
        }

        @Override
        public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
            edge(pen, role, left, top, height());
            float y = top - head.leading();
            head.write(pen, moves.name(), left + INDENT, y + 4, false);
            float boxTop = y - 2;
            for (int i = 0; i < names.size(); i++) {
                FloorSheet.Move move = moves.moves().get(i);
                if (i > 0) {
                    rule(pen, left + INDENT, y - 1.5f, width - INDENT,
                            move.phrase() > moves.moves().get(i - 1).phrase());
                }
                float first = y - name.leading() + name.size() * 0.15f - 2;
                cue.write(pen, String.valueOf(move.from()), left + INDENT + GAP, first, false);
                head.write(pen, move.lead(), left + width - GAP, first, true);
                for (String words : names.get(i)) {
                    y -= name.leading();
                    name.write(pen, words, left + INDENT + COUNT, y + name.size() * 0.15f - 2, false);
                }
                y -= 2;
            }
            pen.setColorStroke(Inks.INK);
            pen.setLineWidth(1.6f);
            pen.rectangle(left + INDENT, top - height() + 4, width - INDENT, boxTop - (top - height() + 4));
            pen.stroke();
        }

        private static void rule(PdfContentByte pen, float left, float y, float width, boolean phrase) {
            pen.setColorStroke(phrase ? Inks.INK : Inks.LINE);
            pen.setLineWidth(phrase ? 1.6f : 0.8f);
            pen.moveTo(left, y);
            pen.lineTo(left + width, y);
            pen.stroke();
        }
    }
}
