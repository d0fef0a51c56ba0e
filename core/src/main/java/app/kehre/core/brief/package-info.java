/**
 * What is fixed before anything is chosen: {@link app.kehre.core.brief.Brief} with the timetable, the
 * {@link app.kehre.core.people.Group} that comes, the {@link app.kehre.core.brief.Room} and its kit, what was
 * promised, and how the class answers the questions on which practitioners differ.
 *
 * <p>What people have to watch is noted so that plans can spare it, never to judge who may take part: that is
 * for the local rules and licensed professionals.
 */
@NullMarked
package app.kehre.core.brief;

import org.jspecify.annotations.NullMarked;
