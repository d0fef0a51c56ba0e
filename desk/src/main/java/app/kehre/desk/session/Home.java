package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Optional;

/** Where a class lives: saving puts it there. */
public sealed interface Home {

    /** A new class that was not saved yet. */
    Home NOWHERE = new Nowhere();

    /** Not saved yet. */
    record Nowhere() implements Home {}

    /**
     * In a file.
     *
     * @param lies the file as this window knows it
     */
    record InFile(PlanInFile lies) implements Home {}

    /**
     * In the studio.
     *
     * @param version the number of the version that was read or written last
     */
    record InStudio(long version) implements Home {}

    /** Returns the file, if it is one. */
    default Optional<PlanInFile> inFile() {
        return this instanceof InFile(PlanInFile lies) ? Optional.of(lies) : Optional.empty();
    }

    /** Returns the file's name, if it is one. */
    default Optional<Path> file() {
        return inFile().map(PlanInFile::file);
    }
}
