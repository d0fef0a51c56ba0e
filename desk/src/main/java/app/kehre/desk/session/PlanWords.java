package app.kehre.desk.session;

import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.brief.BriefLine;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;

/** What a class can be found by besides its title: its day, its kind, its parts and its lines. */
final class PlanWords {

    private PlanWords() {}

    static String of(ClassPlan plan) {
        return Stream
                .of(Stream.of(BriefLine.print(plan.brief())), plan.segments().stream().map(Segment::name),
                        plan.lines().map(Entry::name))
                .flatMap(each -> each).distinct().collect(Collectors.joining("\n"));
    }
}
