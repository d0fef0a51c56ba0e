package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryText;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Lengths;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.plan.PlanDocument;

/** {@code kehre draft BRIEF}. */
@Command(name = "draft", mixinStandardHelpOptions = true, description = {
        "Drafts a whole class from its brief, or the empty segments of one that is begun, and prints why each line is there."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:drafted", "1:the brief cannot be met; the reason is printed",
                "2:the brief could not be read, or the class not be written"})
final class DraftCommand implements Callable<Integer> {

    @Parameters(paramLabel = "BRIEF", description = "A plan, NAME.kehre.json: with \"segments\": [] a whole class is drafted.")
    private @Nullable Path brief;

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1", description = "Which of many drafts; the same seed gives the same (1).")
    private long seed;

    @Option(names = "--lately", paramLabel = "PLAN", description = "What the group did lately, to be varied; may be given several times.")
    private List<Path> lately = List.of();

    @Mixin
    private final Output output = new Output();

    @Override
    public Integer call() {
        return PlanCommand.run(brief, (document, library) -> {
            List<ClassPlan> before = new ArrayList<>();
            for (Path each : lately) {
                int code = PlanCommand.run(each, (found, _) -> {
                    before.add(found.plan());
                    return 0;
                });
                if (code != 0) {
                    return code;
                }
            }
            return draft(document, library, before);
        });
    }

    private int draft(PlanDocument document, Library library, List<ClassPlan> before) throws DiskTrouble {
        Draft draft = Drafting.of(document.plan(), library, before, seed);
        if (!draft.reason().isEmpty()) {
            System.err.println(draft.reason());
            return 1;
        }
        output.tell(text(draft));
        output.write(Objects.requireNonNull(brief), document.with(draft.plan()));
        return 0;
    }

    private static String text(Draft draft) {
        StringBuilder text = new StringBuilder();
        for (Segment segment : draft.plan().segments()) {
            text.append("%s, %s%n".formatted(segment.name(),
                    Lengths.clock(draft.assessment().timeline().ofSegment(segment.id()).shown())));
            for (Entry line : ClassPlan.lines(segment).toList()) {
                String why = draft.plan().why(line);
                text.append("- %s, %s%s%n".formatted(line.name(), EntryText.dose(line),
                        why.isEmpty() ? "" : ": " + why));
            }
        }
        text.append("Ends at %s of %s. %s%n".formatted(
                Lengths.clock(draft.assessment().timeline().fit().length()),
                Lengths.clock(draft.assessment().timeline().fit().slot()), draft.assessment().verdict()));
        return text.toString();
    }
}
