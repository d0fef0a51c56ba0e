/** The one port through which files are read and written, so that a test can make it fail. */
@NullMarked
package app.kehre.formats.disk;

import org.jspecify.annotations.NullMarked;
