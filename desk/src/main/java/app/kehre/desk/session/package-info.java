/**
 * The open class and what outlives it: {@link app.kehre.desk.session.OpenPlan} is the plan with its history, its file
 * and what is only being typed; {@link app.kehre.desk.session.JudgedPlan} is the same class laid out and judged, once
 * after each edit, for all places.
 *
 * <p>{@code open.edit("Dose of Squat", plan -> ...)} makes one step to undo, or says why not. Beside it are kept: the
 * copy for a crash ({@link app.kehre.desk.session.Recovery}), the place in a class that is taught, own exercises, count
 * patterns, and where the window was. Everything here is used on the JavaFX thread, except where a type says otherwise.
 * Nothing is null.
 */
@NullMarked
package app.kehre.desk.session;

import org.jspecify.annotations.NullMarked;
