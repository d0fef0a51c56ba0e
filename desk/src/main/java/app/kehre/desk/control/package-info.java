/**
 * Controls of Kehre's own, and the road of a class as a drawing; none of them knows in which place it stands. {@link
 * app.kehre.desk.control.InlineField} is a field that previews what is typed, {@link app.kehre.desk.control.Latest} is
 * work beside the JavaFX thread of which only the last answer is shown, and says what to do when it fails.
 *
 * <p>{@link app.kehre.desk.control.Switchback} draws a timeline in rows of ten minutes. Sizes are in pixels. Nothing is
 * null.
 */
@NullMarked
package app.kehre.desk.control;

import org.jspecify.annotations.NullMarked;
