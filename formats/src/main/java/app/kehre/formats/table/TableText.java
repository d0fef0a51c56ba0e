package app.kehre.formats.table;

import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/**
 * The text of a table: which letters it was written with is found out by its bytes, or it is refused; a letter is never
 * guessed.
 *
 * @param text the text; empty when it was refused
 * @param line where it was refused, from 1
 * @param problem why it was refused; else empty
 * @param letters what it was written in, such as "Windows-1252"
 */
public record TableText(String text, long line, String problem, String letters) {

    private static final String UTF_8 = "UTF-8";
    private static final char MARK = '\uFEFF';
    private static final Charset WESTERN = Charset.forName("windows-1252");
    private static final String SEPARATORS = ",;\t";

    /** Reads bytes: UTF-8 with or without its mark, UTF-16 with its mark, or Windows-1252. */
    public static TableText of(byte[] bytes) {
        Charset marked = marked(bytes);
        if (marked != StandardCharsets.UTF_8) {
            return decoded(bytes, marked);
        }
        TableText text = decoded(bytes, StandardCharsets.UTF_8);
        return text.problem().isEmpty() || hasUtf8Letters(bytes) ? text : western(bytes, text);
    }

    private static Charset marked(byte[] bytes) {
        int first = bytes.length < 2 ? 0 : ((bytes[0] & 0xff) << 8) | (bytes[1] & 0xff);
        return switch (first) {
            case 0xFEFF -> StandardCharsets.UTF_16BE;
            case 0xFFFE -> StandardCharsets.UTF_16LE;
            default -> StandardCharsets.UTF_8;
        };
    }

    private static TableText western(byte[] bytes, TableText refused) {
        TableText text = decoded(bytes, WESTERN);
        return text.problem().isEmpty() ? text : refused;
    }

    private static TableText decoded(byte[] bytes, Charset charset) {
        CharBuffer out = CharBuffer.allocate(bytes.length + 1);
        CoderResult result = charset.newDecoder().onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT).decode(ByteBuffer.wrap(bytes), out, true);
        String text = out.flip().toString();
        if (result.isError()) {
            return new TableText("", text.chars().filter(each -> each == '\n').count() + 1,
                    "what stands there is no text in %s. Save the table as UTF-8.".formatted(charset.name()),
                    "");
        }
        return new TableText(!text.isEmpty() && text.charAt(0) == MARK ? text.substring(1) : text, 0, "",
                charset == WESTERN ? "Windows-1252" : charset == StandardCharsets.UTF_8 ? UTF_8 : "UTF-16");
    }

    /** Whether there is a letter of more than one byte as UTF-8 writes it: then it is UTF-8, and broken. */
    private static boolean hasUtf8Letters(byte[] bytes) {
        for (int i = 0; i + 1 < bytes.length; i++) {
            int lead = bytes[i] & 0xff;
            int more = lead >= 0xC2 && lead <= 0xDF
                    ? 1
                    : lead >= 0xE0 && lead <= 0xEF ? 2 : lead >= 0xF0 ? 3 : 0;
            boolean whole = more > 0 && i + more < bytes.length;
            for (int at = i + 1; whole && at <= i + more; at++) {
                whole = (bytes[at] & 0xC0) == 0x80;
            }
            if (whole) {
                return true;
            }
        }
        return false;
    }

    /** Returns whether the letters are said when the table is read: they were not told, but found out. */
    public boolean foundOut() {
        return !letters.isEmpty() && !letters.equals(UTF_8);
    }

    /** Returns what sets the cells of the first line apart: a comma, a semicolon or a tab. */
    public char separator() {
        int[] found = new int[SEPARATORS.length()];
        boolean quoted = false;
        int end = text.indexOf('\n');
        for (char each : text.substring(0, end < 0 ? text.length() : end).toCharArray()) {
            quoted ^= each == '"';
            int kind = SEPARATORS.indexOf(each);
            if (kind >= 0 && !quoted) {
                found[kind]++;
            }
        }
        int most = found[1] > found[0] ? 1 : 0;
        return SEPARATORS.charAt(found[2] > found[most] ? 2 : most);
    }
}
