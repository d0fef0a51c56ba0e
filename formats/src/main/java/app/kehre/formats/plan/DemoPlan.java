package app.kehre.formats.plan;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;

import app.kehre.core.exercise.Library;
import app.kehre.formats.json.UnreadableFile;

/** The made-up class that ships with Kehre: a step-and-tone evening at the Signal Hall in Quellenried. */
public final class DemoPlan {

    private static final String NAME = "tuesday-evening-climb" + PlanDocument.ENDING;

    private DemoPlan() {}

    /** Reads the demo class. @throws IllegalStateException when the file that ships with Kehre is faulty */
    public static PlanDocument load(Library library) {
        try (InputStream in = Objects
                .requireNonNull(DemoPlan.class.getResourceAsStream("/app/kehre/formats/demo/" + NAME),
                        NAME)) {
            return PlanDocument.read(NAME, in.readAllBytes(), library);
        } catch (IOException cause) {
            throw new UncheckedIOException(cause);
        } catch (UnreadableFile fault) {
            throw new IllegalStateException(fault.sentence(), fault);
        }
    }
}
