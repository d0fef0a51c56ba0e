/**
 * The climb: the predicted effort of a whole class as one profile over its targets, worked out as shapes in a frame, so
 * that screen and paper draw the same. No colour, no font, no drawing library.
 */
@NullMarked
package app.kehre.core.climb;

import org.jspecify.annotations.NullMarked;
