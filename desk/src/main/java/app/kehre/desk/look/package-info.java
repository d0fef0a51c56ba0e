/**
 * How Kehre looks: {@link app.kehre.desk.look.Palette} names every colour once, {@link app.kehre.desk.look.Theme}
 * dresses a scene in it, {@link app.kehre.desk.look.Type} loads the typeface, measures text and shortens names in the
 * middle. Sizes are in pixels. Knows no place and no plan. Nothing is null.
 */
@NullMarked
package app.kehre.desk.look;

import org.jspecify.annotations.NullMarked;
