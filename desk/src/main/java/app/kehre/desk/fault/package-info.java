/**
 * Faults of the program itself. The user sees one sentence, wherever it happened; where in the program it was is written
 * to a log file in the data folder ({@link app.kehre.desk.fault.FaultLog}). It knows no place and no plan: nothing of what
 * somebody wrote goes into the log.
 */
@org.jspecify.annotations.NullMarked
package app.kehre.desk.fault;
