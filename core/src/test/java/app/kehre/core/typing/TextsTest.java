package app.kehre.core.typing;

import java.time.LocalDate;
import java.time.LocalDateTime;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.BriefText;
import app.kehre.core.capacity.KitNeed;
import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.ROW;
import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** What is typed into the brief, a segment or a line. */
class TextsTest {

    private final ClassPlan plan = Plans.of(60).segment("Toning", Role.TONING, 120)
            .item(ROW, "12 reps", "2 light weights").pause(Pause.Kind.WATER).plan();
    private final Brief brief = plan.brief();

    @ParameterizedTest
    @ValueSource(strings = {"Wed 25 Nov 2026", "25 nov 2026", "2026-11-25", "25.11.2026", "25/11/2026"})
    void aDayIsReadInAnyUsualWay(String text) {
        assertThat(BriefText.withDate(brief, text).value().map(Brief::date))
                .contains(LocalDate.of(2026, 11, 25));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "date|soon|\"soon\" is not a day: write it like 24 Nov 2026 or 2026-11-24.",
            "start|25:00|\"25:00\" is not a time of day: write it like 18:30.",
            "slot|1 min|The slot must be from 2 to 180 min, not 1.",
            "slot|an hour|\"an hour\" is no whole number: write it like 60 min.",
            "people|-2|People must be from 1 to 200, not -2.",
            "title|''|The title must have from 1 to 120 characters, not 0."})
    void aBriefThatCannotBeIsRefusedAtItsField(String field, String text, String sentence) {
        var reading = switch (field) {
            case "date" -> BriefText.withDate(brief, text);
            case "start" -> BriefText.withStart(brief, text);
            case "slot" -> BriefText.withSlot(brief, text);
            case "people" -> BriefText.withPeople(brief, text);
            default -> BriefText.withTitle(brief, text);
        };

        assertThat(reading.problem()).isEqualTo(sentence);
    }

    @Test
    void theBriefIsShownAsItCanBeTyped() {
        assertThat(BriefText.date(brief)).isEqualTo("Tue 24 Nov 2026");
        assertThat(BriefText.start(brief) + " to " + BriefText.end(brief)).isEqualTo("18:30 to 19:30");
        assertThat(BriefText.withSlot(brief, "45").map(BriefText::slot).value()).contains("45 min");
        assertThat(BriefText.withPeople(brief, "1 person").map(BriefText::people).value())
                .contains("1 person");
    }

    @Test
    void aSegmentTakesATargetATempoOrADashForNone() {
        Segment segment = plan.segment(part(1));

        assertThat(SegmentText.withTarget(segment, "9 min").map(SegmentText::target).value())
                .contains("9:00");
        assertThat(SegmentText.withTarget(segment, "-").map(SegmentText::target).value()).contains("-");
        assertThat(SegmentText.withBpm(segment, "126 bpm").map(SegmentText::bpm).value())
                .contains("126 BPM");
        assertThat(SegmentText.withBpm(segment, "1000").problem())
                .isEqualTo("The tempo must be from 60 to 200 BPM, not 1000.");
        assertThat(SegmentText.withTarget(segment, "4:00:00").problem())
                .isEqualTo("A segment's target must be from 0 to 10800 s, not 14400.");
        assertThat(SegmentText.withName(segment, " ").problem())
                .isEqualTo("A segment's name must have from 1 to 80 characters, not 0.");
    }

    @Test
    void aPauseHasALengthInsteadOfADoseAndNoLoad() {
        Entry water = plan.find(line(2)).orElseThrow();

        assertThat(EntryText.withDose(water, "1:10").map(EntryText::dose).value()).contains("70 s");
        assertThat(EntryText.withDose(water, "30 min").problem())
                .isEqualTo("A pause must be from 1 to 1200 s, not 1800.");
        assertThat(EntryText.withLoad(water, "2 light weights").problem())
                .isEqualTo("A pause has no load.");
    }

    @Test
    void aNoteIsOneLineOfLimitedLength() {
        Entry row = plan.find(line(1)).orElseThrow();

        assertThat(EntryText.withNote(row, " Long back ").map(Entry::note).value()).contains("Long back");
        assertThat(EntryText.withNote(row, "a\nb").problem()).isEqualTo("A note must be one line.");
        assertThat(EntryText.withNote(row, "x".repeat(301)).problem())
                .isEqualTo("A note must have at most 300 characters, not 301.");
    }

    @Test
    void kitIsCountedByTheMostThatOnePersonHasAtOnce() {
        ClassPlan weights = Plans.of(60).segment("Toning", Role.TONING, 120)
                .item(ROW, "12 reps", "2 light weights").item(SQUAT, "12 reps", "1 light weight")
                .item(ROW, "8 reps", "1 heavy weight").item(PLANK, "hold 30 s").plan();

        assertThat(KitNeed.of(weights)).extracting(KitNeed::words).containsExactly(
                "mats: 1 each, 12 in all", "light weights: 2 each, 24 in all",
                "heavy weights: 1 each, 12 in all");
        assertThat(KitNeed
                .of(weights.with(brief.with(brief.room().withPlace(Equipment.MAT, KitPlace.BY_THE_WALL)))))
                .first().extracting(KitNeed::place).isEqualTo(KitPlace.BY_THE_WALL);
    }

    @Test
    void aClassStartedNearItsTimeEndsWithTheTimetableAndARehearsalOneSlotLater() {
        assertThat(brief.hardEnd(LocalDateTime.of(2026, 11, 24, 18, 37)))
                .isEqualTo(LocalDateTime.of(2026, 11, 24, 19, 30));
        assertThat(brief.hardEnd(LocalDateTime.of(2026, 11, 23, 9, 0)))
                .isEqualTo(LocalDateTime.of(2026, 11, 23, 10, 0));
    }

    @Test
    void aNewClassHasTheUsualPartsWithinItsHour() {
        ClassPlan skeleton = Skeleton.of(LocalDate.of(2026, 11, 24));

        assertThat(skeleton.segments()).extracting(Segment::role).containsExactly(Role.TALK, Role.WARM_UP,
                Role.AEROBIC, Role.TONING, Role.CORE, Role.STRETCH);
        assertThat(skeleton.segments().stream().mapToLong(each -> each.target().toMinutes()).sum())
                .isBetween(50L, 60L);
    }

    @Test
    void whatStandsForTwoLinesBecomesTwoAndACueBecomesTheNote() {
        ClassPlan two = DoseText.with(plan, line(1), "12 reps right, 8 left").value().orElseThrow();
        ClassPlan cued = DoseText.with(plan, line(1), "12 reps, last 8 counted").value().orElseThrow();

        assertThat(two.entries().map(EntryText::dose)).containsExactly("12 reps, right side",
                "8 reps, left side", "40 s");
        assertThat(EntryText.dose(cued.entry(line(1)))).isEqualTo("12 reps");
        assertThat(cued.entry(line(1)).note()).isEqualTo("last 8 counted");
        assertThat(DoseText.with(plan, line(1), "12 reps right, 8 right").problem())
                .isEqualTo(
                        "\"12 reps right, 8 right\" says the right side twice: write right once and left once.");
        assertThat(DoseText.with(plan, line(2), "last 8 counted").problem()).isNotEmpty();
    }
}
