/**
 * The ground that all other rooms stand on, and that knows none of them: a number's range with the words that refuse what
 * lies outside ({@link app.kehre.core.value.Range}), a text that was understood or not ({@link
 * app.kehre.core.value.Reading}), lengths of time as people write and read them ({@link app.kehre.core.value.Lengths}),
 * the sides of the body, and terms with a key that is stored and words that are read ({@link app.kehre.core.value.Named}).
 *
 * <p>{@code Range.of("sets", 1, 20).problem(0)} is "Sets must be from 1 to 20, not 0." Time is a {@link
 * java.time.Duration}; seconds appear only where a person reads them. Nothing is null.
 */
@NullMarked
package app.kehre.core.value;

import org.jspecify.annotations.NullMarked;
