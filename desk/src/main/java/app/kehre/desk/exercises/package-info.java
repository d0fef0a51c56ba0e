/** The Exercises place: the library, searched and filtered, and the instructor's own exercises. */
@NullMarked
package app.kehre.desk.exercises;

import org.jspecify.annotations.NullMarked;
