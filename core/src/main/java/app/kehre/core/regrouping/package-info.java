/** Regrouping: the order of a part in which the group goes down and fetches kit as seldom as the order school allows. */
@NullMarked
package app.kehre.core.regrouping;

import org.jspecify.annotations.NullMarked;
