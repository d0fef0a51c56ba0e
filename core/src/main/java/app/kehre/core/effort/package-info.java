/**
 * How hard a class is predicted to be, second by second: {@link app.kehre.core.effort.Effort}, a pure function of
 * the timeline. METs and shares of the heart-rate reserve where the work is rhythmic, effort from 0 to 10
 * throughout. Estimates for planning, never a measurement of a person.
 */
@NullMarked
package app.kehre.core.effort;

import org.jspecify.annotations.NullMarked;
