package app.kehre.formats.sheet;

import java.awt.Color;

import app.kehre.core.exercise.Role;

/** The colours of paper. Nothing rests on them: a black and white printer shows the same. */
final class Inks {

    static final Color INK = new Color(0x23282c);
    static final Color SOFT = new Color(0x5d5f5b);
    static final Color LINE = new Color(0xdcd6c8);

    private Inks() {}

    /** Returns the ground of a segment's heading. */
    static Color tint(Role role) {
        return switch (role) {
            case WARM_UP -> new Color(0xefdcb4);
            case AEROBIC -> new Color(0xf0cbc3);
            case TONING -> new Color(0xd8e0c1);
            case CORE -> new Color(0xe0d1e2);
            case COOL_DOWN, STRETCH -> new Color(0xcfe2e8);
            case TALK, PAUSE -> new Color(0xe8e6df);
        };
    }

    /** Returns the edge of a block, dark enough to be seen in grey too. */
    static Color edge(Role role) {
        return switch (role) {
            case WARM_UP -> new Color(0xb98a2b);
            case AEROBIC -> new Color(0xa63f2d);
            case TONING -> new Color(0x6d7f34);
            case CORE -> new Color(0x7f5a86);
            case COOL_DOWN, STRETCH -> new Color(0x3b7686);
            case TALK, PAUSE -> new Color(0x8a8882);
        };
    }
}
