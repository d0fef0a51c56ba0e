/** What is printed: the {@link app.kehre.core.sheet.CribSheet} of a class, in words, ready to be laid out. */
@NullMarked
package app.kehre.core.sheet;

import org.jspecify.annotations.NullMarked;
