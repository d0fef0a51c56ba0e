package app.kehre.core.pace;

import app.kehre.core.brief.School;

/**
 * A value for each teaching style, in the unit of its quantity.
 *
 * @param followMe where the group copies at once
 * @param showThenDo where the work stops to show
 * @param talkItThrough where options and reasons are told first
 */
public record ByStyle(double followMe, double showThenDo, double talkItThrough) {

    /** Returns one value for all styles. */
    static ByStyle all(double value) {
        return new ByStyle(value, value, value);
    }

    /** Returns the value for a style. */
    public double in(School.Teaching style) {
        return switch (style) {
            case FOLLOW_ME -> followMe;
            case SHOW_THEN_DO -> showThenDo;
            case TALK_IT_THROUGH -> talkItThrough;
        };
    }

    /** Returns the same with another value for a style. */
    ByStyle with(School.Teaching style, double value) {
        return switch (style) {
            case FOLLOW_ME -> new ByStyle(value, showThenDo, talkItThrough);
            case SHOW_THEN_DO -> new ByStyle(followMe, value, talkItThrough);
            case TALK_IT_THROUGH -> new ByStyle(followMe, showThenDo, value);
        };
    }
}
