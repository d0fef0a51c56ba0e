package app.kehre.formats.plan;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Library;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Draws;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;

import static org.assertj.core.api.Assertions.assertThat;

/** The schema and the docs say what the program does. */
class SchemaTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final int DRAWN = 200;
    /** The schema names more fields than this. */
    private static final int MOST_FIELDS = 150;
    private static final Path DOCS = Path.of("..", "docs");

    private final Schema schema = schema();

    private static String text() {
        try (InputStream in = Objects
                .requireNonNull(SchemaTest.class.getResourceAsStream("kehre-plan-8.schema.json"))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException cause) {
            throw new AssertionError(cause);
        }
    }

    private static Schema schema() {
        return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(text());
    }

    private List<Error> faults(String document) {
        return schema.validate(document, InputFormat.JSON);
    }

    @Test
    void theDemoValidates() {
        Library library = BuiltInLibrary.load();
        String demo = new String(DemoPlan.load(library).bytes(), StandardCharsets.UTF_8);

        assertThat(faults(demo)).isEmpty();
        assertThat(faults(demo.replace("\"role\" : \"core\"", "\"role\" : \"disco\""))).isNotEmpty();
        assertThat(faults(demo.replace("\"rounds\" : 2", "\"rounds\" : 0"))).isNotEmpty();
        assertThat(faults(demo.replace("\"bpm\" : 126", "\"bpm\" : 1000"))).isNotEmpty();
    }

    @Property(tries = 150)
    void everyPlanThatKehreWritesValidates(@ForAll("plans") ClassPlan plan) {
        byte[] written = PlanDocument.of(plan, Library.of(List.of())).bytes();

        assertThat(faults(new String(written, StandardCharsets.UTF_8))).isEmpty();
    }

    private static List<byte[]> documents(List<ClassPlan> drawn) {
        return Stream.concat(drawn.stream()
                .map(plan -> PlanDocument.of(plan, Library.of(List.of())).bytes()),
                DemoPlan.NAMES.stream().map(name -> DemoPlan.load(name, LIBRARY).bytes())).toList();
    }

    @Property(tries = 1, seed = "20261127")
    void theSchemaNamesEveryFieldThatIsWritten(@ForAll("manyPlans") List<ClassPlan> drawn) {
        Set<String> unknown = new TreeSet<>();
        SchemaFields fields = new SchemaFields(JsonMapper.shared().readTree(text()),
                (schemas, object) -> object.propertyNames().stream()
                        .filter(name -> schemas.values().stream().noneMatch(
                                each -> each.path("properties").has(name)
                                        || each.path("additionalProperties").isObject()))
                        .forEach(name -> unknown.add(schemas.keySet() + "." + name)));

        documents(drawn).forEach(bytes -> fields.visit(JsonMapper.shared().readTree(bytes)));

        assertThat(unknown).isEmpty();
    }

    /** What no reader asks for is carried through; what one asks for is refused when it is nonsense. */
    @Property(tries = 1, seed = "20261127")
    void everyFieldThatTheSchemaNamesIsRead(@ForAll("manyPlans") List<ClassPlan> drawn) {
        Set<String> tried = new TreeSet<>();
        Set<String> carried = new TreeSet<>();
        for (byte[] bytes : documents(drawn)) {
            JsonNode document = JsonMapper.shared().readTree(bytes);
            new SchemaFields(JsonMapper.shared().readTree(text()),
                    (schemas, object) -> schemas
                            .forEach((at, schema) -> schema.path("properties").propertyNames()
                                    .stream().filter(name -> tried.add(at + "." + name))
                                    .filter(name -> opensWithNonsense(document, object, name))
                                    .forEach(name -> carried.add(at + "." + name))))
                    .visit(document);
        }

        assertThat(carried).isEmpty();
        assertThat(tried).hasSizeGreaterThan(MOST_FIELDS);
    }

    private static boolean opensWithNonsense(JsonNode document, ObjectNode object, String name) {
        JsonNode old = object.get(name);
        object.putObject(name).put("odd", "nonsense");
        boolean opens = opens(document);
        object.putArray(name).add("nonsense");
        opens = opens && opens(document);
        if (old == null) {
            object.remove(name);
        } else {
            object.set(name, old);
        }
        return opens;
    }

    private static boolean opens(JsonNode document) {
        try {
            PlanDocument.read("odd", document.toString().getBytes(StandardCharsets.UTF_8), LIBRARY);
            return true;
        } catch (UnreadableFile refused) {
            return false;
        }
    }

    @Provide
    Arbitrary<List<ClassPlan>> manyPlans() {
        return Draws.plans().list().ofSize(DRAWN);
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void thePlanInTheDocsOpensAndValidates() throws IOException, UnreadableFile {
        String page = Files.readString(DOCS.resolve("plan-format.md"));
        Matcher example = Pattern.compile("```json\n(.*?)```", Pattern.DOTALL).matcher(page);
        assertThat(example.find()).isTrue();

        assertThat(faults(example.group(1))).isEmpty();
        assertThat(PlanDocument.read("docs", example.group(1).getBytes(StandardCharsets.UTF_8),
                BuiltInLibrary.load()).plan().lines()).hasSize(6);
    }

    @Test
    void theSchemaInTheDocsIsTheOneThatShips() throws IOException {
        assertThat(Files.readString(DOCS.resolve("kehre-plan-8.schema.json"))).isEqualTo(text());
    }

    @Test
    void everyDoseAndLoadInTheDocsIsUnderstood() throws IOException {
        String page = Files.readString(DOCS.resolve("dose-notation.md"));
        String heads = page.substring(page.indexOf("## Heads"), page.indexOf("## Clauses"));
        Pattern code = Pattern.compile("`([^`]+)`");
        assertThat(code.matcher(heads).results().map(each -> each.group(1))).hasSizeGreaterThan(25)
                .allSatisfy(dose -> assertThat(DoseNotation.parse(dose).problem()).as(dose).isEmpty());
        String loads = page.substring(page.indexOf("## Loads"), page.indexOf("## Rounds"));
        assertThat(code.matcher(loads).results().map(each -> each.group(1))
                .filter(each -> !each.startsWith("at the"))).hasSizeGreaterThan(10)
                .allSatisfy(load -> assertThat(LoadNotation.parse(load).problem()).as(load).isEmpty());
    }
}
