/**
 * How serious a remark about a class is ({@link app.kehre.core.advice.Severity}), what stands behind a figure ({@link
 * app.kehre.core.advice.SourceKind}: published, teaching range, Kehre's estimate), and the figures themselves against which
 * a class is judged and which an instructor may change ({@link app.kehre.core.advice.Threshold}).
 *
 * <p>{@code Thresholds.USUAL.with(Threshold.WATER, 20)} asks for water every 20 min. Each figure is a whole number with a
 * unit, a range and a source (docs/figures.md). It knows no plan: who judges by a figure asks for it. Nothing is null.
 */
@NullMarked
package app.kehre.core.advice;

import org.jspecify.annotations.NullMarked;
