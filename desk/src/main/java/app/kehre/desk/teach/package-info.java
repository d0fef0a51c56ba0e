/** The Teach place: what now, what next, how long. */
@NullMarked
package app.kehre.desk.teach;

import org.jspecify.annotations.NullMarked;
