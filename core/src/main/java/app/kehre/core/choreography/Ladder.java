package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The stages of a method for combinations, before they are fitted to the time. */
final class Ladder {

    private static final int TEACH_MOST = 4;
    private static final int HOLD_MOST = 2;
    private static final int FINISHED_WEIGHT = 2;
    private static final int FINALE_WEIGHT = 3;

    private final Build build;
    private final Passes passes;
    private final Rehearsal rehearsal;
    private final List<Rung> rungs = new ArrayList<>();

    private Ladder(Build build, Passes passes, Rehearsal rehearsal) {
        this.rehearsal = rehearsal;
        this.build = build;
        this.passes = passes;
    }

    static List<Rung> of(Build build, Passes passes, Rehearsal rehearsal) {
        Ladder ladder = new Ladder(build, passes, rehearsal);
        Chain all = new Chain(build.onStep(), rehearsal);
        for (int i = 0; i < build.combinations().size(); i++) {
            Combination combination = build.combinations().get(i);
            if (!combination.parts().isEmpty()) {
                ladder.add(i, combination);
                all.add(combination.parts());
            }
        }
        if (ladder.rungs.stream().filter(rung -> rung.kind == Stage.Kind.FINISHED).count() > 1) {
            ladder.hold("finale", build.combinations().size() - 1, all.parts(), "announce the finale");
            ladder.rungs.add(new Rung("finale", "finale: " + build.combinations().stream()
                    .filter(each -> !each.parts().isEmpty()).map(Combination::name)
                    .collect(Collectors.joining(" + ")), Stage.Kind.FINALE, build.combinations().size() - 1,
                    all.parts(), Integer.MAX_VALUE, FINALE_WEIGHT, passes));
        }
        return ladder.rungs;
    }

    private void add(int at, Combination combination) {
        List<List<Part>> blocks = Blocks.of(combination);
        hold(key(at, "hold"), at, combination.parts(), "announce " + combination.name());
        switch (build.method()) {
            case ADD_ON -> addOn(at, combination, blocks, List.of());
            case LINK -> link(at, combination, blocks);
            case LAYERING -> layers(at, combination, Layer.of(combination.parts()));
            case REDUCTION -> {
                reduce(at, combination, blocks, 8);
                reduce(at, combination, blocks, 4);
                reduce(at, combination, blocks, 2);
            }
            case MIXTURE -> {
                List<Layer> layers = Layer.of(combination.parts());
                addOn(at, combination, blocks, layers);
                reduce(at, combination, blocks, 2);
                layers(at, combination, layers);
            }
        }
        rungs.add(new Rung(key(at, "finished"), "finished", Stage.Kind.FINISHED, at, combination.parts(),
                Integer.MAX_VALUE, FINISHED_WEIGHT, passes));
    }

    private static String key(int at, String stage) {
        return (at + 1) + "/" + stage;
    }

    private void hold(String key, int at, List<Part> next, String words) {
        rungs.add(new Rung(key.endsWith("hold") ? key : key + "/hold", "hold, " + words, Stage.Kind.HOLD, at,
                next, HOLD_MOST, 1, passes));
    }

    private void addOn(int at, Combination combination, List<List<Part>> blocks, List<Layer> layers) {
        for (int count = 1; count < blocks.size(); count++) {
            piece(at, "add/" + count, (count == 1 ? "" : "+ ") + title(blocks.get(count - 1)), combination,
                    Layer.plain(joinedBlocks(blocks.subList(0, count)), layers), Stage.Kind.TEACH);
        }
    }

    private void link(int at, Combination combination, List<List<Part>> blocks) {
        for (int i = 0; i < blocks.size() && blocks.size() > 1; i++) {
            piece(at, "alone/" + (i + 1), title(blocks.get(i)), combination, blocks.get(i),
                    Stage.Kind.TEACH);
            boolean second = i % 2 == 1;
            if (second && blocks.size() > 2) {
                piece(at, "pair/" + (i / 2 + 1),
                        title(blocks.get(i - 1)) + " + " + title(blocks.get(i)), combination,
                        joinedBlocks(blocks.subList(i - 1, i + 1)), Stage.Kind.LINK);
            }
        }
    }

    private void layers(int at, Combination combination, List<Layer> layers) {
        for (int i = 0; i < layers.size(); i++) {
            String title = i == 0 ? "plain" : "+ " + layers.get(i - 1).words();
            String key = i == 0 ? "plain" : layers.get(i - 1).key();
            piece(at, "layer/" + key, title, combination,
                    Layer.plain(combination.parts(), layers.subList(i, layers.size())), Stage.Kind.LAYER);
        }
    }

    private void reduce(int at, Combination combination, List<List<Part>> blocks, int times) {
        Chain content = new Chain(build.onStep(), rehearsal);
        for (List<Part> block : blocks) {
            for (int i = 0; i < times; i++) {
                content.add(block);
            }
        }
        if (blocks.size() > 1) {
            piece(at, "of-each/" + times, times + " of each", combination, content.parts(),
                    Stage.Kind.REDUCE);
        }
    }

    private void piece(int at, String key, String title, Combination combination, List<Part> content,
            Stage.Kind kind) {
        if (!passes.fill(content)) {
            return;
        }
        boolean one = combination.known() || kind == Stage.Kind.REDUCE;
        rungs.add(new Rung(key(at, key), title, kind, at, content, one ? 1 : TEACH_MOST, 1, passes));
    }

    private static List<Part> joinedBlocks(List<List<Part>> blocks) {
        return blocks.stream().flatMap(List::stream).toList();
    }

    private static String title(List<Part> block) {
        return block.stream().map(part -> part.move().name()).distinct().limit(2)
                .collect(Collectors.joining(", "));
    }
}
