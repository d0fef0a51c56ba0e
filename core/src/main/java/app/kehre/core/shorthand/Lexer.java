package app.kehre.core.shorthand;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts a line into tokens: numbers from their units, words from their signs, without accents and marks of a notes program. */
final class Lexer {

    /** What stands before a line in a list: a sign, a number or a letter with a dot, the number of a pair (A1). */
    private static final Pattern BULLET = Pattern
            .compile("^\\s*(?:(?:[-*\u2022\u2013\u2014\u00b7\u25aa\u25e6>\u2610\u2611\u2713\u2714\u2192]"
                    + "|\\[[ x]?]|\\(?\\d{1,2}(?:[.)]|\\s*/(?=\\s))(?!\\d)|\\(?[a-h][.)])\\s+|[A-F]\\d[.):]?\\s+)+");
    private static final Pattern MARKS = Pattern.compile("\\*\\*|__|~~|`|^\\s*#+\\s*");
    private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");
    private static final Pattern PIECE = Pattern.compile("(?<clock>\\d{1,2}:\\d{2}(?!\\d))"
            + "|(?<short>\\b(?:w/o|w/u|c/d|e/s|ea/s|e\\.s|p/s|e/l|e/a|r/l|l/r|b/o|b/w)\\b|\\bw/)"
            + "|(?<row>\\d{1,2}(?:-\\d{1,2}){2,3}(?![\\d-]))"
            + "|(?<range>\\d{1,3}[-\u2013]\\d{1,3}(?![\\d-])|(?:[5-9]|\\d\\d)\\s[-\u2013]\\s\\d{1,3}(?!\\s?(?:rds|rounds|sets|x)))"
            + "|(?<decimal>\\d{1,3}[.,]\\d{1,2}(?=\\s*(?:kg|kilo|lb|min|mn|m\\b|s\\b|sec)))"
            + "|(?<number>\\d{1,6})"
            + "|(?<word>\\p{L}+(?:['\u2019]\\p{L}+)?)"
            + "|(?<sign>[-\u2013\u2014](?=\\s)|\\S)", Pattern.CASE_INSENSITIVE);
    /** "Track 2 - ": which music it is taught to says nothing of what is done. */
    private static final String TRACK = "(?i)^(?:track|song|music) ?\\d{1,2}\\s*[-:\u2013]\\s+";
    private static final int MOST_TOKENS = 120;

    private Lexer() {}

    /** Returns a line without what stands before it in a list and without marks of bold and headings. */
    static String bare(String line) {
        return BULLET.matcher(MARKS.matcher(line).replaceAll("")).replaceFirst("").strip().replaceFirst(TRACK,
                "");
    }

    /** Returns a text in lower case without accents. */
    static String plain(String text) {
        String lower = text.toLowerCase(Locale.ROOT).replace("\u00df", "ss").replace("\u00f8", "o");
        return ACCENTS.matcher(Normalizer.normalize(lower, Normalizer.Form.NFD)).replaceAll("");
    }

    /** Cuts a bare line into tokens; of a very long one its beginning. */
    static List<Token> tokens(String bare) {
        List<Token> tokens = new ArrayList<>();
        Matcher found = PIECE.matcher(bare);
        while (tokens.size() < MOST_TOKENS && found.find()) {
            token(found, bare, tokens);
        }
        return tokens;
    }

    private static void token(Matcher found, String bare, List<Token> tokens) {
        int from = found.start();
        int to = found.end();
        String text = found.group();
        if (found.group("clock") != null) {
            String[] parts = text.split(":");
            tokens.add(new Token(Token.Kind.CLOCK, text, 60.0 * Integer.parseInt(parts[0])
                    + Integer.parseInt(parts[1]), from, to));
        } else if (found.group("row") != null) {
            tokens.add(new Token(Token.Kind.ROW, text, 0, from, to));
        } else if (found.group("range") != null) {
            String[] ends = text.split("\\s?[-\u2013]\\s?");
            double middle = Math.ceil((Integer.parseInt(ends[0]) + Integer.parseInt(ends[1])) / 2.0);
            tokens.add(new Token(Token.Kind.RANGE, text, middle, from, to));
        } else if (found.group("decimal") != null || found.group("number") != null) {
            tokens.add(
                    new Token(Token.Kind.NUMBER, text, Double.parseDouble(text.replace(',', '.')), from, to));
        } else if (found.group("short") != null || found.group("word") != null) {
            word(text, from, to, tokens);
        } else {
            sign(bare, text, from, to, tokens);
        }
    }

    /** A word; an x that stands beside a number is the sign of "times". */
    private static void word(String text, int from, int to, List<Token> tokens) {
        String bare = plain(text).replace("'", "").replace("\u2019", "");
        String word = bare.equals("w/") ? "with" : bare;
        Token.Kind kind = word.equals("x") ? Token.Kind.SIGN : Token.Kind.WORD;
        tokens.add(new Token(kind, word, 0, from, to));
    }

    private static void sign(String bare, String text, int from, int to, List<Token> tokens) {
        boolean behindNumber = !tokens.isEmpty() && tokens.getLast().isNumber()
                && tokens.getLast().to() == from;
        switch (text) {
            case "\u00d7" -> tokens.add(new Token(Token.Kind.SIGN, "x", 0, from, to));
            case "\u2013", "\u2014" -> tokens.add(new Token(Token.Kind.SIGN, "-", 0, from, to));
            case "-" -> hyphen(bare, from, to, tokens);
            case "'", "\u2019", "\u2032" -> {
                boolean second = behindNumber && to < bare.length()
                        && "'\u2019\u2032".indexOf(bare.charAt(to)) >= 0;
                if (behindNumber) {
                    tokens.add(new Token(Token.Kind.WORD, second ? "sec" : "min", 0, from, to));
                }
            }
            case "\"", "\u2033", "\u201d" -> {
                if (behindNumber) {
                    tokens.add(new Token(Token.Kind.WORD, "sec", 0, from, to));
                }
            }
            default -> {
                if ("+&/,;:()[]@>=!?.|~%".contains(text)) {
                    tokens.add(new Token(Token.Kind.SIGN, text, 0, from, to));
                }
            }
        }
    }

    /** A hyphen inside of a word parts it and says nothing; one between spaces is a dash. */
    private static void hyphen(String bare, int from, int to, List<Token> tokens) {
        boolean spaced = from > 0 && Character.isWhitespace(bare.charAt(from - 1))
                || to < bare.length() && Character.isWhitespace(bare.charAt(to));
        if (spaced) {
            tokens.add(new Token(Token.Kind.SIGN, "-", 0, from, to));
        }
    }
}
