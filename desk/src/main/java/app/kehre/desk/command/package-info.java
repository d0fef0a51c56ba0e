/**
 * The command line: one class a command, all with the same exit codes (0 done, 1 something found or refused, 2 cannot
 * read or write). {@link app.kehre.desk.command.Main} reads the words, {@link app.kehre.desk.command.PlanCommand} the
 * plan and the library with the own exercises, {@link app.kehre.desk.command.ProposeCommand} prints what any solver
 * proposes.
 *
 * <p>{@code kehre fit PLAN --slot 45 -o OUT} writes nothing but OUT. {@link app.kehre.desk.command.Launch} opens the
 * window. {@code Shots}, {@code PulsesCommand}, {@code FxThread} and {@code HandClock} are tools of the developers.
 * Nothing is null.
 */
@NullMarked
package app.kehre.desk.command;

import org.jspecify.annotations.NullMarked;
