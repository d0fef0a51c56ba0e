package app.kehre.desk.command;

import java.time.Instant;
import java.util.Optional;
import java.util.stream.Stream;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.PlanId;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.session.FirstPlan;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

/** The demo classes in a studio of their own. */
final class DemoClasses {

    private DemoClasses() {}

    /**
     * Puts the demo classes into a studio; one that is there already stays as it is.
     *
     * @throws StudioTrouble when they could not be kept
     */
    static void fill(Studio studio, Library library, Instant now) throws StudioTrouble {
        for (String name : Stream.concat(DemoPlan.NAMES.stream(), Stream.of(DemoPlan.EVERYTHING_AT_ONCE))
                .toList()) {
            put(studio, DemoPlan.load(name, library), now);
        }
    }

    private static void put(Studio studio, PlanDocument document, Instant now) throws StudioTrouble {
        PlanId plan = document.plan().identity().plan();
        if (studio.plans().versions(plan).isEmpty()) {
            try {
                new OpenPlan(document).keep(studio.plans(), 0, now);
            } catch (ChangedElsewhere there) {
                // Another window has put it there meanwhile.
                return;
            }
        }
    }

    /** Returns the first demo class as it lies in a studio, else as it ships. The others can wait until it is seen. */
    static FirstPlan first(Studio studio, Library library, Instant now) {
        PlanDocument shipped = DemoPlan.load(library);
        try {
            put(studio, shipped, now);
            Optional<StoredPlan> stored = studio.plans().find(shipped.plan().identity().plan());
            if (stored.isPresent()) {
                PlanDocument document = PlanDocument.read(stored.get().title(),
                        studio.plans().document(stored.get().version()), library);
                return new FirstPlan(new OpenPlan(document, new Home.InStudio(stored.get().version())), "");
            }
            return new FirstPlan(new OpenPlan(shipped), "");
        } catch (StudioTrouble trouble) {
            return new FirstPlan(new OpenPlan(shipped), trouble.sentence());
        } catch (UnreadableFile fault) {
            return new FirstPlan(new OpenPlan(shipped), fault.sentence());
        }
    }
}
