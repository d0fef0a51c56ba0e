package app.kehre.core.shorthand;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Pause;

/** Reads a line in which nobody works: water, a rest, kit, music, talk. */
final class PauseReader {

    private static final Map<Pause.Kind, Set<String>> WORDS = Map.of(
            Pause.Kind.WATER,
            Lexicon.words(
                    "water drink drinks drinking sip sips trinken trinkpause eau agua hydrate hydration wasser"
                            + " wasserpause boire h2o"),
            Pause.Kind.REST,
            Lexicon.words("rest resting pause break breather recover recovery erholung repos descanso"),
            Pause.Kind.TALK,
            Lexicon.words(
                    "welcome hello intro introduction introductions greet greeting greetings thanks thank"
                            + " goodbye bye notices announcements chat talk arrive arrival register briefing brief explain feedback tea"
                            + " bienvenue begrussung willkommen verabschiedung safety hellos thankyou"),
            Pause.Kind.KIT, Lexicon.words("kit equipment setup"),
            Pause.Kind.MUSIC, Lexicon.words("music playlist track song"));
    private static final Set<String> FETCH = Lexicon
            .words("get fetch grab put set collect take pick away hand clear tidy holen lay change");
    private static final Set<String> THINGS = Lexicon.words(
            "weights weight mats mat steps step bands band chairs chair dumbbells dbs kit equipment towels towel kettlebells up out"
                    + " down away back");
    private static final Set<String> BESIDE = Lexicon.words(
            "everyone everybody quick short long small big next round rounds between names name new who plan options injuries how see"
                    + " you stations station change changeover breathe breath");
    private static final double ENOUGH = 0.6;

    private PauseReader() {}

    /** Finds the pause that a line is; nothing where it is something else. */
    static Optional<Pause> read(List<Token> tokens, EntryId id) {
        List<String> words = tokens.stream().filter(Token::isWord).map(Token::text).toList();
        if (words.isEmpty()) {
            return Optional.empty();
        }
        return kind(words).map(kind -> {
            Pause pause = Pause.of(id, kind);
            return length(tokens).filter(each -> Pause.LENGTH.problem(each).isEmpty()).map(pause::withLength)
                    .orElse(pause);
        });
    }

    private static Optional<Pause.Kind> kind(List<String> words) {
        if (fetches(words)) {
            return Optional.of(Pause.Kind.KIT);
        }
        List<Pause.Kind> order = List.of(Pause.Kind.WATER, Pause.Kind.TALK, Pause.Kind.KIT, Pause.Kind.REST);
        for (Pause.Kind kind : order) {
            Set<String> own = WORDS.getOrDefault(kind, Set.of());
            boolean begins = own.contains(words.getFirst());
            boolean few = begins && words.size() <= 3 && kind != Pause.Kind.REST;
            if (words.stream().anyMatch(own::contains) && (share(words) >= ENOUGH || few
                    || begins && kind == Pause.Kind.TALK)) {
                return Optional.of(kind);
            }
        }
        boolean music = words.contains("change")
                && words.stream().anyMatch(List.of("music", "track", "song")::contains);
        return music && share(words) >= ENOUGH ? Optional.of(Pause.Kind.MUSIC) : Optional.empty();
    }

    private static boolean fetches(List<String> words) {
        return FETCH.contains(words.getFirst()) && words.stream().skip(1).anyMatch(THINGS::contains)
                && words.stream().allMatch(word -> FETCH.contains(word) || THINGS.contains(word)
                        || Lexicon.SMALL.contains(word) || word.equals("min") || word.equals("s")
                        || word.equals("sec"));
    }

    private static double share(List<String> words) {
        Set<String> all = Stream.concat(WORDS.values().stream().flatMap(Set::stream), BESIDE.stream())
                .collect(Collectors.toSet());
        List<String> telling = words.stream().filter(word -> !Lexicon.SMALL.contains(word)).toList();
        long known = telling.stream().filter(word -> all.contains(word) || FETCH.contains(word)
                || Lexicon.number(word) > 0
                || List.of("min", "mins", "minute", "minutes", "sec", "s", "seconds")
                        .contains(word))
                .count();
        return telling.isEmpty() ? 0 : (double) known / telling.size();
    }

    /** Finds the length that stands anywhere in a line. */
    static Optional<Duration> length(List<Token> tokens) {
        FactReader facts = new FactReader(tokens);
        for (int at = 0; at < tokens.size(); at++) {
            Optional<FactReader.Span> span = facts.span(at);
            if (span.isPresent()) {
                return span.map(FactReader.Span::length);
            }
        }
        return Optional.empty();
    }
}
