/**
 * The Log place: the class that was taught last against its plan, all classes, the pace that is learned, and what groups did.
 * Nothing is null.
 */
@NullMarked
package app.kehre.desk.log;

import org.jspecify.annotations.NullMarked;
