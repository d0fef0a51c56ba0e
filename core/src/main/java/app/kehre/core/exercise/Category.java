package app.kehre.core.exercise;

import java.util.Set;

/**
 * Where an exercise belongs.
 *
 * @param family the part of the library
 * @param roles the segments that it suits, at least one
 * @param pattern the movement pattern
 */
public record Category(Family family, Set<Role> roles, Pattern pattern) {
    public Category {
        roles = Set.copyOf(roles);
    }
}
