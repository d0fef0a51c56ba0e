/** What Kehre finds in a class, and its predicted effort, as open formats. */
@NullMarked
package app.kehre.formats.assessment;

import org.jspecify.annotations.NullMarked;
