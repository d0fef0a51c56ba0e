/** Reading JSON so that every fault names its file, its place, what was found and what was expected. */
@NullMarked
package app.kehre.formats.json;

import org.jspecify.annotations.NullMarked;
