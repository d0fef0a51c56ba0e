package app.kehre.core.effort;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

import app.kehre.core.brief.Brief;
import app.kehre.core.people.Limit;
import app.kehre.core.value.Lengths;

/** What the line says at a second, in words. Estimates for planning, never a measurement of a person. */
public final class ReadOut {

    /** For whom no heart rate is a guide (figures.md, "Stand-in participants"). */
    private static final String NO_HEART_RATE = "pregnant, or on heart-rate medicine: effort and talk test only";

    private ReadOut() {}

    /**
     * Returns a line for the moment, one for each participant, and the share of the group inside the target.
     *
     * @param second of the class, from 0
     */
    public static String of(Effort effort, int second) {
        List<String> lines = new ArrayList<>();
        boolean claimed = effort.claimedAt(second);
        lines.add("effort at %s, estimated%s".formatted(Lengths.clock(Duration.ofSeconds(second)),
                claimed ? "" : ": toning, so no heart rate is claimed"));
        for (Line line : effort.lines()) {
            lines.add(of(line, second, claimed));
        }
        inside(effort, second).ifPresent(lines::add);
        Brief brief = effort.timeline().plan().brief();
        if (claimed && heartIsNoGuide(brief)) {
            lines.add(NO_HEART_RATE);
        }
        return String.join("\n", lines);
    }

    /**
     * Returns what one more line says of a moment: "vigorous: a few words; 142 beats a minute; 62 % of the group inside
     * the target".
     *
     * @param second of the class, from 0
     */
    public static String moment(Effort effort, int second) {
        List<String> words = new ArrayList<>();
        double share = effort.main().share(second);
        Band band = Band.of(share);
        words.add("%s: %s".formatted(band.words(), band.talk()));
        boolean claimed = effort.claimedAt(second);
        Brief brief = effort.timeline().plan().brief();
        if (!claimed) {
            words.add("toning, so no heart rate is claimed");
        } else if (heartIsNoGuide(brief)) {
            words.add(NO_HEART_RATE);
        } else {
            words.add("%s about %d beats a minute".formatted(effort.main().who().name(),
                    Math.round(effort.main().who().heartRate(share))));
        }
        inside(effort, second).ifPresent(words::add);
        return String.join("; ", words);
    }

    private static Optional<String> inside(Effort effort, int second) {
        int at = Math.min(second, effort.inside().length - 1);
        return at >= 0 && effort.inside()[at] >= 0
                ? Optional.of(
                        "%d %% of the group inside the target"
                                .formatted(Math.round(effort.inside()[at] * 100)))
                : Optional.empty();
    }

    private static boolean heartIsNoGuide(Brief brief) {
        return brief.having(Limit.PREGNANCY) > 0 || brief.having(Limit.BLOOD_PRESSURE) > 0;
    }

    private static String of(Line line, int second, boolean claimed) {
        double share = line.share(second);
        Band band = Band.of(share);
        String heart = claimed
                ? ", %d %% HRR, %d beats a minute".formatted(Math.round(share * 100),
                        Math.round(line.who().heartRate(share)))
                : "";
        return String.format(Locale.ROOT, "%s %.1f%s, %s: %s", line.who().name(), line.effort(second), heart,
                band.words(), band.talk());
    }

    /** Returns "26 min moderate or harder: moderate 20, vigorous 6". */
    public static String minutes(Effort effort) {
        String bands = effort.minutes(effort.main()).entrySet().stream()
                .filter(each -> each.getKey().compareTo(Band.MODERATE) >= 0 && each.getValue() >= 0.5)
                .map(each -> "%s %d".formatted(each.getKey().words(), Math.round(each.getValue())))
                .collect(Collectors.joining(", "));
        return "%d min moderate or harder%s".formatted(Math.round(effort.effortMinutes()),
                bands.isEmpty() ? "" : ": " + bands);
    }

    /** Returns "about 310 to 520 kcal for the regular, an estimate". */
    public static String energy(Effort effort) {
        int[] kcal = effort.energy(effort.main().who());
        return "about %d to %d kcal for the %s, an estimate".formatted(kcal[0], kcal[1],
                effort.main().who().name());
    }
}
