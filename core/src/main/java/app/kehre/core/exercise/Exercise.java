package app.kehre.core.exercise;

import java.util.List;
import java.util.Set;

import app.kehre.core.dose.Dose;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;

/**
 * One exercise of the library.
 *
 * @param id a short key in lower case with hyphens, the same for ever, since plans name it
 * @param name the field's usual name
 * @param roles the segments that it suits, at least one
 * @param main the muscle groups that it is chosen for
 * @param helping the muscle groups that help
 * @param pattern the movement pattern
 * @param position how the body is placed
 * @param equipment what must be there, each person's or the room's
 * @param impact how hard the feet meet the floor
 * @param usualDose the dose that a new item starts with
 * @param usualLoad the load that a new item starts with
 * @param how one line to set up, one line to do
 * @param breathing when to breathe
 * @param easier the easier option (regression)
 * @param harder the harder option (progression)
 * @param cautions what to watch, and for whom
 */
public record Exercise(String id, String name, Set<Role> roles, List<Muscle> main, List<Muscle> helping,
        Pattern pattern, Position position, Set<Equipment> equipment, Impact impact, Dose usualDose,
        Load usualLoad,
        List<String> how, String breathing, Option easier, Option harder, List<Caution> cautions) {

    private static final java.util.regex.Pattern ID = java.util.regex.Pattern
            .compile("[a-z0-9]+(-[a-z0-9]+)*");

    public Exercise {
        if (!ID.matcher(id).matches()) {
            throw new IllegalArgumentException(
                    "An exercise's id must be lower-case words joined by hyphens, not \"%s\".".formatted(id));
        }
        if (name.isBlank() || roles.isEmpty() || how.isEmpty()) {
            throw new IllegalArgumentException(
                    "The exercise \"%s\" must have a name, a role and a line on how to do it.".formatted(id));
        }
        roles = Set.copyOf(roles);
        main = List.copyOf(main);
        helping = List.copyOf(helping);
        equipment = Set.copyOf(equipment);
        how = List.copyOf(how);
        cautions = List.copyOf(cautions);
    }

    /** Returns whether it suits a segment of the role. */
    public boolean suits(Role role) {
        return roles.contains(role);
    }
}
