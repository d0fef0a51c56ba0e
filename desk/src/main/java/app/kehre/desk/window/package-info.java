/** The window: the rail of places, notices, and what happens to files. */
@NullMarked
package app.kehre.desk.window;

import org.jspecify.annotations.NullMarked;
