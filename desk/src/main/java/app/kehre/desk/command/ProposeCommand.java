package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.balance.Offered;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** What the commands share that propose another class and say what is different. */
abstract class ProposeCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Mixin
    private final Output output = new Output();

    /**
     * Makes the proposal.
     *
     * @throws DiskTrouble when another file that it needs cannot be read
     * @throws UnreadableFile when what such a file holds cannot be understood
     */
    abstract Proposal propose(ClassPlan plan, Library library) throws DiskTrouble, UnreadableFile;

    /** Returns which of the ways is taken, from 0. */
    int taken() {
        return 0;
    }

    /** Returns a class as it is judged for this question; as it stands where nothing else is said. */
    ClassPlan judged(ClassPlan plan) {
        return plan;
    }

    @Override
    public Integer call() {
        return PlanCommand.run(plan, this::run);
    }

    private int run(PlanDocument document, Library library) throws DiskTrouble, UnreadableFile {
        Assessment judged = Assessment.of(judged(document.plan()), library);
        Proposal proposal = Offered.of(propose(document.plan(), library), judged, library);
        List<Way> ways = proposal.ways();
        if (ways.size() <= taken()) {
            System.err.println(ways.isEmpty()
                    ? proposal.reason()
                    : "There %s, so there is no way %d.".formatted(
                            ways.size() == 1 ? "is one way" : "are %d ways".formatted(ways.size()),
                            taken() + 1));
            return 1;
        }
        output.tell(text(judged, ways, library));
        output.write(Objects.requireNonNull(plan), document.with(ways.get(taken()).after()));
        return 0;
    }

    private String text(Assessment judged, List<Way> ways, Library library) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < ways.size(); i++) {
            Way way = ways.get(i);
            Effect effect = Effect.of(judged, judged(way.after()), library);
            String mark = ways.size() == 1 ? "" : "%s way %d: ".formatted(i == taken() ? "*" : " ", i + 1);
            text.append("%s%s%n".formatted(mark, way.words()));
            way.lines().forEach(line -> text.append("  %s%n".formatted(line)));
            effect.lines().forEach(line -> text.append("  %s%n".formatted(line)));
        }
        return text.toString();
    }
}
