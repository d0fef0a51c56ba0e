package app.kehre.core.balance;

import app.kehre.core.plan.ClassPlan;

/**
 * A way to mend a finding: one local edit.
 *
 * @param words what is done, a few words
 * @param mended the plan with it done
 */
public record Mend(String words, ClassPlan mended) {}
