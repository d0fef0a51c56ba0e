/**
 * What is kept between classes, as ports: {@link app.kehre.core.studio.Studio} holds the {@link app.kehre.core.studio.Plans}
 * with every version that was saved, the {@link app.kehre.core.studio.Records} of classes that were taught, and a
 * {@link app.kehre.core.studio.Shelf} for what is kept whole. How it lies on the disk is for the store to know. Nothing is null.
 */
@NullMarked
package app.kehre.core.studio;

import org.jspecify.annotations.NullMarked;
