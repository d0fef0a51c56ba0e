/**
 * Classes made right to the minute: {@link app.kehre.core.fitting.Fitting} changes doses, sets, the clock of a circuit,
 * rounds, rests and phrases, or leaves lines out, so that a class ends in a length with the least weighted change, proven by an exact program ({@link
 * app.kehre.core.fitting.Exact}).
 *
 * <p>{@code Fitting.of(plan, new Fitting.Asked(Duration.ofMinutes(55), Optional.empty()))} is a {@link
 * app.kehre.core.proposal.Proposal}: up to three ways, or the reason why there is none. Lengths are laid
 * out by the real compiler, in ticks of a tenth of a second inside the program. What is locked stays. Nothing is null.
 */
@NullMarked
package app.kehre.core.fitting;

import org.jspecify.annotations.NullMarked;
