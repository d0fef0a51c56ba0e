/** How serious a remark about a class is, and what stands behind a figure. */
@NullMarked
package app.kehre.core.advice;

import org.jspecify.annotations.NullMarked;
