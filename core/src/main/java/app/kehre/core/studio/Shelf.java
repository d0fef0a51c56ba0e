package app.kehre.core.studio;

import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is kept whole under a name: own exercises, patterns, settings. */
public interface Shelf {

    /**
     * Reads what lies there.
     *
     * @throws StudioTrouble when it could not be read
     */
    Optional<byte[]> read(String name) throws StudioTrouble;

    /**
     * Changes what lies there, with nobody in between.
     *
     * @param change of what lies there now, into what shall lie there
     * @throws StudioTrouble when it could not be kept; nothing is changed then
     */
    void change(String name, UnaryOperator<Optional<byte[]>> change) throws StudioTrouble;
}
