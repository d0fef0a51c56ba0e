/** The Classes place: all plans in a folder. */
@NullMarked
package app.kehre.desk.classes;

import org.jspecify.annotations.NullMarked;
