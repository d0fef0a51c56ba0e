package app.kehre.core.choreography;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The stages of a method for combinations, before they are fitted to the time. */
final class Ladder {

    private static final int TEACH_MOST = 4;
    private static final int DANCED_MOST = (int) Rounds.PASSES.most();
    private static final int HOLD_MOST = 2;
    private static final int FINISHED_WEIGHT = 2;
    private static final int FINALE_WEIGHT = 3;

    private final Build build;
    private final Lesson lesson;
    private final Passes passes;
    private final Rehearsal rehearsal;
    private final List<Rung> rungs = new ArrayList<>();
    private final List<String> undanceable = new ArrayList<>();

    private Ladder(Build build, Lesson lesson, Passes passes, Rehearsal rehearsal) {
        this.rehearsal = rehearsal;
        this.build = build;
        this.lesson = lesson;
        this.passes = passes;
    }

    static Ladder of(Build build, Lesson lesson, Passes passes, Rehearsal rehearsal) {
        Ladder ladder = new Ladder(build, lesson, passes, rehearsal);
        for (int i = 0; i < build.combinations().size(); i++) {
            if (!build.combinations().get(i).moves().isEmpty()) {
                ladder.add(i, build.combinations().get(i));
            }
        }
        ladder.finale();
        return ladder;
    }

    List<Rung> rungs() {
        return rungs;
    }

    /** The titles of the stages that cannot be danced on both leads. */
    List<String> undanceable() {
        return undanceable;
    }

    private void finale() {
        List<Combination> own = danced(build.combinations());
        List<Combination> joined = build.ways().finaleOfAll()
                ? Stream.concat(danced(lesson.before()).stream(), own.stream()).toList()
                : own;
        if (own.isEmpty() || joined.size() < 2) {
            return;
        }
        Chain all = new Chain(joined.stream().anyMatch(Combination::onStep), rehearsal);
        joined.forEach(each -> all.add(each.moves()));
        String title = "finale: " + joined.stream().map(Combination::name).collect(Collectors.joining(" + "));
        add(label(StageKey.finale(), title, Stage.Kind.FINALE, build.combinations().size() - 1), all.parts(),
                DANCED_MOST, FINALE_WEIGHT);
    }

    private static List<Combination> danced(List<Combination> combinations) {
        return combinations.stream().filter(each -> !each.moves().isEmpty()).toList();
    }

    private void add(int at, Combination combination) {
        List<List<DancedMove>> blocks = Blocks.of(combination);
        hold(label(new StageKey(String.valueOf(at + 1)), combination.name(), Stage.Kind.HOLD, at),
                combination.moves(), 1);
        List<Layer> moves = Layer.ofMoves(combination.moves());
        switch (build.method()) {
            case ADD_ON -> addOn(at, combination, blocks, moves);
            case LINK -> link(at, combination, blocks, moves);
            case LAYERING -> {
            }
            case REDUCTION -> {
                reduce(at, combination, blocks, 8, moves);
                reduce(at, combination, blocks, 4, moves);
                reduce(at, combination, blocks, 2, moves);
            }
            case MIXTURE -> {
                List<Layer> layers = Layer.of(combination.moves());
                addOn(at, combination, blocks, layers);
                reduce(at, combination, blocks, 2, layers);
            }
        }
        boolean all = build.method() == Method.LAYERING || build.method() == Method.MIXTURE;
        layers(at, combination, all ? Layer.of(combination.moves()) : moves);
        add(label(StageKey.of(at, "finished"), "finished", Stage.Kind.FINISHED, at), combination.moves(),
                DANCED_MOST, FINISHED_WEIGHT);
    }

    private static Stage.Label label(StageKey key, String title, Stage.Kind kind, int combination) {
        return new Stage.Label(key, title, kind, combination);
    }

    /** A hold before a stage: one phrase before each combination and the finale, else only where it is wished. */
    private void hold(Stage.Label next, List<DancedMove> content, int phrases) {
        if (phrases > 0 || build.own().containsKey(next.key().hold())) {
            String words = next.kind() == Stage.Kind.FINALE
                    ? "the finale"
                    : next.title().replaceFirst("^\\+ ", "");
            rungs.add(new Rung(label(next.key().hold(), "hold, announce " + words, Stage.Kind.HOLD,
                    next.combination()), content, new Rung.Growth(phrases, phrases == 0 ? 0 : HOLD_MOST, 1),
                    Rung.PHRASE, false));
        }
    }

    private void addOn(int at, Combination combination, List<List<DancedMove>> blocks, List<Layer> layers) {
        for (int count = 1; count < blocks.size(); count++) {
            piece(label(StageKey.of(at, "add/" + count),
                    (count == 1 ? "" : "+ ") + title(blocks.get(count - 1), layers), Stage.Kind.TEACH, at),
                    combination,
                    Layer.plain(joinedBlocks(blocks.subList(0, count)), layers));
        }
    }

    private void link(int at, Combination combination, List<List<DancedMove>> blocks, List<Layer> layers) {
        for (int i = 0; i < blocks.size() && blocks.size() > 1; i++) {
            piece(label(StageKey.of(at, "alone/" + (i + 1)), title(blocks.get(i), layers), Stage.Kind.TEACH,
                    at),
                    combination, Layer.plain(blocks.get(i), layers));
            boolean second = i % 2 == 1;
            if (second && blocks.size() > 2) {
                piece(label(StageKey.of(at, "pair/" + (i / 2 + 1)),
                        title(blocks.get(i - 1), layers) + " + " + title(blocks.get(i), layers),
                        Stage.Kind.LINK,
                        at), combination, Layer.plain(joinedBlocks(blocks.subList(i - 1, i + 1)), layers));
            }
        }
    }

    private void layers(int at, Combination combination, List<Layer> layers) {
        for (int i = 0; i < layers.size(); i++) {
            String title = i == 0 ? "plain" : "+ " + layers.get(i - 1).words();
            String key = i == 0 ? "plain" : layers.get(i - 1).key();
            piece(label(StageKey.of(at, "layer/" + key), title, Stage.Kind.LAYER, at), combination,
                    Layer.plain(combination.moves(), layers.subList(i, layers.size())));
        }
    }

    private void reduce(int at, Combination combination, List<List<DancedMove>> blocks, int times,
            List<Layer> layers) {
        Chain content = new Chain(build.onStep(), rehearsal);
        for (List<DancedMove> block : blocks) {
            for (int i = 0; i < times; i++) {
                content.add(Layer.plain(block, layers));
            }
        }
        if (blocks.size() > 1) {
            piece(label(StageKey.of(at, "of-each/" + times), times + " of each", Stage.Kind.REDUCE, at),
                    combination, content.parts());
        }
    }

    private void piece(Stage.Label label, Combination combination, List<DancedMove> content) {
        if (!passes.fill(content)) {
            undanceable.add(label.title());
            return;
        }
        boolean one = combination.known() || label.kind() == Stage.Kind.REDUCE;
        add(label, content, one ? 1 : TEACH_MOST, 1);
    }

    private void add(Stage.Label label, List<DancedMove> content, int most, int weight) {
        hold(label, content, label.kind() == Stage.Kind.FINALE ? 1 : 0);
        boolean walks = passes.walks(content);
        int pass = passes.eights(content);
        int natural = natural(label, pass);
        rungs.add(new Rung(label, content, new Rung.Growth(natural, Math.max(natural, most), weight), pass,
                walks));
    }

    /** What is new is danced until people have it, what is finished until they enjoy it; all else once on each lead. */
    private int natural(Stage.Label label, int pass) {
        boolean known = build.combinations().get(label.combination()).known();
        Optional<Duration> enough = switch (label.kind()) {
            case TEACH -> known ? Optional.empty() : Optional.of(lesson.piece());
            case FINISHED, FINALE -> Optional.of(lesson.whole());
            case LAYER, LINK, REDUCE, HOLD -> Optional.empty();
        };
        double round = lesson.bpm().at(4L * 8 * pass).toMillis();
        return enough.map(
                length -> Math.clamp(Math.round(length.toMillis() / round), 1, (int) Rounds.PASSES.most()))
                .orElse(1);
    }

    private static List<DancedMove> joinedBlocks(List<List<DancedMove>> blocks) {
        return blocks.stream().flatMap(List::stream).toList();
    }

    private static String title(List<DancedMove> block, List<Layer> layers) {
        return Layer.plain(block, layers).stream().map(danced -> danced.move().name()).distinct().limit(2)
                .collect(Collectors.joining(", "));
    }
}
