/** Parts of a class that follow from the rest of it. */
@NullMarked
package app.kehre.core.deriving;

import org.jspecify.annotations.NullMarked;
