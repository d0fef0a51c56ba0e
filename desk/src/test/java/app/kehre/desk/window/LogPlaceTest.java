package app.kehre.desk.window;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.School;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Heading;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Version;
import app.kehre.desk.Instructor;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;

/** After class: what was taught stands beside what was planned, and what is said of it changes the next class. */
class LogPlaceTest extends DemoWindow {

    private interface Reading<T> {
        T of(Studio studio) throws StudioTrouble;
    }

    private <T> T kept(Reading<T> reading) {
        try (StudioFile studio = StudioFile.open(folder.resolve("data").resolve(StudioFile.NAME))) {
            return reading.of(studio);
        } catch (StudioTrouble trouble) {
            throw new AssertionError(trouble);
        }
    }

    private List<RecordRow> rows() {
        return kept(studio -> studio.records().list("", 50));
    }

    private ClassRecord last() {
        return kept(studio -> studio.records().find(studio.records().list("", 1).getFirst().heading().key()))
                .orElseThrow();
    }

    /** Half a minute more is talked at the welcome than planned, then all goes as planned. */
    private void teaches() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE)
                .waits(Duration.ofSeconds(40))
                .presses(KeyCode.T).waits(Duration.ofSeconds(45)).presses(KeyCode.T)
                .waits(Duration.ofMinutes(64))
                .until("it is kept", () -> rows().size() == 1);
        instructor.presses(KeyCode.ESCAPE).presses(KeyCode.DIGIT7, KeyCode.CONTROL).until("it is shown",
                () -> instructor.canSee("#after"));
    }

    @Test
    void theClassIsWrittenDownByItselfAndWhatIsSaidOfItIsKeptAtOnce() {
        teaches();
        assertThat(instructor.words()).contains("Tuesday 24 November, Tuesday Evening Climb")
                .anyMatch(words -> words.matches("talk \\d:\\d\\d, plan 1:10"));

        instructor.clicks("#came").writes("17, 19 new").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#hint")).isEqualTo("19 of 17 who came cannot be new.");
        instructor.writes("17, 2 new").presses(KeyCode.ENTER).clicks("#hard-7").clicks("#next-time")
                .writes("Less talk at the start.").presses(KeyCode.ENTER).clicks("#note-1")
                .writes("8, too long")
                .presses(KeyCode.ENTER);

        instructor.until("all is kept", () -> !last().after().lines().isEmpty());
        After after = last().after();
        assertThat(after.people()).contains(17);
        assertThat(after.newcomers()).contains(2);
        assertThat(after.hard()).contains(7);
        assertThat(after.next()).isEqualTo("Less talk at the start.");
        assertThat(after.lines().values()).containsExactly(new After.Note("too long", Optional.of(8)));
    }

    @Test
    void notesAreWrittenFromLineToLineWithTab() {
        teaches();
        instructor.clicks("#all-lines").clicks("#note-1").writes("too long").presses(KeyCode.TAB)
                .writes("heavier")
                .presses(KeyCode.TAB);

        instructor.until("both are kept", () -> last().after().lines().size() == 2);
        assertThat(last().after().lines().values()).extracting(After.Note::words)
                .containsExactlyInAnyOrder("too long", "heavier");
    }

    @Test
    void aClassThatAnotherWindowDeletedCanBeSavedAgain() {
        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        kept(studio -> {
            studio.plans().delete(instructor.plan().identity().plan(), true);
            return 0;
        });
        Instructor.onFx(() -> {
            instructor.content().lookAgain();
            return 0;
        });
        instructor.until("it is noticed",
                () -> instructor.sees("#hint").equals("No longer in the studio, not saved"));
        instructor.presses(KeyCode.S, KeyCode.CONTROL);

        assertThat(instructor.sees("#hint")).isEqualTo("In the studio \u00b7 all changes saved");
        int plans = kept(studio -> studio.plans().list("", 5).size());
        assertThat(plans).isEqualTo(1);
    }

    @Test
    void theNextClassIsPlannedFromItWithItsNotesAsAProposal() {
        teaches();
        EntryId held = instructor.plan().items().filter(item -> !item.load().isNone()).findFirst()
                .orElseThrow().id();
        instructor.clicks("#all-lines").clicks("#note-" + held).writes("heavier").presses(KeyCode.ENTER)
                .until("it is kept", () -> !last().after().lines().isEmpty());
        instructor.clicks("#next-from-this").until("it is open", () -> instructor.place() == Place.PLAN);

        assertThat(instructor.plan().brief().date()).isEqualTo(LocalDate.of(2026, 12, 1));
        assertThat(instructor.plan().identity().plan()).isNotEqualTo(last().heading().plan());
        instructor.until("it is proposed",
                () -> checks().stream().anyMatch(words -> words.endsWith(": heavier")));
    }

    private List<String> checks() {
        return Instructor.onFx(() -> instructor.content().scene().getRoot().lookupAll(".check-box").stream()
                .map(each -> ((CheckBox) each).getText()).toList());
    }

    @Test
    void aClassIsLoggedByHandTakenOutAndHadBack() {
        instructor.presses(KeyCode.DIGIT7, KeyCode.CONTROL).clicks("#log-hand").clicks("#hand-length")
                .types("fifty").presses(KeyCode.ENTER);
        assertThat(rows()).isEmpty();
        instructor.clicks("#hand-length").writes("58 min").presses(KeyCode.ENTER).until("it is kept",
                () -> rows().size() == 1);
        assertThat(last().heading().origin()).isEqualTo(Heading.Origin.BY_HAND);
        assertThat(last().times().taught()).isEqualTo(Duration.ofMinutes(58));
        assertThat(last().observed()).isEmpty();

        instructor.until("it is shown", () -> instructor.canSee("#after")).clicks("#forget-class")
                .until("it is out", () -> rows().isEmpty());
        instructor.until("it can be had back", () -> instructor.notices().contains("taken out of the log"))
                .clicksButton("Have it back").until("it is back", () -> rows().size() == 1);
    }

    @Test
    void whatWasLearnedIsUsedByTheNextPlanAndCanBePinned() {
        teaches();
        instructor.clicks("#log-pace").until("it is shown", () -> instructor.canSee("#pin-within-reach"))
                .clicks("#pin-within-reach").writes("900").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#hint")).contains("must be from 0 to 120 s, not 900.");
        instructor.writes("5 s").presses(KeyCode.ENTER).until("it is pinned",
                () -> kept(studio -> studio.wishes()).pinned(key()).isPresent());

        instructor.until("it is known", () -> instructor.canSee("#anew-within-reach"))
                .presses(KeyCode.N, KeyCode.CONTROL).presses(KeyCode.ENTER);
        assertThat(instructor.plan().pace().of(Quantity.WITHIN_REACH)).isEqualTo(5);
    }

    @Test
    void yourPaceAndTheUsualOneAreOnePressAwayAndOneStepBack() {
        teaches();
        double usual = instructor.plan().pace().of(Quantity.WITHIN_REACH);
        instructor.clicks("#log-pace").until("it is shown", () -> instructor.canSee("#pin-within-reach"))
                .clicks("#pin-within-reach").writes("11 s").presses(KeyCode.ENTER)
                .until("it is pinned", () -> kept(studio -> studio.wishes()).pinned(key()).isPresent());
        instructor.presses(KeyCode.DIGIT2, KeyCode.CONTROL).until("it is named",
                () -> instructor.sees("#tally-pace").contains(":")).clicks("#tally-pace");

        instructor.until("yours is known", () -> instructor.canSee("#pace-yours")).clicks("#pace-yours");
        assertThat(instructor.plan().pace().of(Quantity.WITHIN_REACH)).isEqualTo(11);
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: your pace");
        assertThat(instructor.words()).anyMatch(words -> words.startsWith("These values are yours, ")
                && words.contains("learnt from 1 class, "));

        instructor.clicks("#pace-usual");
        assertThat(instructor.plan().pace().of(Quantity.WITHIN_REACH)).isEqualTo(usual);
        assertThat(instructor.words())
                .anyMatch(words -> words.startsWith("These are the values of this class, "));
        instructor.clicks("#undo").clicks("#undo");
        assertThat(instructor.sees("#redo")).isEqualTo("Redo: your pace");
    }

    private static PaceWishes.Key key() {
        return new PaceWishes.Key(Quantity.WITHIN_REACH, School.Teaching.FOLLOW_ME);
    }

    @Test
    void twoWindowsTakeTurnsAndNeitherWritesOverTheOther() {
        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        Instructor other = Instructor.withDemo(folder.resolve("data"), disk);
        try {
            assertThat(other.notices()).contains("Another window has the studio open too; both take turns");
            other.clicksButton("All right").presses(KeyCode.DIGIT0, KeyCode.CONTROL)
                    .until("it is shown", () -> other.canSee(".class-card")).clicks(".class-card")
                    .until("it is open", () -> other.sees("#hint").startsWith("In the studio"));
            other.presses(KeyCode.DIGIT2, KeyCode.CONTROL).clicksOnRoad(2).presses(KeyCode.ENTER)
                    .writes("11 eights")
                    .presses(KeyCode.ENTER).presses(KeyCode.S, KeyCode.CONTROL);
        } finally {
            other.close();
        }
        edit();
        instructor.presses(KeyCode.S, KeyCode.CONTROL);

        assertThat(instructor.notices()).contains("was changed in another window since it was opened here");
        instructor.clicksButton("Mine on top");
        assertThat(instructor.sees("#hint")).isEqualTo("In the studio \u00b7 all changes saved");
        List<Version> versions = kept(studio -> studio.plans().versions(instructor.plan().identity().plan()));
        assertThat(versions).hasSize(3);
    }

    /** Another window saves the class with other doses, while this one has changed it too. */
    private ClassPlan changedByAnother() {
        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        OpenPlan theirs = kept(studio -> {
            StoredPlan stored = studio.plans().find(instructor.plan().identity().plan()).orElseThrow();
            try {
                OpenPlan open = new OpenPlan(
                        PlanDocument.read("theirs", studio.plans().document(stored.version()),
                                Instructor.LIBRARY));
                open.edit("Rename", plan -> plan.with(plan.brief().withTitle("Their Climb")));
                studio.plans().save(StoredPlan.of(open.plan()), open.document().bytes(), "climb",
                        stored.version(),
                        clockNow());
                return open;
            } catch (UnreadableFile | ChangedElsewhere impossible) {
                throw new AssertionError(impossible);
            }
        });
        edit();
        instructor.presses(KeyCode.S, KeyCode.CONTROL);
        assertThat(instructor.notices()).contains("was changed in another window since it was opened here");
        return theirs.plan();
    }

    private Instant clockNow() {
        return instructor.clock().instant();
    }

    @Test
    void theirsIsTakenAndMineStaysOneUndoAway() {
        ClassPlan theirs = changedByAnother();
        ClassPlan mine = instructor.plan();
        instructor.clicksButton("Take theirs").until("it is theirs",
                () -> instructor.plan().brief().title().equals("Their Climb"));

        assertThat(instructor.plan().segments()).isEqualTo(theirs.segments());
        assertThat(instructor.sees("#hint")).isEqualTo("In the studio \u00b7 all changes saved");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan().segments()).isEqualTo(mine.segments());
    }

    @Test
    void mineBecomesAClassOfItsOwnAndTheirsStaysWhereItWas() {
        changedByAnother();
        instructor.clicksButton("Mine as a class of its own");

        List<String> titles = kept(
                studio -> studio.plans().list("", 5).stream().map(StoredPlan::title).toList());
        assertThat(titles).containsExactlyInAnyOrder("Their Climb", "Tuesday Evening Climb");
        assertThat(instructor.sees("#hint")).isEqualTo("In the studio \u00b7 all changes saved");
    }

    @Test
    void theStudioIsCopiedElsewhere() throws StudioTrouble {
        instructor.presses(KeyCode.S, KeyCode.CONTROL).presses(KeyCode.DIGIT7, KeyCode.CONTROL)
                .answers(folder.resolve("copy")).clicks("#copy-studio")
                .until("it is copied", () -> instructor.sees("#hint").endsWith("copy.db; it is whole."));

        try (StudioFile copy = StudioFile.open(folder.resolve("copy.db"))) {
            assertThat(copy.plans().list("", 5)).hasSize(1);
        }
    }
}
