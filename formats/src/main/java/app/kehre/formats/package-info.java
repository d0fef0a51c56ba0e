/** Open formats in and out: plan documents, the library's files, the printed sheet. */
@NullMarked
package app.kehre.formats;

import org.jspecify.annotations.NullMarked;
