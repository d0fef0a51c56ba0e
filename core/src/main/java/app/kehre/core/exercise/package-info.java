/**
 * What can be done in a class: exercises with the muscles they work, the position they are done in, their
 * options and cautions, gathered in a {@link app.kehre.core.exercise.Library}.
 *
 * <p>Nothing here is medical advice: cautions are the usual ones, and local rules and licensed
 * professionals come first.
 */
@NullMarked
package app.kehre.core.exercise;

import org.jspecify.annotations.NullMarked;
