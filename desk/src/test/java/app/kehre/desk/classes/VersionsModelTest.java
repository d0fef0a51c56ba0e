package app.kehre.desk.classes;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.Version;
import app.kehre.desk.Instructor;
import app.kehre.desk.Later;
import app.kehre.desk.WithStudio;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** What a class was earlier: named, held against what it is now, and brought back as one step. */
class VersionsModelTest extends WithStudio {

    private static final Instant MONDAY = Instant.parse("2026-11-30T08:00:00Z");

    private final ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(demo, Instructor.LIBRARY));
    private final List<StoredPlan> opened = new ArrayList<>();
    private final List<String> trouble = new ArrayList<>();

    @BeforeEach
    void aClassIsKeptThreeTimes() throws Exception {
        open.keep(plans(), Plans.NONE, MONDAY);
        keeps("Title", plan -> plan.with(plan.brief().withTitle("Evening Climb")), 1);
        keeps("Remove", plan -> plan.remove(plan.items().findFirst().orElseThrow().id()), 2);
    }

    private Plans plans() {
        return studio().studio().plans();
    }

    private void keeps(String step, UnaryOperator<ClassPlan> change, int hours) throws Exception {
        open.edit(step, change);
        open.keep(plans(), ((Home.InStudio) open.home().get()).version(),
                MONDAY.plus(Duration.ofHours(hours)));
    }

    private VersionsModel model() throws Exception {
        StoredPlan stored = plans().list("", 5).getFirst();
        return new VersionsModel(stored, plans(), () -> Instructor.LIBRARY, open, ZoneOffset.UTC, opened::add,
                trouble::add);
    }

    private List<Version> versions() throws Exception {
        List<Version> found = new ArrayList<>();
        model().ask(found::addAll);
        return found;
    }

    private VersionsModel.Compared compared(Version version) throws Exception {
        List<VersionsModel.Compared> shown = new ArrayList<>();
        model().compare(version, shown::add);
        Later.until("they stand beside each other", () -> !shown.isEmpty());
        return shown.getFirst();
    }

    @Test
    void theLatestComesFirstAndEachCanBeNamed() throws Exception {
        assertThat(versions()).hasSize(3)
                .isSortedAccordingTo((one, other) -> other.saved().compareTo(one.saved()));
        assertThat(model().title()).isEqualTo("Evening Climb");

        model().name(versions().getLast(), "as it was taught in spring");

        assertThat(versions().getLast().name()).isEqualTo("as it was taught in spring");
        assertThat(trouble).isEmpty();
    }

    @Test
    void whatIsOtherwiseIsMarkedOnBothSidesAndNothingInTheLatestItself() throws Exception {
        VersionsModel.Compared first = compared(versions().getLast());

        assertThat(first.same()).isFalse();
        assertThat(first.then().different()).as("the line that is gone").hasSize(1);
        assertThat(first.now().different()).isEmpty();
        assertThat(first.then().lines()).filteredOn(VersionsModel.Line::onlyHere)
                .extracting(VersionsModel.Line::text)
                .anyMatch(text -> text.contains("Tuesday Evening Climb"));

        assertThat(compared(versions().getFirst()).same()).isTrue();
        assertThat(compared(versions().getFirst()).now().lines()).noneMatch(VersionsModel.Line::onlyHere);
    }

    @Test
    void anEarlierOneIsBroughtBackAsOneStepThatUndoTakesBack() throws Exception {
        ClassPlan latest = open.plan();
        List<String> done = new ArrayList<>();

        model().bringBack(versions().getLast(), () -> done.add("opened"));

        assertThat(done).containsExactly("opened");
        assertThat(opened).hasSize(1);
        assertThat(open.plan().segments()).isEqualTo(demo.segments());
        assertThat(open.plan().brief()).isEqualTo(demo.brief());
        assertThat(open.undoName().get()).isEqualTo("Bring back a version");
        assertThat(open.unsaved().get()).isTrue();
        open.undo();
        assertThat(open.plan()).isEqualTo(latest);
    }

    @Test
    void whereAnotherClassStaysOpenNothingOfItIsChanged() throws Exception {
        VersionsModel model = model();
        Version first = versions().getLast();
        open.open(PlanDocument.of(demo.copy(), Instructor.LIBRARY));
        ClassPlan other = open.plan();

        model.bringBack(first, () -> opened.clear());

        assertThat(open.plan()).isEqualTo(other);
        assertThat(opened).as("it was asked to be opened, and was not").hasSize(1);
    }
}
