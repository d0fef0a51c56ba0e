package app.kehre.desk.look;

import java.io.ByteArrayInputStream;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

import app.kehre.formats.font.Weight;

/** The typeface on screen. */
public final class Type {

    private static final Map<Weight, String> NAMES = new EnumMap<>(Weight.class);

    /** Texts are measured again and again while a class is drawn. */
    private static final Map<Measured, Double> WIDTHS = new HashMap<>();
    private static final int KEPT = 4096;

    private static final Map<Fit, String> FITS = new HashMap<>();

    private record Measured(String text, Font font) {}

    private record Fit(String text, String end, Font font, int width) {}

    private Type() {}

    /** Loads the fonts that ship with Kehre; to be called once, on the JavaFX thread, before the first scene. */
    public static void load() {
        if (NAMES.isEmpty()) {
            for (Weight weight : Weight.values()) {
                Font font = Font.loadFont(new ByteArrayInputStream(weight.bytes()), 13);
                NAMES.put(weight, Objects.requireNonNull(font, "font " + weight).getName());
            }
        }
    }

    /** Returns a font. */
    public static Font of(Weight weight, double size) {
        return new Font(Objects.requireNonNull(NAMES.get(weight), "Type.load() comes first"), size);
    }

    /** Returns how wide a text is in a font, in pixels. To be called on the JavaFX thread. */
    public static double width(String text, Font font) {
        Measured asked = new Measured(text, font);
        Double known = WIDTHS.get(asked);
        if (known != null) {
            return known;
        }
        if (WIDTHS.size() >= KEPT) {
            WIDTHS.clear();
        }
        Text measured = new Text(text);
        measured.setFont(font);
        double width = measured.getLayoutBounds().getWidth();
        WIDTHS.put(asked, width);
        return width;
    }

    /**
     * Returns a text that is no wider than given: cut in its middle, so that its end (often a side) stays
     * readable, and empty where not even three letters fit.
     */
    public static String fit(String text, String end, Font font, double width) {
        Fit asked = new Fit(text, end, font, (int) width);
        String known = FITS.get(asked);
        if (known == null) {
            if (FITS.size() >= KEPT) {
                FITS.clear();
            }
            known = cutTo(text, end, font, asked.width);
            FITS.put(asked, known);
        }
        return known;
    }

    private static String cutTo(String text, String end, Font font, double width) {
        String whole = end.isEmpty() ? text : text + " " + end;
        if (width(whole, font) <= width) {
            return whole;
        }
        String tail = end.isEmpty() ? "" : " " + end;
        int low = 0;
        int high = text.length();
        while (low < high) {
            int middle = (low + high + 1) >>> 1;
            if (width(cut(text, middle) + tail, font) <= width) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        if (low >= 3) {
            return cut(text, low) + tail;
        }
        return !end.isEmpty() && width(end, font) <= width ? end : "";
    }

    /** Returns the first letters of a text that has no room to be cut in its middle; at least two, or its end. */
    public static String start(String text, String end, Font font, double width) {
        String tail = end.isEmpty() ? "" : " " + end;
        for (int letters = Math.min(4, text.length()); letters >= 2; letters--) {
            String shown = text.substring(0, letters).stripTrailing() + tail;
            if (width(shown, font) <= width) {
                return shown;
            }
        }
        return width(end, font) <= width ? end : "";
    }

    private static String cut(String text, int letters) {
        int back = letters > 8 ? letters / 3 : 0;
        return text.substring(0, letters - back).stripTrailing() + "\u2026"
                + text.substring(text.length() - back).stripLeading();
    }
}
