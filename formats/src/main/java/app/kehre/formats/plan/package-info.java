/** The plan document, {@code NAME.kehre.json}: format "kehre-plan", with a version and a way up from older ones. */
@NullMarked
package app.kehre.formats.plan;

import org.jspecify.annotations.NullMarked;
