package app.kehre.core.edit;

import app.kehre.core.plan.ClassPlan;

/**
 * A change that an instructor made, as a step to undo.
 *
 * @param name what was done, such as "Add Side plank"
 * @param result the plan after it
 */
public record Edit(String name, ClassPlan result) {}
