package app.kehre.core.studio;

import java.util.List;

import app.kehre.core.log.ClassRecord;

/** The classes that were taught. */
public interface Records {

    /**
     * Keeps a record; one of the same plan that was begun at the same time is replaced.
     *
     * @throws StudioTrouble when it could not be kept; nothing is changed then
     */
    void keep(ClassRecord record) throws StudioTrouble;

    /**
     * Returns all records, the oldest first.
     *
     * @throws StudioTrouble when they could not be read
     */
    List<ClassRecord> all() throws StudioTrouble;
}
