package app.kehre.desk.look;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import javafx.scene.paint.Color;

import app.kehre.core.exercise.Role;

/**
 * The colours of one theme: the only place where colours are named. Style sheets look them up by {@link
 * #style}, drawings ask for them. Contrast: text on paper, sheet and tints at least 4.5:1, lines that
 * carry meaning 3:1.
 *
 * @param paper the page
 * @param sheet what lies on it
 * @param ink text and drawn lines
 * @param soft what is said by the way
 * @param rules what is drawn and carries no words
 * @param mark what is selected or wrong
 * @param glow the ground of the selected line
 * @param alert what is late or owed in the hall
 * @param tints of warm-up, aerobic, toning, core, cool-down, pause
 */
public record Palette(Color paper, Color sheet, Color ink, Color soft, Rules rules, Color mark,
        Color glow, Color alert,
        List<Tint> tints) {

    /** Chalk paper by day. */
    public static final Palette LIGHT = of(
            "#f6f3ec #fffdf8 #23282c #5f625e #d5cebe #ebe6da #b5432a #fdf3d8 #b5432a",
            "#e6c88a #59400a", "#e0a396 #651f15", "#b9c793 #323f16", "#c9b0cc #47284e", "#a9c9d3 #123f4a",
            "#d3d2cc #3c3e3d");
    /** The same by night. */
    public static final Palette DARK = of(
            "#191d20 #22272a #efe9dc #a9ada8 #3d4447 #2a3033 #f08a6c #38331f #f08a6c",
            "#6d5524 #fbe9c2", "#7e4136 #fbdcd5", "#505d2b #e8f0cf", "#5c4561 #f0e0f2", "#2f5763 #d6edf4",
            "#464b4c #e6e6e2");
    /** The hall: read from three metres, in the half-dark. */
    public static final Palette HALL = of(
            "#15191c #1f2528 #f6f1e6 #b3b7b1 #41484b #2a3033 #f0cf8c #38331f #f0947c",
            "#7a5f26 #fff3d6", "#944c3f #ffeae6", "#5f6f32 #f4fae0", "#6a4e70 #f9eefb", "#336473 #e6f6fb",
            "#4a4f50 #f1f1ee");

    /**
     * What is drawn and carries no words.
     *
     * @param line borders and the road
     * @param faint the faintest rules
     */
    public record Rules(Color line, Color faint) {}

    /** A segment's ground and the ink on it. */
    public record Tint(Color ground, Color ink) {
        private static Tint of(String pair) {
            return new Tint(Color.web(pair.substring(0, 7)), Color.web(pair.substring(8)));
        }
    }

    public Palette {
        tints = List.copyOf(tints);
    }

    /** Returns a segment's tint; its name says the same in words. */
    public Tint tint(Role role) {
        return tints.get(switch (role) {
            case WARM_UP -> 0;
            case AEROBIC -> 1;
            case TONING -> 2;
            case CORE -> 3;
            case COOL_DOWN, STRETCH -> 4;
            case TALK, PAUSE -> 5;
        });
    }

    /** Returns the colour of borders and of the road. */
    public Color line() {
        return rules.line();
    }

    /** Returns the colour of the faintest rules. */
    public Color faint() {
        return rules.faint();
    }

    /** Returns the theme as looked-up colours, to be set as the style of a node. */
    public String style() {
        return named("paper", paper) + named("sheet", sheet) + named("ink", ink) + named("soft", soft)
                + named("line", line()) + named("faint", faint()) + named("mark", mark) + named("glow", glow)
                + named("alert", alert);
    }

    /** Returns the theme as a style sheet, which windows of menus and tips take over from their owner. */
    public String styleSheet() {
        byte[] rule = ".root { %s}".formatted(style()).getBytes(StandardCharsets.UTF_8);
        return "data:text/css;base64," + Base64.getEncoder().encodeToString(rule);
    }

    /** Returns a colour as style sheets write it. */
    public static String web(Color colour) {
        return "#%02x%02x%02x".formatted(Math.round(colour.getRed() * 255),
                Math.round(colour.getGreen() * 255),
                Math.round(colour.getBlue() * 255));
    }

    private static Palette of(String plain, String... tints) {
        List<Color> colours = Arrays.stream(plain.split(" ")).map(Color::web).toList();
        return new Palette(colours.get(0), colours.get(1), colours.get(2), colours.get(3),
                new Rules(colours.get(4), colours.get(5)), colours.get(6), colours.get(7), colours.get(8),
                Arrays.stream(tints).map(Tint::of).toList());
    }

    private static String named(String name, Color colour) {
        return "-k-%s: %s; ".formatted(name, web(colour));
    }
}
