/** The Combination place: the foot score, what fits at a point, and the ladder of the build-up. */
@NullMarked
package app.kehre.desk.combination;

import org.jspecify.annotations.NullMarked;
