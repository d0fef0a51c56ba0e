package app.kehre.formats.damage;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Damages plan documents as slips of the hand, other programs and bad disks do. The same seed makes the same ones. */
public final class Mutants {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    /** Texts that stand for what a tree cannot hold and are exchanged in the written text. */
    private static final String RAW = "@raw@";
    private static final List<String> RAWS = List.of("1e400", "-0", "1E999999999", "9".repeat(310),
            "9".repeat(1200),
            "0.12345678901234567890123", "12.7", "NaN", "01", "\"\\ud800\"", "\"\\u0000\"", "\"\\u001b[2J\"",
            "2147483648", "1e9", "[".repeat(80), "{\"a\":".repeat(80));
    private static final List<String> TEXTS = List.of("", "?", " ", "x".repeat(70), "x".repeat(5000),
            "x".repeat(60_000), "@class", "${jndi:ldap://x}", "\u202e", "a\nb", "12", "12 reps",
            "60 x (1800 s on)",
            "1800 s on, 600 s off, x60, each side", "hold 10 s", "9999 reps", "squat", "march", "right",
            "both");
    private static final int RAW_BYTES = 5;

    private final List<byte[]> originals;
    private final SplittableRandom random;

    /** Makes mutants of some documents. */
    public Mutants(List<byte[]> originals, long seed) {
        this.originals = List.copyOf(originals);
        this.random = new SplittableRandom(seed);
    }

    /** Returns the next mutant. */
    public byte[] next() {
        byte[] original = originals.get(random.nextInt(originals.size()));
        if (random.nextInt(RAW_BYTES) == 0) {
            return withBytes(original.clone());
        }
        ObjectNode tree = (ObjectNode) MAPPER.readTree(original);
        int changes = 1 + random.nextInt(3);
        for (int i = 0; i < changes; i++) {
            mutate(tree);
        }
        String text = MAPPER.writeValueAsString(tree);
        while (text.contains("\"" + RAW + "\"")) {
            text = text.replaceFirst("\"" + RAW + "\"",
                    java.util.regex.Matcher.quoteReplacement(RAWS.get(random.nextInt(RAWS.size()))));
        }
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private byte[] withBytes(byte[] bytes) {
        int at = random.nextInt(bytes.length);
        return switch (random.nextInt(3)) {
            case 0 -> java.util.Arrays.copyOf(bytes, at);
            case 1 -> {
                bytes[at] = (byte) random.nextInt(256);
                yield bytes;
            }
            default -> {
                byte[] longer = java.util.Arrays.copyOf(bytes, bytes.length + 1);
                System.arraycopy(bytes, at, longer, at + 1, bytes.length - at);
                longer[at] = "{}[],:\"0-".getBytes(StandardCharsets.US_ASCII)[random.nextInt(9)];
                yield longer;
            }
        };
    }

    private void mutate(ObjectNode tree) {
        List<JsonNode> containers = new ArrayList<>();
        collect(tree, containers);
        switch (containers.get(random.nextInt(containers.size()))) {
            case ObjectNode object -> mutateFields(object, containers);
            case ArrayNode array -> mutateList(array);
            case JsonNode other -> throw new AssertionError(other);
        }
    }

    private static void collect(JsonNode node, List<JsonNode> containers) {
        if (node.isContainer()) {
            containers.add(node);
            node.forEach(each -> collect(each, containers));
        }
    }

    private void mutateFields(ObjectNode object, List<JsonNode> containers) {
        List<String> names = List.copyOf(object.propertyNames());
        if (names.isEmpty() || random.nextInt(12) == 0) {
            object.set("future" + random.nextInt(3), value());
            return;
        }
        String name = names.get(random.nextInt(names.size()));
        switch (random.nextInt(6)) {
            case 0 -> object.remove(name);
            case 1 -> object.set(name + "x", object.remove(name));
            case 2 -> object.set(name, tweaked(object.get(name)));
            case 3 -> object.set(name, containers.get(random.nextInt(containers.size())).deepCopy());
            default -> object.set(name, value());
        }
    }

    private void mutateList(ArrayNode array) {
        if (array.isEmpty()) {
            array.add(value());
            return;
        }
        int at = random.nextInt(array.size());
        switch (random.nextInt(5)) {
            case 0 -> array.remove(at);
            case 1 -> array.insert(at, array.get(at).deepCopy());
            case 2 -> array.set(at, value());
            case 3 -> array.add(array.remove(at));
            default -> {
                JsonNode each = array.get(at);
                for (int i = 0; i < 50; i++) {
                    array.add(each.deepCopy());
                }
            }
        }
    }

    private JsonNode value() {
        return switch (random.nextInt(9)) {
            case 0 -> NODES.nullNode();
            case 1 -> NODES.booleanNode(random.nextBoolean());
            case 2 -> NODES.numberNode(random.nextInt(-2, 10));
            case 3 -> NODES.numberNode(random.nextInt());
            case 4 -> NODES.arrayNode().add("x").add(1);
            case 5 -> NODES.objectNode().put("x", 1);
            case 6, 7 -> NODES.stringNode(TEXTS.get(random.nextInt(TEXTS.size())));
            default -> NODES.stringNode(RAW);
        };
    }

    private JsonNode tweaked(JsonNode value) {
        if (value.isNumber()) {
            return NODES.numberNode(switch (random.nextInt(4)) {
                case 0 -> (int) value.doubleValue() + 1;
                case 1 -> (int) value.doubleValue() - 1;
                case 2 -> (int) value.doubleValue() * 1000;
                default -> -(int) value.doubleValue();
            });
        }
        if (value.isString() && !value.stringValue().isEmpty()) {
            String text = value.stringValue();
            return NODES.stringNode(switch (random.nextInt(5)) {
                case 0 -> text.substring(0, text.length() / 2);
                case 1 -> text.repeat(10);
                case 2 -> text.replaceAll("\\d+", "9999");
                case 3 -> text.replaceAll("\\d+", "0");
                default -> text.toUpperCase(java.util.Locale.ROOT);
            });
        }
        return value();
    }
}
