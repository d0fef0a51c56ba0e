package app.kehre.core.exercise;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.advice.SourceKind;
import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;

/**
 * How much energy a span of work takes, as a multiple of rest, for somebody who does the standard option.
 *
 * <p>Written as {@code 5.0, Kehre's estimate, after 03020}: value, kind, source. Five-figure codes are rows of
 * the Compendium of Physical Activities 2011, as quoted in figures.md.
 *
 * @param value METs, {@value #LEAST} to {@value #MOST}
 * @param kind what stands behind it
 * @param source where it comes from; empty where the kind says it all
 */
public record Mets(double value, SourceKind kind, String source) {

    /** The least: rest. */
    public static final double LEAST = 1;
    /** The most that a class asks for. */
    public static final double MOST = 16;

    private static final Pattern TEXT = Pattern
            .compile("(\\d{1,2}(?:\\.\\d{1,2})?),\\s*([^,]+)(?:,\\s*(.+))?");

    public Mets {
        if (!(value >= LEAST && value <= MOST)) {
            throw new IllegalArgumentException(
                    "METs must be from 1 to 16, not %s.".formatted(value));
        }
    }

    /**
     * Returns an estimate of Kehre's.
     *
     * @param value gross METs, 1 to 16
     */
    public static Mets estimate(double value) {
        return new Mets(value, SourceKind.ESTIMATE, "");
    }

    /** Returns the value in words: "5.0". */
    public String number() {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    /** Returns the text that {@link #parse} reads, in words. */
    public String text() {
        return text(kind.words());
    }

    /** Returns the text that is stored, with the key of the kind; {@link #parse} reads it as well. */
    public String stored() {
        return text(kind.key());
    }

    private String text(String kindOf) {
        return number() + ", " + kindOf + (source.isEmpty() ? "" : ", " + source);
    }

    /** Reads a text such as "5.0, Kehre's estimate, after 03020". */
    public static Reading<Mets> parse(String text) {
        Matcher found = TEXT.matcher(text.strip());
        Optional<SourceKind> kind = found.matches()
                ? Named.find(SourceKind.class, found.group(2))
                        .or(() -> Named.ofKey(SourceKind.class, found.group(2)))
                : Optional.empty();
        if (kind.isEmpty()) {
            return Reading
                    .refused("found \"%s\", expected a value, its kind (%s) and a source, such as \"%s\"."
                            .formatted(text.strip(), Named.all(SourceKind.class),
                                    "5.0, Kehre's estimate, after 03020"));
        }
        try {
            String source = found.group(3) == null ? "" : found.group(3).strip();
            return Reading.of(new Mets(Double.parseDouble(found.group(1)), kind.get(), source));
        } catch (IllegalArgumentException refusal) {
            return Reading.refused(String.valueOf(refusal.getMessage()));
        }
    }
}
