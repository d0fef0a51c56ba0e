package app.kehre.core.studio;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import app.kehre.core.plan.PlanId;

/** The plans, with every version that was saved. */
public interface Plans {

    /** The number of a version where there is none yet. */
    long NONE = 0;

    /**
     * Keeps a version of a plan. What is just as the last version is not kept twice; a plan that was deleted is there again.
     *
     * @param plan which, and how it stands in the list
     * @param document the plan as a document
     * @param words what it can be found by besides its title and group
     * @param after the version from which it was made, {@link #NONE} for a new plan
     * @return its number
     * @throws ChangedElsewhere when another version was saved meanwhile; nothing is changed then
     * @throws StudioTrouble when it could not be kept; nothing is changed then
     */
    long save(StoredPlan plan, byte[] document, String words, long after, Instant now)
            throws StudioTrouble, ChangedElsewhere;

    /**
     * Returns the plans that are looked for, the latest day first, at most so many.
     *
     * @param words all of which begin a word of the plan; empty for all
     * @throws StudioTrouble when they could not be read
     */
    List<StoredPlan> list(String words, int most) throws StudioTrouble;

    /**
     * Returns the plans of a span of days, the latest first, at most so many.
     *
     * @param to the last day
     * @throws StudioTrouble as above
     */
    List<StoredPlan> between(LocalDate from, LocalDate to, int most) throws StudioTrouble;

    /**
     * Returns the latest plan of each group that comes each week, by the names of the groups.
     *
     * @throws StudioTrouble as above
     */
    List<StoredPlan> groups() throws StudioTrouble;

    /**
     * Finds a plan that is not deleted.
     *
     * @throws StudioTrouble as above
     */
    Optional<StoredPlan> find(PlanId plan) throws StudioTrouble;

    /**
     * Returns the versions of a plan, the latest first.
     *
     * @throws StudioTrouble as above
     */
    List<Version> versions(PlanId plan) throws StudioTrouble;

    /**
     * Returns a version as a document.
     *
     * @throws StudioTrouble as above, and when there is none of that number
     */
    byte[] document(long version) throws StudioTrouble;

    /**
     * Gives a version a name; empty for none.
     *
     * @throws StudioTrouble as above
     */
    void name(long version, String name) throws StudioTrouble;

    /**
     * Takes a plan out of the list, or brings it back; its versions stay.
     *
     * @throws StudioTrouble as above
     */
    void delete(PlanId plan, boolean deleted) throws StudioTrouble;
}
