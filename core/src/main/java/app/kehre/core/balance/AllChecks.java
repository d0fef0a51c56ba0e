package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import app.kehre.core.finding.Finding;

/** All that is asked of a class. */
final class AllChecks {

    /** In the order of figures.md: time, effort, areas, preparation, choreography, floor, people, music. */
    static final List<Check> ALL = List.of(new OverSlotCheck(), new UnderSlotCheck(), EdgeCheck.warmUp(),
            EdgeCheck.coolDown(), new ExplainingCheck(), new ChangeoverCheck(), new LongTalkCheck(),
            new WaterCheck(),
            new EndCheck(),
            new SpareCheck(), new JumpCheck(), new PeakCheck(), new EarlyPeakCheck(), new ColdStartCheck(),
            new StopCheck(), new InsideCheck(),
            new TonedCheck(),
            new ImpactCheck(), new ColdPauseCheck(), new ComesDownCheck(), new PromisedCheck(),
            new QualityCheck(),
            new RatioCheck(),
            new OnEndCheck(), new SmallFirstCheck(), new StandingLegCheck(), new SidesCheck(false),
            new PreparedCheck(), new PreviewCheck(), new BeforePowerCheck(), new ReleaseCheck(),
            new StretchHoldCheck(), new SidesCheck(true), new CombinationCheck(), new StagesCheck(),
            new PatternCheck(), new LostWorkCheck(), new MostDoseCheck(), new StationsCheck(),
            new LevelsCheck(), new ServedCheck(),
            new MonotonyCheck(), new ManyNewCheck(), new EasyFirstCheck(),
            new FloorChangesCheck(),
            new KitChangesCheck(), new CapacityCheck(), new LaidOutCheck(), new TravelCheck(),
            new OptionCheck(),
            new CautionCheck(), new ScreenCheck(), new ScreenLinesCheck(), new LyingCheck(),
            new HardHoldCheck(), new ReminderCheck(),
            new TempoCheck(), new StretchTempoCheck(), new CarriedCheck());

    private AllChecks() {}

    /** Returns what they find, the most serious first, then in the order of the class. */
    static List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        ALL.forEach(check -> findings.addAll(check.of(judged)));
        findings.removeIf(finding -> !finding.key().isAskedOf(judged.brief().part()));
        findings.sort(Comparator.comparing(Finding::severity).thenComparing(finding -> finding.place().at()));
        return findings;
    }
}
