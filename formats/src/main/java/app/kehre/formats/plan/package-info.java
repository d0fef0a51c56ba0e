/**
 * The plan document, {@code NAME.kehre.json}: format "kehre-plan", with a version, a JSON Schema and a way up from every
 * older version ({@link app.kehre.formats.plan.Upgrades}).
 *
 * <p>{@code PlanDocument.read(name, bytes, library)} gives the plan with the exercises that it carries itself; {@code
 * document.with(plan).bytes()} writes it again with all that others had added. What is stored is a key, never the words
 * that people read; doses, loads and footwork are stored in their notation.
 *
 * <p>The fields are described in docs/plan-format.md; each is said once in a {@code Form}, and {@code SchemaTest} holds the
 * schema to it.
 * Lengths are written as they are typed ("40 s", "5 min"). Nothing is null.
 */
@NullMarked
package app.kehre.formats.plan;

import org.jspecify.annotations.NullMarked;
