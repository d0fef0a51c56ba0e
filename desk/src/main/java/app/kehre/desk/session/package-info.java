/** The open class: its history, its file, its recovery after a crash, and what the window remembers. */
@NullMarked
package app.kehre.desk.session;

import org.jspecify.annotations.NullMarked;
