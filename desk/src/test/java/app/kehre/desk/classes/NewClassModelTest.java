package app.kehre.desk.classes;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.Instructor;
import app.kehre.desk.Later;
import app.kehre.desk.WithStudio;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** A class is begun from one line: with its shape, empty, drafted, as the last one of the hour, or from a text. */
class NewClassModelTest extends WithStudio {

    private static final Instant SUNDAY = Instant.parse("2026-11-29T10:00:00Z");

    private final ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(demo, Instructor.LIBRARY));
    private final List<NewClassModel.Begin> begun = new ArrayList<>();
    private final List<String> refused = new ArrayList<>();

    private Optional<NewClassModel> made = Optional.empty();

    @BeforeEach
    void openAStudio() {
        made = Optional.of(new NewClassModel(open, () -> Instructor.LIBRARY,
                new Classes(open, new LocalDisk(), studio()), Clock.fixed(SUNDAY, ZoneOffset.UTC),
                Runnable::run,
                begun::add, Learning.ofNothing()));
    }

    private NewClassModel model() {
        return made.orElseThrow();
    }

    private Brief read(String line) {
        return model().read(line).value().orElseThrow();
    }

    private void begins(NewClassModel.Begin how, String line) {
        Brief brief = read(line);
        Instructor.onFx(() -> {
            model().begin(how, brief, refused::add);
            return open;
        });
    }

    @Test
    void whatIsNotSaidIsAsInTheOpenClassOnItsNextDay() {
        Brief usual = model().usual();

        assertThat(usual.title()).isEqualTo("New class");
        assertThat(usual.date()).as("a Tuesday that is not over").isEqualTo(LocalDate.of(2026, 12, 1));
        assertThat(usual.start()).isEqualTo(demo.brief().start());
        assertThat(usual.room()).isEqualTo(demo.brief().room());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            45 min               | 45 | 18:30
            19:15 30 min         | 30 | 19:15
            18:00 50 min 8 people | 50 | 18:00
            """)
    void aLineSaysSlotAndTime(String line, int minutes, LocalTime start) {
        assertThat(read(line).slot()).isEqualTo(Duration.ofMinutes(minutes));
        assertThat(read(line).start()).isEqualTo(start);
    }

    @Test
    void theShapeHasItsSegmentsAndNoLines() {
        begins(NewClassModel.Begin.SHAPE, "45 min");

        assertThat(open.plan().segments()).extracting(Segment::role).contains(Role.WARM_UP, Role.STRETCH);
        assertThat(open.plan().items()).isEmpty();
        assertThat(open.plan().brief().slot()).isEqualTo(Duration.ofMinutes(45));
        assertThat(open.plan().identity().plan()).isNotEqualTo(demo.identity().plan());
        assertThat(begun).containsExactly(NewClassModel.Begin.SHAPE);
        assertThat(open.undoName().get()).as("a new class has no steps yet").isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"EMPTY", "TEXT"})
    void anEmptyClassHasOneEmptySegment(NewClassModel.Begin how) {
        begins(how, "30 min");

        assertThat(open.plan().segments()).singleElement()
                .satisfies(segment -> assertThat(segment.entries()).isEmpty());
        assertThat(begun).containsExactly(how);
    }

    @Test
    void aDraftIsAWholeClassThatEndsInItsSlot() {
        begins(NewClassModel.Begin.DRAFT, "30 min");
        Later.until("it is drafted", () -> !begun.isEmpty());

        assertThat(open.plan().items()).hasSizeGreaterThan(10);
        assertThat(Timeline.of(open.plan()).fit().over()).isFalse();
        assertThat(refused).containsExactly("");
    }

    @Test
    void theLastClassOfTheHourComesAgainOnItsNewDayOrItIsSaidThatThereIsNone() throws Exception {
        begins(NewClassModel.Begin.AGAIN, "60 min");
        Later.until("the answer is there", () -> !refused.isEmpty());
        assertThat(refused).containsExactly("There is no class of this hour or kind yet.");
        assertThat(begun).isEmpty();
        assertThat(open.plan()).isEqualTo(demo);

        studio().studio().plans().save(StoredPlan.of(demo),
                PlanDocument.of(demo, Instructor.LIBRARY).bytes(), "climb", 0, SUNDAY);
        begins(NewClassModel.Begin.AGAIN, "60 min");
        Later.until("it is open", () -> !begun.isEmpty());

        assertThat(open.plan().brief().date()).isEqualTo(LocalDate.of(2026, 12, 1));
        assertThat(open.plan().brief().title()).isEqualTo(demo.brief().title());
        assertThat(open.plan().identity().plan()).isNotEqualTo(demo.identity().plan());
        assertThat(open.plan().items().map(each -> each.exercise().id()))
                .containsExactlyElementsOf(demo.items().map(each -> each.exercise().id()).toList());
    }
}
