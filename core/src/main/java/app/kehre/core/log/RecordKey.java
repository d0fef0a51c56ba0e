package app.kehre.core.log;

import java.time.LocalDateTime;

import app.kehre.core.plan.PlanId;

/**
 * What tells a class that was taught from all others.
 *
 * @param plan which plan
 * @param began when it was begun, by the clock on the wall of its place
 */
public record RecordKey(PlanId plan, LocalDateTime began) {}
