package app.kehre.desk;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.extension.ConditionEvaluationResult;
import org.junit.jupiter.api.extension.ExecutionCondition;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.extension.ExtensionContext;

/** A test of a gesture that JavaFX's headless platform cannot make. Skipped, with the reason, without a display. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@Tag("display")
@ExtendWith(NeedsDisplay.Condition.class)
public @interface NeedsDisplay {

    /** Looks for a display. */
    final class Condition implements ExecutionCondition {
        @Override
        public ConditionEvaluationResult evaluateExecutionCondition(ExtensionContext context) {
            boolean unix = !System.getProperty("os.name", "").matches("(?i)(windows|mac).*");
            return unix && System.getenv().getOrDefault("DISPLAY", "").isBlank()
                    ? ConditionEvaluationResult.disabled(
                            "no display: dragging and scrolling need one (xvfb-run mvn -B verify)")
                    : ConditionEvaluationResult.enabled("there is a display");
        }
    }
}
