package app.kehre.trials.drafting;

import java.util.List;
import java.util.SplittableRandom;
import java.util.function.Predicate;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.SlotFit;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;

import static org.assertj.core.api.Assertions.assertThat;

/** Classes of which somebody left out a part, drafted again around what is there. */
class HalfFilledClassesTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final int SPARE = 30;
    /** Where most lines stay, no dose of the few others beyond the usual can always meet the slot: a minute is near. */
    private static final int UNDER = 60;

    /** A drafted class without some of its lines; some of the others are locked. */
    private static ClassPlan halfFilled(int brief, long seed) {
        Brief feasible = Briefs.feasible(brief);
        ClassPlan plan = Drafting.of(
                new ClassPlan(feasible, List.of(), Pace.usual(feasible.group().older())), LIBRARY,
                List.of(),
                seed).value().orElseThrow().plan();
        SplittableRandom random = new SplittableRandom(seed);
        for (Entry line : plan.entries().toList()) {
            switch (random.nextInt(5)) {
                case 0, 1 -> plan = plan.remove(line.id());
                case 2 -> plan = line instanceof Item item
                        ? plan.with(item.withDelivery(item.delivery().withLocked(true)))
                        : plan;
                default -> {
                }
            }
        }
        return plan;
    }

    private static List<EntryId> numbers(ClassPlan plan, Predicate<Entry> which) {
        return plan.segments().stream().flatMap(segment -> segment.entries().stream()).filter(which)
                .map(Entry::id).toList();
    }

    private static boolean locked(Entry line) {
        return line instanceof Item item && item.delivery().locked();
    }

    /** All of some lines are as they were and in their order. */
    private static void stays(ClassPlan before, ClassPlan after, Predicate<Entry> which) {
        List<EntryId> ids = numbers(before, which);
        assertThat(numbers(after, line -> ids.contains(line.id()))).isEqualTo(ids);
        assertThat(ids).allSatisfy(id -> assertThat(after.find(id)).isEqualTo(before.find(id)));
    }

    private static void endsInItsSlot(Draft draft) {
        SlotFit fit = draft.assessment().timeline().fit();
        assertThat(fit.over()).isFalse();
        assertThat(draft.assessment()).extracting(Assessment::timeline).extracting(Timeline::plan)
                .isEqualTo(draft.plan());
    }

    @Property(tries = 8, seed = "20261127")
    void whatIsThereStaysAndTheRestIsFilledSoThatTheClassEndsInItsSlot(
            @ForAll @IntRange(min = 1, max = 120) int brief,
            @ForAll @LongRange(min = 1, max = 40) long seed) {
        ClassPlan half = halfFilled(brief, seed);

        Draft draft = Drafting.of(half, LIBRARY, List.of(), seed).value().orElseThrow();

        endsInItsSlot(draft);
        stays(half, draft.plan(), _ -> true);
        assertThat(draft.assessment().timeline().fit().spare().toSeconds())
                .isLessThanOrEqualTo(SPARE + UNDER);
    }

    @Property(tries = 8, seed = "20261127")
    void whatIsLockedStaysWhenTheClassIsDrawnAnewAndEveryNewLineSaysWhy(
            @ForAll @IntRange(min = 1, max = 120) int brief,
            @ForAll @LongRange(min = 1, max = 40) long seed) {
        ClassPlan half = halfFilled(brief, seed);

        Draft draft = Drafting.anew(half, LIBRARY, List.of(), seed + 1).value().orElseThrow();

        endsInItsSlot(draft);
        stays(half, draft.plan(), HalfFilledClassesTest::locked);
        assertThat(draft.plan().lines().filter(line -> half.find(line.id()).isEmpty()))
                .allSatisfy(line -> assertThat(draft.plan().why(line)).isNotBlank());
    }

    @Property(tries = 8, seed = "20261127")
    void aSegmentIsDrawnAnewAndNoOtherFilledOneIsTouched(@ForAll @IntRange(min = 1, max = 120) int brief,
            @ForAll @LongRange(min = 1, max = 40) long seed) {
        ClassPlan half = halfFilled(brief, seed);
        Segment toning = half.segments().stream().filter(each -> each.role() == Role.TONING).findFirst()
                .orElseThrow();

        Draft draft = Drafting.ofSegment(half, toning.id(), LIBRARY, List.of(), seed).value().orElseThrow();

        stays(half, draft.plan(), HalfFilledClassesTest::locked);
        assertThat(half.segments())
                .filteredOn(each -> !each.id().equals(toning.id()) && !each.entries().isEmpty())
                .allSatisfy(each -> assertThat(draft.plan().segment(each.id())).isEqualTo(each));
    }
}
