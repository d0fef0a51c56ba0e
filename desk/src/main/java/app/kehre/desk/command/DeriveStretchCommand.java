package app.kehre.desk.command;

import java.time.Duration;
import java.util.stream.Collectors;

import picocli.CommandLine.Command;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Ledger;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.value.Lengths;

/** {@code kehre derive-stretch PLAN --minutes 6}. */
@Command(name = "derive-stretch", mixinStandardHelpOptions = true, description = {
        "Derives the stretch of a class from what it loads, and prints what it takes and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:derived", "1:it cannot be derived; the reason is printed",
                "2:the plan could not be read or written"})
final class DeriveStretchCommand extends DeriveCommand {

    @Override
    Proposed derive(ClassPlan plan, Library library, Duration minutes) {
        StretchFromClass derived = StretchFromClass.of(plan, library, minutes);
        return new Proposed(derived.plan(), text(derived, Assessment.of(derived.plan(), library).ledger()),
                derived.reason());
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
