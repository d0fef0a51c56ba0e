/** Benchmarks of the computation, outside the default build. */
@NullMarked
package app.kehre.bench;

import org.jspecify.annotations.NullMarked;
