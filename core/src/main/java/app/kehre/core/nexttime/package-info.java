/**
 * A class once more: {@link app.kehre.core.nexttime.NextTime} proposes what the notes on a class that was taught ask for.
 * Nothing is null.
 */
@NullMarked
package app.kehre.core.nexttime;

import org.jspecify.annotations.NullMarked;
