package app.kehre.core.studio;

import java.time.Instant;

import app.kehre.core.plan.PlanId;

/**
 * A version of a plan as it was saved.
 *
 * @param number its number, over all plans; a later one is greater
 * @param plan which plan
 * @param name what the instructor called it; may be empty
 * @param saved when
 */
public record Version(long number, PlanId plan, String name, Instant saved) {}
