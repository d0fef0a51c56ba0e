/**
 * What stands on the walls of the hall at a moment of the class: {@link app.kehre.core.hall.HallWords} says what runs, {@link
 * app.kehre.core.hall.Beads} how far it is, {@link app.kehre.core.hall.Change} what is to be announced, {@link
 * app.kehre.core.hall.Counting} where a combination stands. Words only: how large they are is for the window to say.
 */
@NullMarked
package app.kehre.core.hall;

import org.jspecify.annotations.NullMarked;
