package app.kehre.trials.balance;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.lifecycle.AfterContainer;
import org.junit.jupiter.api.Test;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Quality;
import app.kehre.core.dose.UsualMost;
import app.kehre.core.exercise.Position;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.DoseLength;

import static org.assertj.core.api.Assertions.assertThat;

/** What is offered to mend something mends it. */
class MendsTest {

    /** Of each fact so many ways are tried: an instructor is shown no more at once. */
    private static final int SHOWN = 3;
    private static final Map<CheckKey, AtomicInteger> TRIED = new ConcurrentHashMap<>();

    private static final List<String> WARM = List.of("march 16 eights", "step-touch 12 eights",
            "hip-hinge 12 reps",
            "calf-stretch stretch 40 s, each side", "jack 30 s on, 10 s off, x2",
            "wrist-ankle-circles hold 20 s, each side");
    private static final List<String> DANCED = List.of("march 16 eights", "grapevine 32 eights",
            "jog 90 s on",
            "jack 40 s on, 20 s off, x4", "step-touch 64 eights", "water", "squat-jump 30 s on, 10 s off, x3",
            "talk");
    private static final List<String> TONED = List.of("squat 2 x 12 reps, rest 15 s",
            "reverse-lunge 12 reps, right side",
            "reverse-lunge 8 reps, left side", "bent-row 2 x 12 reps, rest 15 s @ 2 light weights",
            "push-up 12 reps",
            "clam 12 reps, right side", "clam 12 reps, each side", "forearm-plank hold 45 s",
            "curl-up 3 x 15 reps, rest 10 s",
            "hip-lift 6 x 15 reps, rest 10 s", "biceps-curl 60 reps @ 2 light weights",
            "upright-squeeze-row 12 reps",
            "high-plank hold 40 s", "back-extension 12 reps", "water");
    private static final List<String> STILL = List.of("calf-stretch stretch 25 s, each side",
            "hamstring-stretch stretch 8 s, each side", "figure-four stretch 30 s, right side",
            "childs-pose stretch 40 s",
            "quiet-breathing 7 breaths", "march 8 eights");

    @Provide
    Arbitrary<Hall> classes() {
        return Combinators.combine(some(WARM, 4), some(DANCED, 4), some(TONED, 7), some(STILL, 4),
                Arbitraries.of(10, 20, 30, 45), Arbitraries.of(Limit.class), Arbitraries.of(0, 0, 2),
                Arbitraries.of(Quality.class))
                .as((warm, danced, toned, still, slot, limit, having, quality) -> {
                    Hall hall = Hall.slot(slot).group(group -> group.withLimit(limit, having))
                            .brief(brief -> brief.with(brief.goal().with(quality, true)));
                    hall = warm.isEmpty() ? hall : hall.warmUp(warm);
                    hall = danced.isEmpty() ? hall : hall.aerobic(danced);
                    hall = toned.isEmpty() ? hall : hall.toning(toned);
                    return still.isEmpty() ? hall : hall.stretch(still);
                });
    }

    private static Arbitrary<String> some(List<String> lines, int most) {
        return Arbitraries.of(lines).list().ofMaxSize(most).map(each -> String.join("; ", each));
    }

    @Property(tries = 2000)
    void eachMendTakesItsFactAwayOrLessensItAndBeginsNothingSerious(@ForAll("classes") Hall hall) {
        Assessment before = hall.judged();
        for (Fact fact : before.facts()) {
            for (Way way : fact.mends().stream().limit(SHOWN).toList()) {
                Assessment after = Assessment.of(way.after(), Hall.LIBRARY);
                String what = "%s > %s".formatted(fact.what(), way.words());

                assertThat(lessened(fact, after)).as(what).isTrue();
                assertThat(begun(before, after)).as(what).isEmpty();
                assertThat(tooMuch(after)).as(what).isSubsetOf(tooMuch(before));
                TRIED.computeIfAbsent(fact.key(), _ -> new AtomicInteger()).incrementAndGet();
            }
        }
    }

    private static boolean lessened(Fact fact, Assessment after) {
        return fact.parts().stream().anyMatch(part -> {
            List<Finding> still = after.findings().stream().filter(part::sameFact).toList();
            return still.stream().noneMatch(each -> each.severity().compareTo(part.severity()) <= 0
                    && each.extent() > 0.95 * part.extent()
                    || each.severity() == part.severity() && part.extent() == 0);
        });
    }

    private static List<String> begun(Assessment before, Assessment after) {
        return after.findings().stream()
                .filter(each -> each.severity() != Severity.WATCH && !each.key().ofTheSlot())
                .filter(each -> before.findings().stream().noneMatch(each::sameFact)).map(Finding::what)
                .toList();
    }

    /** Nobody does 75 reps so that the front of the thigh keeps up with the back. */
    private static List<EntryId> tooMuch(Assessment assessment) {
        return assessment.findings().stream().filter(each -> each.key() == CheckKey.DOSE_OVER_MOST)
                .flatMap(each -> each.entry().stream()).toList();
    }

    /** 36 reps with a heavy weight at the chest stood in a draft: three sets of 12 are as many, and each is one that people do. */
    @Property(tries = 300)
    void noMendMakesASetGreaterThanAnybodyDoes(@ForAll("classes") Hall hall) {
        Assessment before = hall.judged();
        for (Fact fact : before.facts()) {
            for (Way way : fact.mends()) {
                assertThat(way.after().items().filter(item -> before.plan().find(item.id()).stream()
                        .noneMatch(was -> was instanceof Item old && old.dose().equals(item.dose()))
                        && longer(before.plan(), item)))
                        .as("%s > %s", fact.what(), way.words())
                        .noneMatch(item -> UsualMost.isTooMuch(item.dose(), item.exercise().dosing().most()));
            }
        }
    }

    private static boolean longer(ClassPlan before, Item item) {
        return before.find(item.id()).filter(Item.class::isInstance).map(Item.class::cast)
                .filter(was -> was.exercise().equals(item.exercise()))
                .map(was -> DoseLength.of(item.dose(), item.exercise(), segment(before, item), before)
                        .compareTo(
                                DoseLength.of(was.dose(), was.exercise(), segment(before, item), before)) > 0)
                .orElse(false);
    }

    private static Segment segment(ClassPlan plan, Item item) {
        return plan.segmentOf(item.id()).orElseThrow();
    }

    /** Straight leg raises stood twice in a row in a draft, lying, in the middle of a standing part. */
    @Test
    void whatIsAddedIsNotThereYetAndStandsWhereThePartStands() {
        Assessment before = Hall.hall().toning("push-up 80 reps; good-morning 40 reps; squat 12 reps")
                .judged();
        List<Way> adding = before.facts().stream().flatMap(fact -> fact.mends().stream())
                .filter(way -> way.words().startsWith("Add ")).toList();

        assertThat(adding).isNotEmpty().allSatisfy(way -> {
            List<Item> more = way.after().items().filter(item -> before.plan().find(item.id()).isEmpty())
                    .toList();
            assertThat(more).extracting(item -> item.exercise().id()).doesNotContain("push-up",
                    "good-morning",
                    "squat");
        });
        assertThat(before.facts()).filteredOn(fact -> fact.mends().stream().anyMatch(adding::contains))
                .allSatisfy(fact -> assertThat(fact.mends().stream().filter(adding::contains).findFirst())
                        .hasValueSatisfying(way -> assertThat(way.after().items()
                                .filter(item -> before.plan().find(item.id()).isEmpty()).findFirst())
                                .hasValueSatisfying(item -> assertThat(item.position().level())
                                        .isEqualTo(Position.Level.STANDING))));
    }

    /** A check that offers nothing to any of two thousand classes would make the property an empty one. */
    @AfterContainer
    static void mostChecksOfferSomething() {
        String tried = TRIED.entrySet().stream().sorted(Map.Entry.comparingByKey())
                .map(each -> each.getKey().key() + " " + each.getValue()).collect(Collectors.joining(", "));
        System.out.println("mends tried: " + tried);
        assertThat(TRIED.keySet()).hasSizeGreaterThan(25);
        assertThat(Stream.of(CheckKey.SIDES, CheckKey.CAUTION, CheckKey.SHORT_WARM_UP, CheckKey.NOT_RELEASED,
                CheckKey.PROMISED_QUALITY, CheckKey.NO_WATER)).allMatch(TRIED::containsKey);
    }
}
