package app.kehre.core.kit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import app.kehre.core.dose.Reading;

/** Loads as an instructor writes them: "2 light weights", "1 long band", "none". */
public final class LoadNotation {

    private static final String EXAMPLES = "write it like 2 light weights, 1 heavy weight, long band or none";

    private LoadNotation() {}

    /** Prints a load in the notation that {@link #parse} reads; nothing carried is "none". */
    public static String print(Load load) {
        return switch (load) {
            case Load.None() -> "none";
            case Load.Carried(Equipment kit, Load.Size size, int howMany) -> {
                String sized = size == Load.Size.UNSIZED ? "" : size.word() + " ";
                yield howMany + " " + sized + kit.noun(howMany);
            }
        };
    }

    /** Reads a load; an empty text is no load, and a size alone means hand weights. */
    public static Reading<Load> parse(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        if (plain.isEmpty() || plain.equals("none")) {
            return Reading.of(Load.NONE);
        }
        List<String> words = new ArrayList<>(List.of(plain.split("\\s+")));
        int howMany = words.getFirst().matches("\\d{1,3}") ? Integer.parseInt(words.removeFirst()) : 1;
        Load.Size size = takeSize(words);
        boolean sizeAlone = words.isEmpty() && size != Load.Size.UNSIZED;
        Optional<Equipment> kit = sizeAlone
                ? Optional.of(Equipment.WEIGHT)
                : Equipment.find(String.join(" ", words));
        if (kit.isEmpty()) {
            return Reading.refused("\"%s\" is not a load: %s.".formatted(text.strip(), EXAMPLES));
        }
        if (howMany < 1 || howMany > Load.Carried.MOST) {
            return Reading.refused(
                    "A load is 1 to %d pieces a person, not %d.".formatted(Load.Carried.MOST, howMany));
        }
        return Reading.of(new Load.Carried(kit.get(), size, howMany));
    }

    private static Load.Size takeSize(List<String> words) {
        Load.Size found = Arrays.stream(Load.Size.values())
                .filter(size -> !words.isEmpty() && size.word().equals(words.getFirst())).findFirst()
                .orElse(Load.Size.UNSIZED);
        if (found != Load.Size.UNSIZED) {
            words.removeFirst();
        }
        return found;
    }
}
