package app.kehre.core.shorthand;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.exercise.Exercise;

/** All names of all exercises, found by their words in whatever form: whole, in another order, begun, with slips. */
final class NameIndex {

    /** Words that do not tell names apart. */
    static final Set<String> SMALL = Lexicon.words("a an and at for in of on or the to with against off w/");
    private static final double OTHER_ORDER = 0.95;
    private static final double LESS_USUAL = 0.07;
    private static final double BEGUN_LEAST = 0.5;
    private static final double BEGUN_SHARE = 0.38;
    private static final double SLIP = 0.05;
    private static final int SHORT_WORD = 5;
    private static final double SHORT_SLIP = 0.07;
    private static final int MOST_SPELLINGS = 12;
    private static final int MOST_BEGUN = 24;

    /** A name of an exercise in its stems, and how usual it is for it, 0 to 1. */
    private record Name(Exercise exercise, List<String> stems, String words, double usual) {}

    /**
     * An exercise that some words may name.
     *
     * @param exercise the exercise
     * @param called which of its names that is; empty where the words are only a part of one, or misspelt
     * @param quality how well, 0 to 1: 1 for a whole name
     */
    record Match(Exercise exercise, String called, double quality) {}

    private final Map<String, List<Name>> whole = new HashMap<>();
    private final Map<String, List<Name>> bags = new HashMap<>();
    private final Map<String, List<Name>> byStem = new HashMap<>();
    private final Spellings spellings;

    NameIndex(Collection<Exercise> exercises) {
        for (Exercise exercise : exercises) {
            exercise.called().forEach(words -> add(exercise, words, 1));
        }
        nicknames(exercises);
        spellings = new Spellings(byStem.keySet());
    }

    private void add(Exercise exercise, String words, double quality) {
        List<String> stems = Lexicon.stems(Lexer.tokens(words).stream().filter(Token::isWord).map(Token::text)
                .toList());
        if (stems.isEmpty()) {
            return;
        }
        Name name = new Name(exercise, stems, words, quality);
        whole.computeIfAbsent(String.join("", stems), _ -> new ArrayList<>()).add(name);
        bags.computeIfAbsent(bag(stems), _ -> new ArrayList<>()).add(name);
        stems.stream().distinct()
                .forEach(stem -> byStem.computeIfAbsent(stem, _ -> new ArrayList<>()).add(name));
    }

    /** The most usual exercise of a short name is a little better than the others; where the line stands may say otherwise. */
    private void nicknames(Collection<Exercise> exercises) {
        Map<String, Exercise> byId = new HashMap<>();
        exercises.forEach(each -> byId.put(each.id(), each));
        Nicknames.all().forEach((words, ids) -> {
            double quality = 1;
            for (String id : ids) {
                Exercise exercise = byId.get(id);
                if (exercise != null) {
                    add(exercise, words, quality);
                    quality = 1 - LESS_USUAL;
                }
            }
        });
    }

    private static String bag(List<String> stems) {
        return String.join(" ", stems.stream().sorted().toList());
    }

    /** Returns whether a stem is a word of some name, as it is or with a slip. */
    boolean knows(String stem) {
        return byStem.containsKey(stem) || !spellings.near(stem).isEmpty();
    }

    /** Returns whether a stem is a word of some name just as it is. */
    boolean has(String stem) {
        return byStem.containsKey(stem);
    }

    /** Returns the exercises that some stems may name, each once, the best first. */
    List<Match> find(List<String> stems) {
        Map<String, Match> best = new LinkedHashMap<>();
        for (Spelt spelt : spelt(stems)) {
            Stream.concat(exactly(spelt.stems()), begun(spelt.stems())).forEach(match -> {
                Match fair = spelt.slips() == 0
                        ? match
                        : new Match(match.exercise(), "", match.quality()
                                - SLIP * spelt.slips() * (spelt.slips() + 1) / 2 - spelt.short_());
                best.merge(match.exercise().id(), fair,
                        (one, other) -> one.quality() >= other.quality() ? one : other);
            });
        }
        return best.values().stream().sorted(Comparator.comparingDouble(Match::quality).reversed()).toList();
    }

    private Stream<Match> exactly(List<String> stems) {
        String joined = String.join("", stems);
        List<Name> same = whole.getOrDefault(joined, List.of());
        List<Name> mixed = same.isEmpty() ? bags.getOrDefault(bag(stems), List.of()) : List.of();
        return Stream.concat(
                same.stream().map(each -> new Match(each.exercise(), each.words(), each.usual())),
                mixed.stream()
                        .map(each -> new Match(each.exercise(), each.words(), each.usual() * OTHER_ORDER)));
    }

    /** Names that have all the words and some more. */
    private Stream<Match> begun(List<String> stems) {
        List<Name> fewest = stems.stream().map(stem -> byStem.getOrDefault(stem, List.of()))
                .min(Comparator.comparingInt(List::size)).orElse(List.of());
        return fewest.stream()
                .filter(name -> name.stems().size() > stems.size() && name.stems().containsAll(stems))
                .limit(MOST_BEGUN * 4L)
                .map(name -> new Match(name.exercise(), "",
                        BEGUN_LEAST + BEGUN_SHARE * stems.size() / name.stems().size()))
                .sorted(Comparator.comparingDouble(Match::quality).reversed()).limit(MOST_BEGUN);
    }

    /** Words with their slips mended; a short one that is mended may be another word altogether. */
    private record Spelt(List<String> stems, int slips, double short_) {}

    /** Known words near a stem, or near it with the ending that it may have lost: "pres" is press. */
    private List<Spellings.Near> near(String stem) {
        List<Spellings.Near> near = new ArrayList<>(spellings.near(stem));
        near.addAll(near.isEmpty() ? spellings.near(stem + "s") : List.of());
        return near;
    }

    /** The words as they are where all are known, else with each unknown one as the known ones near it. */
    private List<Spelt> spelt(List<String> stems) {
        List<Spelt> all = List.of(new Spelt(List.of(), 0, 0));
        for (String stem : stems) {
            List<Spellings.Near> ways = byStem.containsKey(stem)
                    ? List.of(new Spellings.Near(stem, 0))
                    : near(stem);
            List<Spelt> next = new ArrayList<>();
            for (Spelt before : all) {
                for (Spellings.Near way : ways) {
                    List<String> longer = new ArrayList<>(before.stems());
                    longer.add(way.word());
                    double short_ = way.slips() > 0 && stem.length() < SHORT_WORD ? SHORT_SLIP : 0;
                    next.add(new Spelt(longer, before.slips() + way.slips(), before.short_() + short_));
                }
            }
            all = next.stream().limit(MOST_SPELLINGS).toList();
        }
        // A name written in one word or in two is found by its letters alone.
        return all.isEmpty() && whole.containsKey(String.join("", stems))
                ? List.of(new Spelt(List.copyOf(stems), 0, 0))
                : all;
    }
}
