/**
 * What is wrong with a class, why, and how to mend it: {@link app.kehre.core.balance.Finding}s, one small class a
 * check.
 */
@NullMarked
package app.kehre.core.balance;

import org.jspecify.annotations.NullMarked;
