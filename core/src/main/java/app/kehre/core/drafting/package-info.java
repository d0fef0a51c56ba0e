/**
 * A whole class from its brief, or the empty rest of one ({@link app.kehre.core.drafting.Drafting}), and a class cut to a
 * shorter slot or stretched to a longer one ({@link app.kehre.core.drafting.Recutting}).
 *
 * <p>{@code Drafting.of(plan, library, lately, 7)} fills what is empty, keeps what is there, and says why each line was chosen;
 * the same seed gives the same class. A draft is shaped (segments and their targets), filled (dances, circuits, toning by
 * promise and balance), ended (warm-up and stretch derived), then mended and fitted in turn, at most a fixed number of times. A
 * brief that cannot be met yields the reason. Nothing is null.
 */
@NullMarked
package app.kehre.core.drafting;

import org.jspecify.annotations.NullMarked;
