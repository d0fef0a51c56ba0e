/**
 * The Check place, and what came of judging wherever it is shown: the climb of the effort through the class, findings
 * with their mends, the ledger, what was promised.
 *
 * <p>{@link app.kehre.desk.check.FindingsViewModel} holds what is pointed out and what a mend would bring; all figures
 * come from the assessment. Nothing is null.
 */
@NullMarked
package app.kehre.desk.check;

import org.jspecify.annotations.NullMarked;
