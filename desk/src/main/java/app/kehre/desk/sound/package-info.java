/**
 * The click of a combination that is played at its tempo. {@link app.kehre.desk.sound.Clicks} finds the loudspeaker, or
 * a stand-in that is silent where there is no sound device; both are a {@link app.kehre.desk.sound.Click}. {@link app.kehre.desk.sound.Tones} are the sounds of
 * a class. Knows no plan and no window. Nothing is null.
 */
@NullMarked
package app.kehre.desk.sound;

import org.jspecify.annotations.NullMarked;
