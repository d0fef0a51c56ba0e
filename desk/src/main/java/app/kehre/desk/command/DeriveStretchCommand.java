package app.kehre.desk.command;

import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Ledger;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Lengths;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.Item;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.PlanDocument;

/** {@code kehre derive-stretch PLAN --minutes 6}. */
@Command(name = "derive-stretch", mixinStandardHelpOptions = true, description = {
        "Derives the stretch of a class from what it loads, and prints what it takes and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:derived", "1:it cannot be derived; the reason is printed",
                "2:the plan could not be read or written"})
final class DeriveStretchCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Option(names = "--minutes", paramLabel = "MINUTES", required = true, description = "How long the stretch may take, 1 to 60.")
    private int minutes;

    @Option(names = {"-o",
            "--output"}, paramLabel = "OUT", description = "Write the class with it to a file.")
    private @Nullable Path output;

    @Override
    public Integer call() {
        return PlanCommand.run(plan, this::derive);
    }

    private int derive(PlanDocument document) {
        Library library = BuiltInLibrary.load();
        StretchFromClass derived = StretchFromClass.of(document.plan(), library,
                Duration.ofMinutes(Math.clamp(minutes, 1, 60)));
        if (!derived.reason().isEmpty()) {
            System.err.println(derived.reason());
            return 1;
        }
        PlanCommand.print(text(derived, Assessment.of(derived.plan(), library).ledger()));
        return PlanCommand.write(output, document.with(derived.plan()));
    }

    private static String text(StretchFromClass derived, Ledger ledger) {
        StringBuilder text = new StringBuilder();
        for (Item item : derived.items()) {
            text.append("- %s, %s: %s%n".formatted(item.name(), DoseNotation.print(item.dose()),
                    item.exercise().main()
                            .stream().map(muscle -> "%s loaded for %s".formatted(muscle.words(),
                                    Lengths.clock(Duration.ofSeconds(Math.round(ledger.of(muscle).load())))))
                            .collect(Collectors.joining(", "))));
        }
        text.append("Released: muscle groups with %d %% of the load.%n"
                .formatted(Math.round(100 * derived.covered())));
        derived.takeHome()
                .forEach(each -> text.append("Take home: %s%n".formatted(StretchFromClass.bothSides(each))));
        return text.toString();
    }
}
