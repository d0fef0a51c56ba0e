/** Benchmarks of the studio, in its own package since they fill it in great steps. */
@NullMarked
package app.kehre.store;

import org.jspecify.annotations.NullMarked;
