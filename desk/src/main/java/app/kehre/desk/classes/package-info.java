/**
 * The Classes place: all plans in a folder, with when, for whom and how each stands, to be opened by Enter. They are
 * read and judged beside the JavaFX thread by {@link app.kehre.desk.classes.ClassesViewModel}; one that cannot be read
 * is shown with the reason. Nothing is null.
 */
@NullMarked
package app.kehre.desk.classes;

import org.jspecify.annotations.NullMarked;
