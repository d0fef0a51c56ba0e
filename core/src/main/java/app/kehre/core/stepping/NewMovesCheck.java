package app.kehre.core.stepping;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;

/** Whether a phrase holds more new moves than the group bears. */
final class NewMovesCheck implements Check {

    @Override
    public List<Finding> of(Checked checked) {
        List<Finding> found = new ArrayList<>();
        if (checked.combination().known()) {
            return found;
        }
        Map<Integer, Set<String>> moves = new LinkedHashMap<>();
        Map<Integer, Integer> crossing = new LinkedHashMap<>();
        int most = checked.conditions().limits().newMoves(checked.conditions().level());
        int at = 0;
        for (int i = 0; i < checked.combination().moves().size(); i++) {
            DancedMove danced = checked.combination().moves().get(i);
            int phrase = at / (2 * Combination.PHRASE);
            Set<String> inPhrase = moves.computeIfAbsent(phrase, _ -> new LinkedHashSet<>());
            inPhrase.add(danced.move().id());
            if (inPhrase.size() > most) {
                crossing.putIfAbsent(phrase, i);
            }
            at += danced.halfCounts();
        }
        crossing.forEach((phrase, part) -> found.add(misstep(checked, phrase, part,
                moves.getOrDefault(phrase, Set.of()).size(), most)));
        return found;
    }

    private static Finding misstep(Checked checked, int phrase, int part, int moves, int most) {
        return checked.found(CheckKey.NEW_MOVES, Severity.FIX, part, checked.countOf(part),
                "Phrase %d has %d new moves; %s bear %d.".formatted(phrase + 1, moves,
                        checked.conditions().level().words(), most),
                "What is new has to be seen, tried and repeated. Fewer moves, done longer, are learnt sooner.");
    }
}
