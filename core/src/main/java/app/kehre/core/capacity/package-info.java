/**
 * What kit a class needs and how many people that allows: {@link app.kehre.core.capacity.KitNeed} counts the pieces that each
 * person uses at once, {@link app.kehre.core.capacity.Capacity} says how many people the room, its floor and its kit can take and
 * what bounds them.
 *
 * <p>{@code Capacity.of(plan)} for a class with two weights a person in a room with 24 weights is 12. Area is in square metres.
 * Nothing is null.
 */
@NullMarked
package app.kehre.core.capacity;

import org.jspecify.annotations.NullMarked;
