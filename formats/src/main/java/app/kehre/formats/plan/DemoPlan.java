package app.kehre.formats.plan;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Objects;

import app.kehre.core.exercise.Library;
import app.kehre.formats.json.UnreadableFile;

/** The made-up classes that ship with Kehre: those of the Signal Hall in Quellenried. */
public final class DemoPlan {

    /** The classes of a week, by the name of their file; the first is the one that opens. */
    public static final List<String> NAMES = List.of("tuesday-evening-climb", "wednesday-morning-ease",
            "thursday-express-circuit", "friday-strong-and-steady", "saturday-core-and-stretch");
    /** A class with as many faults as there can be, to try the findings on. */
    public static final String EVERYTHING_AT_ONCE = "everything-at-once";

    private DemoPlan() {}

    /**
     * Reads the first demo class.
     *
     * @throws IllegalStateException when the file that ships with Kehre is faulty
     */
    public static PlanDocument load(Library library) {
        return load(NAMES.getFirst(), library);
    }

    /**
     * Reads a demo class.
     *
     * @throws IllegalStateException when the file that ships with Kehre is faulty
     */
    public static PlanDocument load(String name, Library library) {
        String file = name + PlanDocument.ENDING;
        try {
            return PlanDocument.read(file, bytes(name), library);
        } catch (UnreadableFile fault) {
            throw new IllegalStateException(fault.sentence(), fault);
        }
    }

    /** Returns a demo class as it lies in the program. */
    public static byte[] bytes(String name) {
        String file = name + PlanDocument.ENDING;
        try (InputStream in = Objects
                .requireNonNull(DemoPlan.class.getResourceAsStream("/app/kehre/formats/demo/" + file),
                        file)) {
            return in.readAllBytes();
        } catch (IOException cause) {
            throw new UncheckedIOException(cause);
        }
    }
}
