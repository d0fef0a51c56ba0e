/** The desktop application: the window and the command line. */
@NullMarked
package app.kehre.desk;

import org.jspecify.annotations.NullMarked;
