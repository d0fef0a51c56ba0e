package app.kehre.desk.check;

import java.util.Optional;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;

/** The line that is chosen in the open class; all places share it. */
public interface Chosen {

    /** Returns the chosen line, if there is one. */
    Optional<EntryId> chosen();

    /** Chooses a line together with its segment. */
    void select(EntryId entry);

    /** Chooses a segment. */
    void selectSegment(SegmentId segment);
}
