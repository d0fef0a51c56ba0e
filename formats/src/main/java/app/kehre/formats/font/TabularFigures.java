package app.kehre.formats.font;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;

/**
 * Turns on a font's own tabular figures ("tnum", OpenType specification, GSUB lookup type 1). Neither the
 * screen nor the PDF library can be asked for them, so the characters 0 to 9 are pointed at the tabular
 * glyphs in the font's character map.
 */
final class TabularFigures {

    private static final int MAP_HEADER = 16;

    private final ByteBuffer font;

    private TabularFigures(byte[] ttf) {
        this.font = ByteBuffer.wrap(ttf);
    }

    /**
     * Returns the font with tabular figures.
     *
     * @throws IllegalArgumentException when it has none
     */
    static byte[] of(byte[] ttf) {
        return new TabularFigures(ttf).remapped();
    }

    private byte[] remapped() {
        int cmap = table("cmap");
        NavigableMap<Integer, Integer> glyphs = characterMap(cmap + (int) uint32(cmap + 8));
        Map<Integer, Integer> tabular = tabularGlyphs();
        for (int digit = '0'; digit <= '9'; digit++) {
            glyphs.computeIfPresent(digit, (_, glyph) -> tabular.getOrDefault(glyph, glyph));
        }
        return withCharacterMap(encode(glyphs));
    }

    private int table(String tag) {
        return (int) uint32(directoryEntry(tag) + 8);
    }

    private int directoryEntry(String tag) {
        for (int i = 0; i < uint16(4); i++) {
            int entry = 12 + 16 * i;
            if (new String(font.array(), entry, 4, StandardCharsets.US_ASCII).equals(tag)) {
                return entry;
            }
        }
        throw new IllegalArgumentException("The font has no table \"%s\".".formatted(tag));
    }

    private NavigableMap<Integer, Integer> characterMap(int map) {
        int segments = uint16(map + 6) / 2;
        int starts = map + MAP_HEADER + 2 * segments;
        NavigableMap<Integer, Integer> glyphs = new TreeMap<>();
        for (int i = 0; i < segments; i++) {
            int rangeAt = starts + 4 * segments + 2 * i;
            for (int c = uint16(starts + 2 * i); c <= uint16(map + 14 + 2 * i) && c < 0xFFFF; c++) {
                int range = uint16(rangeAt);
                int raw = range == 0 ? c : uint16(rangeAt + range + 2 * (c - uint16(starts + 2 * i)));
                int glyph = raw == 0 ? 0 : (raw + uint16(starts + 2 * segments + 2 * i)) & 0xFFFF;
                if (glyph != 0) {
                    glyphs.put(c, glyph);
                }
            }
        }
        return glyphs;
    }

    private Map<Integer, Integer> tabularGlyphs() {
        int substitutions = table("GSUB");
        int features = substitutions + uint16(substitutions + 6);
        int lookups = substitutions + uint16(substitutions + 8);
        for (int i = 0; i < uint16(features); i++) {
            int record = features + 2 + 6 * i;
            if (new String(font.array(), record, 4, StandardCharsets.US_ASCII).equals("tnum")) {
                int feature = features + uint16(record + 4);
                int lookup = lookups + uint16(lookups + 2 + 2 * uint16(feature + 4));
                return singleSubstitution(lookup + uint16(lookup + 6));
            }
        }
        throw new IllegalArgumentException("The font has no tabular figures.");
    }

    private Map<Integer, Integer> singleSubstitution(int table) {
        List<Integer> covered = coverage(table + uint16(table + 2));
        boolean delta = uint16(table) == 1;
        Map<Integer, Integer> substitutes = new TreeMap<>();
        for (int i = 0; i < covered.size(); i++) {
            int glyph = covered.get(i);
            substitutes.put(glyph, delta ? (glyph + uint16(table + 4)) & 0xFFFF : uint16(table + 6 + 2 * i));
        }
        return substitutes;
    }

    private List<Integer> coverage(int table) {
        List<Integer> glyphs = new ArrayList<>();
        for (int i = 0; i < uint16(table + 2); i++) {
            if (uint16(table) == 1) {
                glyphs.add(uint16(table + 4 + 2 * i));
            } else {
                for (int glyph = uint16(table + 4 + 6 * i); glyph <= uint16(table + 6 + 6 * i); glyph++) {
                    glyphs.add(glyph);
                }
            }
        }
        return glyphs;
    }

    /** Writes a character map of one format 4 subtable: a segment for each run of one difference. */
    private static byte[] encode(NavigableMap<Integer, Integer> glyphs) {
        List<int[]> segments = new ArrayList<>();
        glyphs.forEach((c, glyph) -> {
            int[] last = segments.isEmpty() ? new int[]{-2, -2, 0} : segments.getLast();
            if (last[1] + 1 == c && last[2] == ((glyph - c) & 0xFFFF)) {
                last[1] = c;
            } else {
                segments.add(new int[]{c, c, (glyph - c) & 0xFFFF});
            }
        });
        segments.add(new int[]{0xFFFF, 0xFFFF, 1});
        int length = MAP_HEADER + 8 * segments.size();
        int power = Integer.highestOneBit(segments.size());
        ByteBuffer out = ByteBuffer.allocate(20 + length);
        out.putShort((short) 0).putShort((short) 2);
        out.putShort((short) 0).putShort((short) 3).putInt(20);
        out.putShort((short) 3).putShort((short) 1).putInt(20);
        out.putShort((short) 4).putShort((short) length).putShort((short) 0);
        out.putShort((short) (2 * segments.size())).putShort((short) (2 * power));
        out.putShort((short) Integer.numberOfTrailingZeros(power))
                .putShort((short) (2 * (segments.size() - power)));
        segments.forEach(segment -> out.putShort((short) segment[1]));
        out.putShort((short) 0);
        segments.forEach(segment -> out.putShort((short) segment[0]));
        segments.forEach(segment -> out.putShort((short) segment[2]));
        segments.forEach(_ -> out.putShort((short) 0));
        return out.array();
    }

    private byte[] withCharacterMap(byte[] map) {
        int at = (font.capacity() + 3) / 4 * 4;
        byte[] whole = Arrays.copyOf(font.array(), at + (map.length + 3) / 4 * 4);
        System.arraycopy(map, 0, whole, at, map.length);
        ByteBuffer.wrap(whole).putInt(directoryEntry("cmap") + 4, checksum(whole, at))
                .putInt(directoryEntry("cmap") + 8, at).putInt(directoryEntry("cmap") + 12, map.length);
        return whole;
    }

    private static int checksum(byte[] whole, int from) {
        ByteBuffer words = ByteBuffer.wrap(whole, from, whole.length - from);
        int sum = 0;
        while (words.remaining() >= 4) {
            sum += words.getInt();
        }
        return sum;
    }

    private int uint16(int at) {
        return Short.toUnsignedInt(font.getShort(at));
    }

    private long uint32(int at) {
        return Integer.toUnsignedLong(font.getInt(at));
    }
}
