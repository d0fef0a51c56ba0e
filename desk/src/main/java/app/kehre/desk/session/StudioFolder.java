package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Library;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.FitnessChecks.Result;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Version;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.formats.teaching.OwnDocument;
import app.kehre.formats.teaching.RecordRows;
import app.kehre.formats.teaching.RecordsDocument;

/**
 * A studio as a folder of open documents: plans with their earlier versions, records as JSON and as tables with the plans
 * that they are about, own exercises and patterns.
 */
public final class StudioFolder {

    private static final String PLANS = "plans";
    private static final String VERSIONS = "versions";
    private static final String TAUGHT = "taught";
    private static final Pattern SAVED = Pattern
            .compile("(\\d{4}-\\d{2}-\\d{2}T)(\\d{2})-(\\d{2})-(\\d{2})(?:-(\\d{1,9}))?Z-\\d+.*");
    private static final String RECORDS = "records.json";
    private static final String OWN = "checks-and-pace.json";
    private static final int ALL = 1_000_000;
    private static final Set<String> WHOLE = Set.of(OwnLibrary.FILE, Patterns.FILE);

    private final Path folder;
    private final Disk disk;
    private final Studio studio;

    /** Makes one of a folder. */
    public StudioFolder(Path folder, Disk disk, Studio studio) {
        this.folder = folder;
        this.disk = disk;
        this.studio = studio;
    }

    /**
     * Writes all of a studio.
     *
     * @return what was written, a sentence
     * @throws DiskTrouble when the folder is not empty, or could not be written
     * @throws StudioTrouble when the studio could not be read
     */
    public String write() throws DiskTrouble, StudioTrouble {
        if (disk.isThere(folder) && !disk.list(folder, "").isEmpty()) {
            throw new DiskTrouble(
                    "%s is not empty; an export goes into a folder of its own.".formatted(folder));
        }
        int versions = 0;
        List<StoredPlan> plans = studio.plans().list("", ALL);
        disk.makeFolder(folder.resolve(PLANS));
        for (StoredPlan plan : plans) {
            String name = name(plan);
            disk.create(folder.resolve(PLANS).resolve(name + PlanDocument.ENDING),
                    studio.plans().document(plan.version()));
            versions += writeVersions(plan, name);
        }
        List<ClassRecord> records = records();
        disk.create(folder.resolve(RECORDS), new RecordsDocument(records).bytes());
        writeTaught(records);
        disk.create(folder.resolve("records.csv"),
                RecordRows.classes(records).getBytes(StandardCharsets.UTF_8));
        disk.create(folder.resolve("lines.csv"), RecordRows.lines(records).getBytes(StandardCharsets.UTF_8));
        disk.create(folder.resolve(OWN), new OwnDocument(studio.checks().all(), studio.wishes()).bytes());
        for (String kept : WHOLE) {
            Optional<byte[]> bytes = studio.shelf().read(kept);
            if (bytes.isPresent()) {
                disk.create(folder.resolve(kept), bytes.get());
            }
        }
        return "%d plans, %d earlier versions and %d records lie in %s.".formatted(plans.size(), versions,
                records.size(), folder);
    }

    private int writeVersions(StoredPlan plan, String name) throws DiskTrouble, StudioTrouble {
        List<Version> earlier = studio.plans().versions(plan.plan()).stream()
                .filter(version -> version.number() != plan.version()).toList();
        Path own = folder.resolve(VERSIONS).resolve(name);
        if (!earlier.isEmpty()) {
            disk.makeFolder(own);
        }
        for (Version version : earlier) {
            String saved = version.saved().toString().replaceAll("[^0-9TZ-]", "-");
            disk.create(own.resolve("%s-%d%s".formatted(saved, version.number(), PlanDocument.ENDING)),
                    studio.plans().document(version.number()));
        }
        return earlier.size();
    }

    /** The plans of classes as they were begun. */
    private void writeTaught(List<ClassRecord> records) throws DiskTrouble, StudioTrouble {
        disk.makeFolder(folder.resolve(TAUGHT));
        for (ClassRecord record : records) {
            Optional<byte[]> document = studio.records().document(record.key());
            if (document.isPresent()) {
                disk.create(taught(record), document.get());
            }
        }
    }

    private Path taught(ClassRecord record) {
        return folder.resolve(TAUGHT).resolve("%s-%s%s".formatted(
                record.heading().began().toString().replaceAll("[^0-9T-]", "-"),
                record.heading().plan().toString().substring(0, 8), PlanDocument.ENDING));
    }

    private List<ClassRecord> records() throws StudioTrouble {
        List<ClassRecord> all = new ArrayList<>();
        for (RecordRow row : studio.records().list("", ALL)) {
            studio.records().find(row.heading().key()).ifPresent(all::add);
        }
        return all.reversed();
    }

    private static String name(StoredPlan plan) {
        return "%s-%s-%s".formatted(plan.date(), PlainName.of(plan.title()),
                plan.plan().toString().substring(0, 8));
    }

    /**
     * Takes what lies in a folder into a studio. Nothing in the studio is changed: a plan that is there already otherwise
     * becomes a plan of its own; a record, own exercises and patterns that are there already stay.
     *
     * @return what was taken, and what was not and why, a sentence each
     * @throws DiskTrouble when the folder could not be read
     * @throws StudioTrouble when the studio could not be written
     */
    public List<String> read(Library library, Instant now) throws DiskTrouble, StudioTrouble {
        List<String> said = new ArrayList<>();
        Path plans = disk.isThere(folder.resolve(PLANS)) ? folder.resolve(PLANS) : folder;
        int taken = 0;
        for (Path file : disk.list(plans, "")) {
            String name = String.valueOf(file.getFileName());
            if (name.endsWith(PlanDocument.ENDING)) {
                String problem = readPlan(file, library, now);
                taken += problem.isEmpty() ? 1 : 0;
                said.add(problem);
            } else if (!plans.equals(folder)) {
                said.add("%s is none of Kehre's; it was left.".formatted(file));
            }
        }
        said.addFirst("%d plans were taken.".formatted(taken));
        for (Path file : disk.list(folder, "")) {
            said.add(readOther(file));
        }
        said.removeIf(String::isEmpty);
        return said;
    }

    private String readPlan(Path file, Library library, Instant now) throws StudioTrouble {
        String name = String.valueOf(file.getFileName());
        try {
            PlanDocument document = PlanDocument.read(name, disk.read(file), library);
            Optional<StoredPlan> known = studio.plans().find(document.plan().identity().plan());
            if (known.isPresent() && PlanDocument
                    .read(name, studio.plans().document(known.get().version()), library).plan()
                    .equals(document.plan())) {
                return "%s is in the studio already.".formatted(name);
            }
            PlanDocument own = known.isPresent() ? document.with(document.plan().copy()) : document;
            long last = known.isPresent() ? Plans.NONE : readVersions(file, document, library);
            keep(own, last, now);
            return "";
        } catch (DiskTrouble trouble) {
            return trouble.sentence();
        } catch (UnreadableFile fault) {
            return fault.sentence();
        } catch (ChangedElsewhere inBetween) {
            return String.valueOf(inBetween.getMessage());
        }
    }

    private long keep(PlanDocument document, long after, Instant saved)
            throws StudioTrouble, ChangedElsewhere {
        return studio.plans().save(StoredPlan.of(document.plan()), document.bytes(),
                PlanWords.of(document.plan()), after, saved);
    }

    /** The earlier versions of a plan lie in a folder of its name; the earliest was saved first. */
    private long readVersions(Path plan, PlanDocument latest, Library library)
            throws StudioTrouble, DiskTrouble, UnreadableFile, ChangedElsewhere {
        String name = String.valueOf(plan.getFileName());
        Path own = folder.resolve(VERSIONS)
                .resolve(name.substring(0, name.length() - PlanDocument.ENDING.length()));
        long last = Plans.NONE;
        for (Path file : disk.list(own, PlanDocument.ENDING)) {
            String version = String.valueOf(file.getFileName());
            PlanDocument document = PlanDocument.read(version, disk.read(file), library);
            Optional<Instant> saved = saved(version);
            if (saved.isPresent()
                    && document.plan().identity().plan().equals(latest.plan().identity().plan())) {
                last = keep(document, last, saved.get());
            }
        }
        return last;
    }

    private static Optional<Instant> saved(String name) {
        Matcher written = SAVED.matcher(name);
        if (!written.matches()) {
            return Optional.empty();
        }
        String part = written.group(5) == null ? "" : "." + written.group(5);
        try {
            return Optional.of(Instant.parse("%s%s:%s:%s%sZ".formatted(written.group(1), written.group(2),
                    written.group(3), written.group(4), part)));
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    private String readOther(Path file) throws StudioTrouble {
        String name = String.valueOf(file.getFileName());
        try {
            if (name.equals(RECORDS)) {
                return readRecords(name, disk.read(file));
            }
            if (name.equals(OWN)) {
                return readOwn(OwnDocument.read(name, disk.read(file)));
            }
            if (WHOLE.contains(name)) {
                return readWhole(name, disk.read(file));
            }
            boolean known = name.endsWith(PlanDocument.ENDING) || name.endsWith(".csv") || name.equals(PLANS)
                    || name.equals(VERSIONS);
            return known ? "" : "%s is none of Kehre's; it was left.".formatted(name);
        } catch (DiskTrouble trouble) {
            return trouble.sentence();
        } catch (UnreadableFile fault) {
            return fault.sentence();
        }
    }

    private String readRecords(String name, byte[] bytes)
            throws UnreadableFile, StudioTrouble, DiskTrouble {
        int taken = 0;
        int there = 0;
        for (ClassRecord record : RecordsDocument.read(name, bytes).records()) {
            if (studio.records().find(record.key()).isPresent()) {
                there++;
            } else {
                Path plan = taught(record);
                studio.records().keep(record, disk.isThere(plan) ? disk.read(plan) : new byte[0]);
                taken++;
            }
        }
        return "%d records were taken, %d were there already.".formatted(taken, there);
    }

    /** Results of another day are added; a wish of the studio stays. */
    private String readOwn(OwnDocument own) throws StudioTrouble {
        Set<List<Object>> there = studio.checks().all().stream().map(StudioFolder::when)
                .collect(Collectors.toSet());
        List<Result> others = own.results().stream().filter(each -> !there.contains(when(each))).toList();
        for (Result each : others) {
            studio.checks().keep(each);
        }
        studio.keep(studio.wishes().or(own.wishes()));
        return own.results().isEmpty()
                ? ""
                : "%d results of checks were taken, %d were there already.".formatted(others.size(),
                        own.results().size() - others.size());
    }

    private static List<Object> when(Result result) {
        return List.of(result.check(), result.group(), result.day());
    }

    private String readWhole(String name, byte[] bytes) throws StudioTrouble {
        boolean there = studio.shelf().read(name).isPresent();
        if (!there) {
            studio.shelf().change(name, _ -> Optional.of(bytes));
        }
        return there ? "%s was left: the studio has its own.".formatted(name) : name + " was taken.";
    }
}
