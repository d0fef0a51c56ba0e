/**
 * What a check says: a {@link app.kehre.core.finding.Finding} has the key of its check, how serious it is, a {@link
 * app.kehre.core.finding.Place}, one sentence that says what, two that say why, where the figure comes from, and ways to mend it
 * that are worked out only when somebody asks. It is one thing for a class and for a combination.
 *
 * <p>{@code finding.same(other)} tells whether a finding is still there after an edit; {@code finding.check()} is what is stored
 * of it when it is set aside: "not-prepared/wrist". {@link app.kehre.core.finding.CheckKey} holds the keys of all checks; they
 * never change.
 *
 * <p>Knows plans and proposals, and no check. Nothing is null.
 */
@NullMarked
package app.kehre.core.finding;

import org.jspecify.annotations.NullMarked;
