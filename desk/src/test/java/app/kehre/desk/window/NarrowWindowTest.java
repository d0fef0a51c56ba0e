package app.kehre.desk.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** A small window, and a class with more and longer names than fit. */
class NarrowWindowTest {

    private static final double WIDTH = 1024;
    private static final double HEIGHT = 700;
    private static final int MANY = 28;

    @TempDir
    private Path folder;
    private Instructor instructor;

    @BeforeEach
    void openTheDemo() {
        open(demo(), "demo");
    }

    private void open(ClassPlan plan, String name) {
        instructor = Instructor.with(plan, folder.resolve(name), new FaultyDisk());
        instructor.pulls(WIDTH, HEIGHT);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private static ClassPlan demo() {
        return DemoPlan.load(Instructor.LIBRARY).plan();
    }

    @Test
    void nothingBesideTheLinesSticksOut() {
        instructor.clicksOnRoad(demo().items().skip(12).findFirst().orElseThrow().id());
        for (KeyCode side : new KeyCode[]{KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT5}) {
            instructor.presses(side, KeyCode.ALT);
            assertThat(instructor.sticksOutOf(".side")).as(side.getName()).isEmpty();
        }
        instructor.presses(KeyCode.DIGIT4, KeyCode.ALT);
        instructor.until("mends are there", () -> instructor.canSee(".mend"));
        assertThat(instructor.sticksOutOf("#findings")).isEmpty();
    }

    @Test
    void theSideIsADrawerThatEscapeTakesAway() {
        assertThat(instructor.canSee(".side")).isFalse();
        instructor.presses(KeyCode.DIGIT4, KeyCode.ALT);
        assertThat(instructor.canSee(".side")).isTrue();

        instructor.presses(KeyCode.ESCAPE);

        assertThat(instructor.canSee(".side")).isFalse();
    }

    @Test
    void theHeadOfASegmentKeepsToItsOwnRoom() {
        for (Segment segment : demo().segments()) {
            segment.entries().stream().findFirst().ifPresent(line -> instructor.clicksOnRoad(line.id()));
            assertThat(instructor.sticksOutOf("#segment-head")).as(segment.name()).isEmpty();
        }
        instructor.pulls(1280, 800);
        assertThat(instructor.sticksOutOf("#segment-head")).isEmpty();
    }

    @Test
    void whatIsProposedIsSeenAndTakenInASmallWindow() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT).clicks("#propose-fit").clicks("#fit-ask");
        instructor.until("a way is there", () -> instructor.canSee("#fit-way-1"));

        assertThat(instructor.sticksOutOf("#fit")).isEmpty();
        instructor.clicks("#fit-take");

        assertThat(Timeline.of(instructor.plan()).fit().over()).isFalse();
    }

    @Test
    void aSegmentShowsItsNameAndItsLengthAsAWholeOrNotAtAll() {
        ClassPlan plan = demo();
        for (int more = plan.segments().size(); more < MANY; more++) {
            plan = Addables.addSegment(plan, Optional.empty(), Role.TALK);
        }
        for (Segment segment : plan.segments()) {
            plan = plan.with(segment.withName("A name that goes on and on for long"));
        }
        instructor.close();
        open(plan, "long names");

        assertThat(instructor.sticksOutOf(".segment-bar")).isEmpty();
        List<String> lengths = instructor.reads(".segment-length");
        List<String> seen = instructor.readsSeen(".segment-length");
        assertThat(lengths).contains("10:25");
        assertThat(seen).isSubsetOf(lengths).doesNotContain("10:25");
        instructor.pulls(4 * WIDTH, HEIGHT);
        assertThat(instructor.readsSeen(".segment-length")).contains("10:25");
    }

    @Test
    void allPlacesAreReachedAndTheirCommandsAreInside() {
        for (Place place : Place.values()) {
            if (place != Place.TEACH) {
                instructor.presses(KeyCode.getKeyCode(String.valueOf(place.digit())), KeyCode.CONTROL);
                assertThat(instructor.place()).isEqualTo(place);
                assertThat(instructor.sticksOutOf(".root")).as(place.words()).isEmpty();
            }
        }
    }

    /** A note of half a row was cut off beside half a row of nothing, and of an exercise it was not shown at all. */
    @Test
    void theHallShowsWhatIsCalledOutAndTheNoteUncut() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL);
        assertThat(instructor.readsSeen(".option"))
                .containsExactly("Who is new? Knees, back, pregnancy: come and see me.");
        assertThat(instructor.cutOff(".option")).isEmpty();

        instructor.presses(KeyCode.SPACE).presses(KeyCode.RIGHT);

        assertThat(instructor.readsSeen(".option")).contains("Find the beat, roll through the foot",
                "Even, a full sentence still goes");
        assertThat(instructor.cutOff(".option")).isEmpty();
    }

    /** "held..." and "Tonin..." stood above the road of every class. */
    @Test
    void nothingIsSaidByHalves() {
        for (double width : new double[]{1280, WIDTH}) {
            instructor.pulls(width, HEIGHT).until("what takes most is worked out",
                    () -> instructor.sees("#tally-pace").startsWith("new exercise 0:28"));
            assertThat(instructor.cutOff("#tally-pace")).isEmpty();
            assertThat(instructor.cutOff("#tally-segment")).isEmpty();
        }
        for (Place place : List.of(Place.BRIEF, Place.COMBINATION, Place.SHEET, Place.LOG, Place.EXERCISES)) {
            instructor.presses(KeyCode.getKeyCode(String.valueOf(place.digit())), KeyCode.CONTROL);
            assertThat(instructor.cutOff(".label")).as(place.words()).isEmpty();
        }
    }
}
