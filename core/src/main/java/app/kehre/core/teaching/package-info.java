/**
 * Teaching a class from its timeline: {@link app.kehre.core.teaching.TeachingRun} is where the class
 * stands, {@link app.kehre.core.teaching.Moment} what the instructor sees at an instant. The clock is
 * passed in, so that an hour can be taught in a second.
 */
@NullMarked
package app.kehre.core.teaching;

import org.jspecify.annotations.NullMarked;
