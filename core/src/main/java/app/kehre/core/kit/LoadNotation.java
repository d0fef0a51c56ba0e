package app.kehre.core.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import app.kehre.core.value.Reading;

/**
 * Loads as an instructor writes them: "2 light weights", "1 7.5 kg weight in the left hand", "looped band
 * at the thigh", "step on 2 risers + 2 light weights", "none".
 */
public final class LoadNotation {

    private static final String EXAMPLES = "write it like 2 light weights, 1 heavy weight, long band or none";
    private static final Pattern SPACES = Pattern.compile("\\s+");
    private static final Pattern PLUS = Pattern.compile(" ?\\+ ?");
    private static final Pattern PIECE = Pattern
            .compile("(?:(\\d{1,3}) (?!kg))?(?:(\\d{1,3}(?:\\.[05])?) kg ?|"
                    + "(light|medium|heavy)(?: |$))?(.*?)(?: on (\\d) risers?)?( (?:at|in) the [a-z ]+)?");

    private static final String OR_NONE = " or none";

    private LoadNotation() {}

    /** Prints a load in the notation that {@link #parse} reads; nothing carried is "none". */
    public static String print(Load load) {
        return load.isNone()
                ? "none"
                : load.pieces().stream().map(LoadNotation::print).collect(Collectors.joining(" + "))
                        + (load.orNone() ? OR_NONE : "");
    }

    private static String print(Load.Piece piece) {
        String sized = piece.size().words().isEmpty() ? "" : piece.size().words() + " ";
        String risers = piece.risers() == 0
                ? ""
                : " on %d riser%s".formatted(piece.risers(), piece.risers() == 1 ? "" : "s");
        String where = piece.where() == Load.Where.USUAL ? "" : " " + piece.where().words();
        return piece.howMany() + " " + sized + piece.kit().noun(piece.howMany()) + risers + where;
    }

    /** Reads a load; an empty text is no load, and a size alone means hand weights. */
    public static Reading<Load> parse(String text) {
        String given = text.strip().toLowerCase(Locale.ROOT);
        if (given.isEmpty() || given.equals("none")) {
            return Reading.of(Load.NONE);
        }
        String spaced = SPACES.matcher(given).replaceAll(" ");
        boolean orNone = spaced.endsWith(OR_NONE);
        String plain = orNone ? spaced.substring(0, spaced.length() - OR_NONE.length()) : spaced;
        try {
            List<Load.Piece> pieces = new ArrayList<>();
            for (String each : PLUS.split(plain, -1)) {
                pieces.add(piece(each).orElseThrow(() -> new IllegalArgumentException(
                        "\"%s\" is not a load: %s.".formatted(text.strip(), EXAMPLES))));
            }
            return Reading.of(new Load(pieces, orNone));
        } catch (IllegalArgumentException refusal) {
            return Reading.refused(String.valueOf(refusal.getMessage()));
        }
    }

    private static Optional<Load.Piece> piece(String text) {
        Matcher parts = PIECE.matcher(text);
        if (!parts.matches()) {
            return Optional.empty();
        }
        int howMany = parts.group(1) == null ? 1 : Integer.parseInt(parts.group(1));
        Load.Size size = size(parts);
        String name = parts.group(4).strip();
        boolean sizeAlone = name.isEmpty() && !size.equals(Load.Size.UNSIZED);
        Optional<Equipment> kit = sizeAlone ? Optional.of(Equipment.WEIGHT) : Equipment.find(name);
        int risers = parts.group(5) == null ? 0 : Integer.parseInt(parts.group(5));
        Optional<Load.Where> where = where(parts.group(6) == null ? "" : parts.group(6).strip());
        return kit.flatMap(found -> where
                .map(place -> new Load.Piece(found, size, howMany, place, risers)));
    }

    private static Load.Size size(Matcher parts) {
        if (parts.group(2) != null) {
            return new Load.Size.Kilos((int) Math.round(Double.parseDouble(parts.group(2)) * 2));
        }
        return new Load.Size.Word(parts.group(3) == null ? "" : parts.group(3));
    }

    private static Optional<Load.Where> where(String words) {
        for (Load.Where where : Load.Where.values()) {
            if (where.words().equals(words)) {
                return Optional.of(where);
            }
        }
        return Optional.empty();
    }
}
