/** Sounds, and what stands in for them where there is no sound device. */
@NullMarked
package app.kehre.desk.sound;

import org.jspecify.annotations.NullMarked;
