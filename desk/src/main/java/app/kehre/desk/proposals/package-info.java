/** What Kehre proposes: differences that can be read, previewed, taken in part and undone in one step. */
@NullMarked
package app.kehre.desk.proposals;

import org.jspecify.annotations.NullMarked;
