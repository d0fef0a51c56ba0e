package app.kehre.core.studio;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Observed;
import app.kehre.core.log.RecordKey;

/** The classes that were taught. */
public interface Records {

    /**
     * Keeps a record; one of the same plan that was begun at the same time is replaced, but for what was said of it where the
     * new one says nothing.
     *
     * @param document the plan as it was begun, as a plan document; empty when it is not known
     * @throws StudioTrouble when it could not be kept; nothing is changed then
     */
    void keep(ClassRecord record, byte[] document) throws StudioTrouble;

    /**
     * Keeps what is said of a class now.
     *
     * @throws StudioTrouble as above, and when there is no such record
     */
    void keep(RecordKey key, After after) throws StudioTrouble;

    /**
     * Lets the pace be learned from a class, or leaves it out.
     *
     * @throws StudioTrouble as above
     */
    void learn(RecordKey key, boolean learn) throws StudioTrouble;

    /**
     * Forgets a class.
     *
     * @throws StudioTrouble as above
     */
    void forget(RecordKey key) throws StudioTrouble;

    /**
     * Returns the classes that are looked for, the latest first, at most so many.
     *
     * @param words all of which begin a word of the title, the group, the sentence for next time, a note or a line's name; empty for all
     * @throws StudioTrouble when they could not be read
     */
    List<RecordRow> list(String words, int most) throws StudioTrouble;

    /**
     * Returns the classes of a span of days, the earliest first.
     *
     * @param to the last day
     * @throws StudioTrouble as above
     */
    List<RecordRow> between(LocalDate from, LocalDate to) throws StudioTrouble;

    /**
     * Finds a class.
     *
     * @throws StudioTrouble as above
     */
    Optional<ClassRecord> find(RecordKey key) throws StudioTrouble;

    /**
     * Returns the plan as it was begun, as a plan document.
     *
     * @throws StudioTrouble as above
     */
    Optional<byte[]> document(RecordKey key) throws StudioTrouble;

    /**
     * Returns what the last classes say of the pace, but for those that are left out, at most so many.
     *
     * @throws StudioTrouble as above
     */
    List<Observed> observed(int most) throws StudioTrouble;

    /**
     * Returns how true the last plans were that were taught whole with the program, the earliest first, at most so many.
     *
     * @throws StudioTrouble as above
     */
    List<Truth> truths(int most) throws StudioTrouble;

    /**
     * Returns the names of the groups that were taught, in order.
     *
     * @throws StudioTrouble as above
     */
    List<String> groups() throws StudioTrouble;

    /**
     * Returns the names of the combinations that a group danced in a span of days.
     *
     * @param group its name; empty for all classes
     * @param to the last day
     * @throws StudioTrouble as above
     */
    List<String> combinations(String group, LocalDate from, LocalDate to) throws StudioTrouble;

    /**
     * Returns how often a group did what, by the ids of exercises and the names of combinations, in a span of days.
     *
     * @param group its name; empty for all classes
     * @param to the last day
     * @throws StudioTrouble as above
     */
    Map<String, Integer> done(String group, LocalDate from, LocalDate to) throws StudioTrouble;

    /**
     * Returns when an exercise was done and how it went, the latest first, at most so many.
     *
     * @throws StudioTrouble as above
     */
    List<Doing> doings(String exercise, int most) throws StudioTrouble;
}
