/**
 * A class tried before anybody comes: {@link app.kehre.core.rehearsal.Rehearsal} teaches it with a simulated instructor who is
 * slow, talks and forgets as a seed says, through the same presses as in the hall; {@link app.kehre.core.rehearsal.Forecast}
 * is what many of them come to. {@link app.kehre.core.rehearsal.HeartRates} and {@link app.kehre.core.rehearsal.MusicDeck} are
 * where straps and a deck would be connected; small stand-ins that ship with Kehre are behind them, and nothing else. The same
 * seed gives the same rehearsal. Nothing is null.
 */
@NullMarked
package app.kehre.core.rehearsal;

import org.jspecify.annotations.NullMarked;
