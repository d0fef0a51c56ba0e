/**
 * What is kept between classes, as ports: {@link app.kehre.core.studio.Records} are the classes that were taught. How it lies on
 * the disk is for the store to know. Nothing is null.
 */
@NullMarked
package app.kehre.core.studio;

import org.jspecify.annotations.NullMarked;
