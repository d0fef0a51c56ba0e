/**
 * The Brief place: who comes, what is there, what was promised, how the class is taught, and by which figures it is
 * judged. Each field is typed text that the core reads ({@code BriefText}, {@code GroupText}) and refuses with a
 * sentence; {@link app.kehre.desk.brief.BriefViewModel} makes the edits. Nothing is null.
 */
@NullMarked
package app.kehre.desk.brief;

import org.jspecify.annotations.NullMarked;
