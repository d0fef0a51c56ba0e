/** The Brief place: who comes, what is there, what was promised, and how the class is taught. */
@NullMarked
package app.kehre.desk.brief;

import org.jspecify.annotations.NullMarked;
