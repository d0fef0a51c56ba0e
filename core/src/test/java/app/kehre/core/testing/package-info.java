/** Plans and doses for tests, here and in the other modules: written by hand, or drawn at random. */
@NullMarked
package app.kehre.core.testing;

import org.jspecify.annotations.NullMarked;
