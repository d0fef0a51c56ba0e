/**
 * What Kehre finds in a class, as JSON for programs and as text for people, and its predicted effort as a table.
 *
 * <p>{@code AssessmentText.json(assessment)} gives each finding with its keys and ids, as a plan document stores them
 * when a finding is set aside, beside the words; times are in milliseconds from the start of the class. {@code
 * EffortTable.csv(effort)} has one row a second, effort from 0 to 10. Only written, never read. Nothing is null.
 */
@NullMarked
package app.kehre.formats.assessment;

import org.jspecify.annotations.NullMarked;
