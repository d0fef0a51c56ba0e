/** Controls of Kehre's own that know nothing of the places they stand in. */
@NullMarked
package app.kehre.desk.control;

import org.jspecify.annotations.NullMarked;
