/** The Sheet place: the printed page on screen. */
@NullMarked
package app.kehre.desk.sheet;

import org.jspecify.annotations.NullMarked;
