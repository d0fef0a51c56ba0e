/**
 * What the feet do. A {@link app.kehre.core.footwork.Row} holds a move as a row of half-counts, relative to
 * the lead foot; a {@link app.kehre.core.footwork.Walk} dances it from a {@link app.kehre.core.footwork.Stance}
 * and says where the body ends, which foot is free, and what cannot be done. All facts of a move come from
 * its row alone.
 *
 * <pre>{@code
 * Row knee = Row.of("A up, b knee, B down, A down");
 * RowFacts.of(knee).changesLead(); // true
 * }</pre>
 */
@NullMarked
package app.kehre.core.footwork;

import org.jspecify.annotations.NullMarked;
