/**
 * A class, or one of its segments, as plain text that is edited freely and taken back as one step.
 *
 * <p>The language is that of {@link app.kehre.core.written}; {@link app.kehre.desk.text.TextViewModel} reads what is typed
 * beside the JavaFX thread and takes it over only when every line could be read. Nothing is null.
 */
@NullMarked
package app.kehre.desk.text;

import org.jspecify.annotations.NullMarked;
