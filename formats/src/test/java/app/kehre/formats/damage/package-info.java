/**
 * Damaged plans: {@link app.kehre.formats.damage.Mutants} makes them, {@link app.kehre.formats.damage.Trial} does with
 * one all that Kehre does with a plan. A driver in bench makes many, the tests a few.
 */
@NullMarked
package app.kehre.formats.damage;

import org.jspecify.annotations.NullMarked;
