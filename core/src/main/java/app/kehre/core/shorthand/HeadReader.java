package app.kehre.core.shorthand;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Role;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;

/** Reads a line that begins a part of the class or a circuit: "Warm up 6 min", "LEGS & BACK, 3 rds", "Part 2: legs". */
final class HeadReader {

    /** Words that say what a part is for; where several do, the first of these roles goes. */
    private static final Map<Role, Set<String>> ROLES = roles();
    private static final Spellings SPELLINGS = new Spellings(
            ROLES.values().stream().flatMap(Set::stream).filter(each -> each.length() > 4).toList());
    /** Words that may stand in a heading and say nothing of what it is for. */
    private static final Set<String> BESIDE = Lexicon
            .words("""
                    up down out part parts block breathe breathing superset section main set sets song track finish finisher final finale big all body group time new whole
                    a b c d e no 2nd 1st equipment kit weights weight dumbbells band bands chair chairs mat mats on with w w/ the and of for in
                    then first last next seated sitting standing floor easy hard low high impact work series song lower upper no total
                    behind position lead lying side at between each rest over gentle short long power super mini circuit circuits stations
                    station zirkel round combo combi combination out it self your our my hauptteil theil teil
                    """);
    private static final int MOST_WORDS_OF_OWN_NAME = 4;
    private static final int SHORTEST_TARGET = 60;

    private final List<Token> tokens;
    private final String bare;
    private final boolean onSteps;
    private final List<Fact> facts = new ArrayList<>();
    private final List<String> words = new ArrayList<>();
    private final List<Role> said = new ArrayList<>();
    private int unknown;
    private boolean bracketed;

    private HeadReader(List<Token> tokens, String bare, boolean onSteps) {
        this.tokens = tokens;
        this.bare = bare;
        this.onSteps = onSteps;
        scan();
    }

    private static Map<Role, Set<String>> roles() {
        Map<Role, Set<String>> roles = new LinkedHashMap<>();
        roles.put(Role.WARM_UP, Lexicon
                .words("""
                        warm warmup warming wu w/u aufwarmen aufwarmung echauffement calentamiento mobility mobilise mobilize mobilisation
                        mobilization
                        """));
        roles.put(Role.COOL_DOWN, Lexicon.words("cool cooldown cooling cd c/d abkuhlen abwarmen"));
        roles.put(Role.STRETCH, Lexicon
                .words("""
                        stretch stretches stretching flexibility dehnen dehnung etirement etirements estiramientos relax relaxation
                        """));
        roles.put(Role.CORE,
                Lexicon.words("core abs ab tummy tummies trunk bauch abdos midsection floorwork"));
        roles.put(Role.AEROBIC, Lexicon
                .words("""
                        cardio aerobic aerobics choreo choreography dance hiit combo combi combination combinations ausdauer
                        """));
        roles.put(Role.TONING, Lexicon
                .words("""
                        toning tone strength strengthening conditioning kraft kraftteil musculation fuerza legs leg lower upper arms arm
                        back chest shoulders shoulder glutes bums bum thighs biceps triceps push pull balance resistance weights
                        circuit stations station zirkel full hips booty sculpt lowerbody upperbody
                        """));
        return roles;
    }

    /**
     * A heading that was read.
     *
     * @param name as written
     * @param role what it is for; nothing where its words say none
     * @param target its length; nothing where it says none
     * @param rounds 0 for no circuit
     * @param score how surely it is one, 0 to 1
     */
    record Head(String name, Optional<Role> role, Optional<Duration> target, Optional<Integer> bpm,
            int rounds,
            Duration rest, Optional<Meaning.Clock> clock, double score) {

        boolean circuit() {
            return rounds > 0;
        }

        Segment segment(SegmentId id, boolean danced) {
            Role what = role.orElse(danced ? Role.AEROBIC : Role.TONING);
            Segment segment = Skeleton.segment(id, what);
            String called = name.isBlank() ? segment.name() : name;
            segment = segment.withName(called.substring(0, Math.min(called.length(), Segment.LONGEST_NAME)));
            segment = target.filter(each -> Segment.TARGET.problem(each).isEmpty()).map(segment::withTarget)
                    .orElse(segment);
            return bpm.filter(each -> Bpm.RANGE.problem(each).isEmpty()).map(Bpm::new).map(segment::withBpm)
                    .orElse(segment);
        }

        Meaning.Rounds asRounds() {
            return new Meaning.Rounds(name, Math.clamp(rounds, 1, 20), rest, clock, role);
        }
    }

    /**
     * Reads a line as a heading.
     *
     * @param marked whether it is marked as one: by a sign, bold, capitals, a colon at its end, or its place in the list
     */
    static Optional<Head> read(List<Token> tokens, String bare, boolean marked, boolean onSteps, Role now) {
        Optional<Head> whole = new HeadReader(tokens, bare, onSteps).head(marked, now);
        return whole.isPresent() ? whole : beginning(tokens, bare, onSteps, now);
    }

    /** "Stretch for 5 minutes, finish with breathing": what stands behind a part and its length is a note. */
    private static Optional<Head> beginning(List<Token> tokens, String bare, boolean onSteps, Role now) {
        for (int at = 1; at < tokens.size() - 1; at++) {
            if (tokens.get(at).isSign(",") || tokens.get(at).isSign("-") || tokens.get(at).isSign(";")) {
                List<Token> behind = tokens.subList(at + 1, tokens.size());
                boolean dosed = behind.stream().anyMatch(Token::isNumber);
                return dosed
                        ? Optional.empty()
                        : new HeadReader(tokens.subList(0, at), bare, onSteps).head(false, now)
                                .filter(head -> head.target().isPresent() && head.role().isPresent());
            }
        }
        return Optional.empty();
    }

    private void scan() {
        FactReader reader = new FactReader(tokens);
        for (int at = 0; at < tokens.size();) {
            Token token = tokens.get(at);
            Optional<FactReader.Found> fact = token.isWord() && area(token.text())
                    ? Optional.empty()
                    : reader.at(at).filter(HeadReader::fits);
            if (fact.isPresent()) {
                facts.add(fact.get().fact());
                at = Math.max(at + 1, fact.get().next());
                continue;
            }
            at++;
            if (token.isSign("(")) {
                bracketed = true;
            }
            if (token.isWord()) {
                word(token);
            }
        }
    }

    /** A side or a load is a word of a heading like others: "right leg", "TONING w/ weights". */
    private static boolean fits(FactReader.Found found) {
        return !(found.fact() instanceof Fact.With) && !(found.fact() instanceof Fact.Side);
    }

    private static boolean area(String word) {
        return ROLES.values().stream().anyMatch(each -> each.contains(word));
    }

    private void word(Token token) {
        String word = token.text();
        words.add(word);
        boolean step = onSteps && (word.equals("step") || word.equals("steps"));
        Optional<Role> role = step ? Optional.of(Role.AEROBIC) : role(word);
        if (role.isPresent()) {
            said.add(role.get());
        } else if (!BESIDE.contains(word) && !Lexicon.SMALL.contains(word) && Lexicon.number(word) == 0
                && !word.equals("min") && !word.matches("[a-z]|i{1,3}|r\\d")) {
            unknown++;
        }
    }

    /** A long word with a slip is read as well: "strech". */
    private static Optional<Role> role(String word) {
        return ROLES.entrySet().stream().filter(each -> each.getValue().contains(word)).map(Map.Entry::getKey)
                .findFirst().or(() -> BESIDE.contains(word) || Lexicon.SMALL.contains(word)
                        ? Optional.empty()
                        : SPELLINGS.near(word).stream().filter(_ -> word.length() > 4)
                                .filter(near -> near.slips() == 1)
                                .flatMap(near -> ROLES.entrySet().stream()
                                        .filter(each -> each.getValue().contains(near.word())))
                                .map(Map.Entry::getKey).findFirst());
    }

    private Optional<Head> head(boolean marked, Role now) {
        boolean rounds = facts.stream().anyMatch(Fact.Rounds.class::isInstance)
                || said(Fact.Clock.class) && (words.contains("stations") || words.contains("circuit")
                        || words.contains("station") || words.contains("block"));
        boolean circuitTimes = (words.contains("circuit") || words.contains("block") || words.contains("set")
                || words.contains("superset"))
                && (timesAlone() > 1 || said(Fact.Sets.class));
        if (rounds || circuitTimes) {
            return unknown > (marked || bracketed ? 2 : 1)
                    ? Optional.empty()
                    : Optional.of(head(roundsOf(), 0.95));
        }
        if (words.isEmpty() || countsSomething()) {
            return Optional.empty();
        }
        boolean owns = said.isEmpty() && marked && words.size() <= MOST_WORDS_OF_OWN_NAME;
        boolean area = !said.isEmpty() && said.stream().allMatch(each -> each == Role.TONING);
        boolean amongStretches = area && (now == Role.STRETCH || now == Role.COOL_DOWN) && !marked;
        if (unknown > 0 && !marked || unknown > 2 || amongStretches || said.isEmpty() && !owns && !block()) {
            return Optional.empty();
        }
        double score = 0.95 - 0.15 * unknown - (said.isEmpty() ? 0.12 : 0) - (marked ? 0 : 0.05)
                + (!said.isEmpty() && marked ? 0.1 : 0) + (begins() ? 0.08 : 0);
        return Optional.of(head(0, score));
    }

    /** Whether its first word says what it is for, and a length stands behind it. */
    private boolean begins() {
        return !words.isEmpty() && role(words.getFirst()).isPresent() && said(Fact.Time.class);
    }

    /** "Block A", "Part 2", "Mat". */
    private boolean block() {
        boolean mat = words.contains("mat") || words.contains("mats") || words.contains("floor");
        return words.contains("block") || words.contains("part") || words.contains("section")
                || mat && words.size() <= 3;
    }

    private boolean said(Class<? extends Fact> kind) {
        return facts.stream().anyMatch(kind::isInstance);
    }

    private int timesAlone() {
        return facts.stream().mapToInt(each -> each instanceof Fact.Times(int number) ? number : 0).max()
                .orElse(0);
    }

    private int roundsOf() {
        return facts.stream().mapToInt(each -> each instanceof Fact.Rounds(int number) ? number : 0).max()
                .orElse(0) > 0
                        ? facts.stream()
                                .mapToInt(each -> each instanceof Fact.Rounds(int number) ? number : 0).max()
                                .orElse(1)
                        : Math.max(1, Math.max(timesAlone(), facts.stream()
                                .mapToInt(each -> each instanceof Fact.Sets(int sets, int times)
                                        ? Math.max(1, times == 0 ? sets : times)
                                        : 0)
                                .max().orElse(1)));
    }

    /** A heading has minutes, a tempo and a number of its own at most. */
    private boolean countsSomething() {
        return facts.stream().anyMatch(each -> switch (each) {
            case Fact.Time(Duration length, boolean _) -> length.toSeconds() < SHORTEST_TARGET;
            case Fact.Bare(int number) -> number > 12 && !bracketed;
            case Fact.Tempo _,Fact.Rest _,Fact.Rounds _ -> false;
            case Fact.Music(int counts) -> !(bracketed && counts >= 32);
            case Fact.Sets(int _, int number) -> number > 0;
            case Fact.Clock _ -> false;
            case Fact.Times _,Fact.Reps _,Fact.Pulses _,Fact.SetsOf _,Fact.Held _,Fact.Breaths _,Fact.AsMany _,Fact.Most _,Fact.Side _,Fact.With _,Fact.Pace _,Fact.MusicPace _,Fact.OptionOf _ ->
                true;
        });
    }

    private Head head(int rounds, double score) {
        Optional<Duration> target = facts.stream()
                .flatMap(each -> each instanceof Fact.Time(Duration length, boolean _)
                        ? Stream.of(length)
                        : Stream.empty())
                .findFirst();
        Optional<Integer> bpm = facts.stream()
                .flatMap(each -> each instanceof Fact.Tempo(int value) ? Stream.of(value) : Stream.empty())
                .findFirst();
        Duration rest = facts.stream()
                .flatMap(each -> each instanceof Fact.Rest(Duration length)
                        ? Stream.of(length)
                        : Stream.empty())
                .filter(each -> Circuit.REST.problem(each).isEmpty()).findFirst().orElse(Duration.ZERO);
        Optional<Meaning.Clock> clock = facts.stream()
                .flatMap(each -> each instanceof Fact.Clock(Duration on, Duration off)
                        ? Stream.of(new Meaning.Clock(on, off))
                        : Stream.empty())
                .findFirst();
        return new Head(name(), role(), target, bpm, rounds, rest, clock, score);
    }

    private Optional<Role> role() {
        return ROLES.keySet().stream().filter(said::contains).findFirst()
                .map(first -> first == Role.COOL_DOWN && said.contains(Role.STRETCH) ? Role.STRETCH : first)
                .or(() -> words.contains("floor") || words.contains("mat") || words.contains("mats")
                        ? Optional.of(Role.CORE)
                        : Optional.empty());
    }

    /** The words up to the first number or bracket, as they were written. */
    private String name() {
        int end = bare.length();
        for (Token token : tokens) {
            boolean stops = token.isSign("(") || token.isSign("[") || token.isSign(",")
                    || token.isNumber() && !behindWord(token) || token.kind() == Token.Kind.CLOCK;
            if (stops && token.from() > 0) {
                end = token.from();
                break;
            }
        }
        String name = bare.substring(0, end).strip().replaceAll("[\\s:,(\\-\u2013\u2014|/@~]+$", "");
        if (name.isEmpty() || name.matches("[\\d\\W]+.*")) {
            return "";
        }
        boolean shouts = name.equals(name.toUpperCase(Locale.ROOT));
        String calm = shouts && name.length() > 3 ? name.toLowerCase(Locale.ROOT) : name;
        return Character.toUpperCase(calm.charAt(0)) + calm.substring(1);
    }

    /** "Part 2", "Block 1": a small number that belongs to the name. */
    private boolean behindWord(Token number) {
        int at = tokens.indexOf(number);
        boolean small = number.value() <= 9 && at > 0 && tokens.get(at - 1).isWord();
        boolean unit = at + 1 < tokens.size() && tokens.get(at + 1).isWord()
                && (tokens.get(at + 1).text().matches("min|mins|minutes|m|rds?|rounds?|s|sec|x"))
                || at + 1 < tokens.size() && tokens.get(at + 1).isSign("x");
        return small && !unit;
    }
}
