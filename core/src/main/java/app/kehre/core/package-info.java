/** The computation of Kehre: no interface, no files, no clock and no chance of its own. */
@NullMarked
package app.kehre.core;

import org.jspecify.annotations.NullMarked;
