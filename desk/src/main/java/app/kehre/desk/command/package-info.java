/** The command line. */
@NullMarked
package app.kehre.desk.command;

import org.jspecify.annotations.NullMarked;
