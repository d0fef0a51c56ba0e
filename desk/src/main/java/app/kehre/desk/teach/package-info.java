/**
 * The Teach place: what now, which side, how long, what next, read from three metres and worked by single keys. {@link
 * app.kehre.desk.teach.TeachViewModel} runs the class by a clock that is handed to it ({@link
 * app.kehre.desk.teach.SteadyClock} outlives a changed wall clock); the words come from the core's {@code teaching}.
 * Nothing is null.
 */
@NullMarked
package app.kehre.desk.teach;

import org.jspecify.annotations.NullMarked;
