package app.kehre.core.typing;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.PaceUnit;
import app.kehre.core.pace.Quantity;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/** A quantity of the pace as the text that is edited in place. */
public final class PaceText {

    private static final Pattern NUMBER = Pattern
            .compile("(\\d{1,4}(?:\\.\\d{1,2})?)\\s*(s|sec|counts?|times|x)?");

    private PaceText() {}

    /** Returns the pace with a quantity, in a style where it depends on it, set to what the text says. */
    public static Reading<Pace> with(Pace pace, Quantity quantity, School.Teaching style, String text) {
        return value(quantity, text).flatMap(value -> quantity.problem(value).map(Reading::<Pace>refused)
                .orElseGet(() -> Reading.of(pace.with(quantity, style, value))));
    }

    private static Reading<Double> value(Quantity quantity, String text) {
        Matcher number = NUMBER.matcher(text.strip());
        if (number.matches()) {
            return Reading.of(Double.parseDouble(number.group(1)));
        }
        return quantity.unit() == PaceUnit.SECONDS
                ? Lengths.parse(text).map(length -> (double) length.toSeconds())
                : Reading.refused("\"%s\" is no number: write it like %s.".formatted(text.strip(),
                        quantity.print(quantity.most() / 2)));
    }
}
