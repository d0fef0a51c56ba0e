/** The Plan place: brief, switchback, the selected segment's lines. */
@NullMarked
package app.kehre.desk.plan;

import org.jspecify.annotations.NullMarked;
