/** Classes made right to the minute: what is proposed is a difference that can be read and taken in part. */
@NullMarked
package app.kehre.core.fitting;

import org.jspecify.annotations.NullMarked;
