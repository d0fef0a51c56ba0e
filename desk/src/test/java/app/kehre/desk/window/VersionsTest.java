package app.kehre.desk.window;

import java.util.List;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Version;
import app.kehre.core.testing.Plans;
import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;

/** Every state of a class that was saved: named, held against the latest, and brought back. */
class VersionsTest extends DemoWindow {

    private ClassPlan first = Plans.of(30).plan();

    /** A class that was saved, changed, and saved again. */
    @BeforeEach
    void aClassWasSavedTwice() {
        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        first = instructor.plan();
        edit();
        instructor.presses(KeyCode.S, KeyCode.CONTROL).presses(KeyCode.DIGIT0, KeyCode.CONTROL)
                .until("it is there", () -> instructor.canSee(".class-card")).clicksButton("Versions")
                .until("they are compared", () -> says("then, ") && says("now, "));
    }

    private boolean says(String words) {
        return instructor.words().stream().anyMatch(each -> each.startsWith(words));
    }

    private List<Version> versions() throws StudioTrouble {
        try (StudioFile studio = StudioFile.open(folder.resolve("data").resolve(StudioFile.NAME))) {
            return studio.plans().versions(first.identity().plan());
        }
    }

    @Test
    void onlyWhatIsDifferentStandsThereUntilTheWholeClassIsAskedFor() {
        List<String> few = instructor.reads(".only-here");
        assertThat(few).hasSize(2).anyMatch(line -> line.contains("9 eights"));

        instructor.clicks("#versions-whole").until("it is whole", () -> says("Squat"));
        assertThat(instructor.reads(".only-here")).isEqualTo(few);
    }

    @Test
    void aVersionIsNamedAndTheNameStays() throws StudioTrouble {
        instructor.clicks(".inline-field").writes("as taught in May").presses(KeyCode.ENTER);

        assertThat(versions()).hasSize(2).extracting(Version::name).contains("as taught in May");
    }

    @Test
    void theFirstOneIsBroughtBackAsOneStepAndSavedItIsTheLatest() throws StudioTrouble {
        instructor.clicks("#bring-back").until("it is open", () -> instructor.place() == Place.PLAN);

        assertThat(instructor.plan().segments()).isEqualTo(first.segments());
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: bring back a version");
        assertThat(instructor.unsaved()).isTrue();

        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        assertThat(versions()).hasSize(3);
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan().segments()).isNotEqualTo(first.segments());
    }
}
