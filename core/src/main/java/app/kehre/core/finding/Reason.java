package app.kehre.core.finding;

import app.kehre.core.advice.SourceKind;

/**
 * Why a finding matters.
 *
 * @param why two sentences with the figure
 * @param source what stands behind it
 */
public record Reason(String why, SourceKind source) {}
