package app.kehre.core.studio;

import java.time.LocalDate;
import java.util.List;

/** Checks of one's own that a group does now and then, such as sit-to-stands in 30 s. Results are numbers without names. */
public interface FitnessChecks {

    /**
     * A time that a group did a check.
     *
     * @param check what was checked, not blank
     * @param unit what is counted
     * @param group the name of the group; may be empty
     * @param day when
     * @param values the results, in the unit, of nobody by name
     */
    record Result(String check, String unit, String group, LocalDate day, List<Double> values) {

        public Result {
            values = List.copyOf(values);
            if (check.isBlank() || values.isEmpty()) {
                throw new IllegalArgumentException("A check has a name and at least one result.");
            }
        }

        /** Returns the middle result. */
        public double median() {
            List<Double> sorted = values.stream().sorted().toList();
            int half = sorted.size() / 2;
            return sorted.size() % 2 == 1 ? sorted.get(half) : (sorted.get(half - 1) + sorted.get(half)) / 2;
        }
    }

    /**
     * Keeps results; those of the same check, group and day are replaced.
     *
     * @throws StudioTrouble when they could not be kept
     */
    void keep(Result result) throws StudioTrouble;

    /**
     * Returns all results, by check, then by day.
     *
     * @throws StudioTrouble when they could not be read
     */
    List<Result> all() throws StudioTrouble;
}
