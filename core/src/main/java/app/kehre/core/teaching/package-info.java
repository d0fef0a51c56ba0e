/**
 * Teaching a class. {@link app.kehre.core.teaching.Teaching} is a class that is taught with every {@link
 * app.kehre.core.teaching.Press} that brought it where it stands, {@link app.kehre.core.teaching.TeachingRun} where that is,
 * {@link app.kehre.core.teaching.Moment} what holds at an instant. The class goes on by itself along its timeline; a press
 * moves it, makes what runs longer or shorter, or changes what is still to come ({@link app.kehre.core.teaching.Course}).
 * What was taught is a list of {@link app.kehre.core.teaching.Visit}s that never loses a second; what one side has done and
 * the other not is a {@link app.kehre.core.teaching.Debt}. Clocks are passed in, so that an hour can be taught in a second.
 * Nothing is null.
 */
@NullMarked
package app.kehre.core.teaching;

import org.jspecify.annotations.NullMarked;
