package app.kehre.core.studio;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.PlanId;

/**
 * A plan as it stands in a list of the studio.
 *
 * @param plan which plan
 * @param title what the class is called
 * @param group the name of the group that comes each week; empty for none
 * @param date the day on which it is taught
 * @param start the time on the timetable
 * @param saved when it was saved last
 * @param version the number of that version
 */
public record StoredPlan(PlanId plan, String title, String group, LocalDate date, LocalTime start,
        Instant saved, long version) {

    /** Returns how a plan stands in the list before it is saved. */
    public static StoredPlan of(ClassPlan plan) {
        return new StoredPlan(plan.identity().plan(), plan.brief().title(),
                plan.brief().group().regulars().name(), plan.brief().date(), plan.brief().start(),
                Instant.EPOCH, 0);
    }
}
