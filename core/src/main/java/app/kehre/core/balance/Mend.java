package app.kehre.core.balance;

import java.time.Duration;

import app.kehre.core.plan.ClassPlan;

/**
 * A way to mend a finding: one local edit.
 *
 * @param words what is done, a few words
 * @param longer by how much the class would be longer; below zero shorter
 * @param mended the plan with it done
 */
public record Mend(String words, Duration longer, ClassPlan mended) {}
