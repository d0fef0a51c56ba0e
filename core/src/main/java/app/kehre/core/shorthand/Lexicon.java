package app.kehre.core.shorthand;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The words that instructors write beside the names of exercises: abbreviations, small words, numbers as words. */
final class Lexicon {

    /** An abbreviation, and the words that it stands for; only words that are no part of a name by themselves. */
    private static final Map<String, List<String>> SHORT = table(
            """
                    bi=biceps bis=biceps bicep=biceps tri=triceps tris=triceps tricep=triceps
                    hammy=hamstring hammys=hamstring hammies=hamstring hams=hamstring ham=hamstring hamstrings=hamstring
                    glutes=glute bum=glute bums=glute butt=glute butts=glute booty=glute pecs=chest pec=chest
                    abdominals=abs ab=abs tummy=abs stomach=abs tummies=abs
                    delts=shoulder delt=shoulder flexor=flexor flexors=flexor
                    ohp=overhead+press rdl=straight+leg+deadlift rdls=straight+leg+deadlift romanian=romanian
                    sldl=straight+leg+deadlift sl=one+leg sgl=one+leg sng=one bo=bent+over b/o=bent+over bor=bent+over+row
                    bors=bent+over+row kb=kettlebell kbs=kettlebell
                    mtn=mountain mt=mountain mts=mountain sq=squat sqs=squat sqt=squat rev=reverse ext=extension exts=extension
                    pushup=push+up pushups=push+up pressup=push+up pressups=push+up press-up=push+up pu=push+up pus=push+up
                    situp=sit+up situps=sit+up stepup=step+up stepups=step+up walkout=walk+out walkouts=walk+out
                    inchworms=inchworm single=one legged=leg armed=arm plies=plie fwd=forward forwards=forward bwd=backwards bkwd=backwards
                    bk=back banded=band bands=band lat=lateral side-to-side=side xover=cross+over obl=oblique
                    obliques=oblique str=stretch stretches=stretch stretching=stretch mod=modified
                    lge=lunge lg=lunge lunges=lunge hs=hamstring kn=knee gv=grapevine gvine=grapevine st=step+touch
                    tstretch=stretch shldr=shoulder shldrs=shoulder shoulders=shoulder delt=shoulder
                    dl=deadlift dls=deadlift cgpu=narrow+push+up vstep=v+step vsteps=v+step lstep=l+step tstep=t+step astep=a+step
                    clamshell=clam clamshells=clam calves=calf walks=walk cr=crunch ssq=split+squat bss=bulgarian+split+squat jj=jumping+jack jjs=jumping+jack hk=high+knee
                    bw=bodyweight b/w=bodyweight reps=reps ohs=overhead+squat cc=cat+cow cardios=cardio
                    """);

    /** Words that say nothing about what is done. */
    static final Set<String> SMALL = words(
            """
                    a an the of on in at to for with and or it is are be we you your our my i them they this that then now again next
                    do does doing done go going get come comes keep start starts begin begins finish finishes end add adds plus put
                    from by into onto as all some any both their his her one's up-to very nice nicely just also still only
                    everybody everyone people group time times first second third last more here there lets let's please ok okay
                    exercise exercises set sets round rounds rep reps us back-to s t so too bit little easy quite well have has
                    use using take holding hold doing each lie roll over under down bring bringing try trying while when if not no
                    w continue repeat same move moves movement slowly version style position ready round-up
                    """);

    private static final Map<String, Integer> NUMBERS = numbers(
            """
                    one=1 two=2 three=3 four=4 five=5 six=6 seven=7 eight=8 nine=9 ten=10 eleven=11 twelve=12 thirteen=13 fourteen=14
                    fifteen=15 sixteen=16 seventeen=17 eighteen=18 nineteen=19 twenty=20 thirty=30 forty=40 fifty=50 sixty=60 ninety=90
                    couple=2 half=0
                    """);

    private Lexicon() {}

    private static Map<String, List<String>> table(String text) {
        Map<String, List<String>> table = new HashMap<>();
        for (String each : text.strip().split("\\s+")) {
            int at = each.indexOf('=');
            table.put(each.substring(0, at), List.of(each.substring(at + 1).split("[+]")));
        }
        return Map.copyOf(table);
    }

    static Set<String> words(String text) {
        return Set.copyOf(new HashSet<>(List.of(text.strip().split("\\s+"))));
    }

    private static Map<String, Integer> numbers(String text) {
        Map<String, Integer> numbers = new HashMap<>();
        table(text).forEach((word, value) -> numbers.put(word, Integer.parseInt(value.getFirst())));
        numbers.remove("half");
        return Map.copyOf(numbers);
    }

    /** Returns the number that a word says; 0 where it says none. */
    static int number(String word) {
        return NUMBERS.getOrDefault(word, 0);
    }

    /** Returns the words that stand for a word in a name. */
    static List<String> written(String word) {
        return SHORT.getOrDefault(word, List.of(word));
    }

    /** Returns the words of a name in their stems, abbreviations written out, small words left away. */
    static List<String> stems(List<String> words) {
        List<String> stems = new ArrayList<>();
        for (int at = 0; at < words.size(); at++) {
            // The A-step is called by its letter.
            boolean letter = words.get(at).equals("a") && at + 1 < words.size()
                    && (words.get(at + 1).equals("step")
                            || words.size() == 4 && words.get(at + 1).equals("on"));
            for (String each : written(words.get(at))) {
                if (letter || !NameIndex.SMALL.contains(each)) {
                    stems.add(stem(each));
                }
            }
        }
        return sameWord(stems);
    }

    /** Press-ups are push-ups. */
    private static List<String> sameWord(List<String> stems) {
        for (int at = 0; at + 1 < stems.size(); at++) {
            if (stems.get(at).equals("press") && stems.get(at + 1).equals("up")) {
                stems.set(at, "push");
            }
        }
        return stems;
    }

    /** Returns a word without its ending: curls and curl are one, lunging and lunge, punches and punch. */
    static String stem(String plural) {
        String word = singular(plural);
        int length = word.length();
        if (length >= 6 && word.endsWith("ing")) {
            String root = word.substring(0, length - 3);
            char last = root.charAt(root.length() - 1);
            boolean twice = root.length() > 3 && last == root.charAt(root.length() - 2)
                    && "ls".indexOf(last) < 0;
            String bare = twice ? root.substring(0, root.length() - 1) : root;
            return bare.endsWith("e") ? bare.substring(0, bare.length() - 1) : bare;
        }
        return length > 3 && word.endsWith("e") ? word.substring(0, length - 1) : word;
    }

    private static String singular(String word) {
        int length = word.length();
        if (length < 3 || !word.endsWith("s") || word.endsWith("ss") || word.endsWith("us")) {
            return word;
        }
        if (word.endsWith("ies") && length > 4) {
            return word.substring(0, length - 3) + "y";
        }
        boolean hissing = word.endsWith("ches") || word.endsWith("shes") || word.endsWith("sses")
                || word.endsWith("xes");
        return word.substring(0, length - (hissing ? 2 : 1));
    }
}
