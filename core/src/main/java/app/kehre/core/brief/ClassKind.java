package app.kehre.core.brief;

/**
 * What kind of class it is.
 *
 * @param format by what is done and who comes
 * @param part whether it is a whole class or a part of one
 */
public record ClassKind(Format format, ClassPart part) {

    /** A whole class of several kinds of work. */
    public static final ClassKind USUAL = new ClassKind(Format.MIXED, ClassPart.WHOLE);
}
