package app.kehre.desk.command;

import java.time.Duration;

import picocli.CommandLine.Command;

import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;

/** {@code kehre derive-warm-up PLAN --minutes 6}. */
@Command(name = "derive-warm-up", mixinStandardHelpOptions = true, description = {
        "Derives the warm-up of a class from what it asks for, and prints what it takes and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:derived", "1:it cannot be derived; the reason is printed",
                "2:the plan could not be read or written"})
final class DeriveWarmUpCommand extends DeriveCommand {

    @Override
    Proposed derive(ClassPlan plan, Library library, Duration minutes) {
        WarmUpFromClass derived = WarmUpFromClass.of(plan, library, minutes);
        return new Proposed(derived.plan(), text(derived), derived.reason());
    }

    private static String text(WarmUpFromClass derived) {
        StringBuilder text = new StringBuilder();
        for (Item item : derived.items()) {
            text.append("- %s, %s: %s%n".formatted(item.name(), DoseNotation.print(item.dose()),
                    derived.plan().why(item)));
        }
        if (!derived.missing().isEmpty()) {
            text.append("Not prepared in this time: %s.%n".formatted(String.join(", ", derived.missing())));
        }
        return text.toString();
    }
}
