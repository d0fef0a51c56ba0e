/**
 * The equipment of a class: its kinds, what stands in for each, and the {@link app.kehre.core.kit.Load}
 * that an exercise is done with.
 */
@NullMarked
package app.kehre.core.kit;

import org.jspecify.annotations.NullMarked;
