/** The exercise library's files: one a family, edited by hand. */
@NullMarked
package app.kehre.formats.library;

import org.jspecify.annotations.NullMarked;
