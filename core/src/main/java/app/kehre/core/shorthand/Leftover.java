package app.kehre.core.shorthand;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.plan.Notes;

/** What of a line is neither an exercise nor a dose: how much of it there is, and the note that it makes. */
final class Leftover {

    /** A number that says nothing may be a dose or a load that was not understood. */
    private static final int UNREAD_NUMBER = 10;

    private Leftover() {}

    /** How many words nobody knows, those in brackets and behind the last fact aside. */
    static int strange(List<Part> parts, List<Group> groups, List<Token> tokens) {
        int strange = 0;
        int end = parts.stream().filter(each -> each instanceof Part.Said || each instanceof Part.Name name
                && groups.stream().anyMatch(group -> group.name.equals(name))).mapToInt(Part::to).max()
                .orElse(0);
        for (Part part : parts) {
            boolean chosen = part instanceof Part.Name name
                    && groups.stream().anyMatch(group -> group.name.equals(name));
            boolean unread = part instanceof Part.Unknown || part instanceof Part.Name && !chosen;
            boolean number = part instanceof Part.Unknown && tokens.get(part.from()).isNumber();
            strange += number ? UNREAD_NUMBER : unread && part.to() <= end ? 2 : unread ? 1 : 0;
        }
        return strange;
    }

    /** The instructor's own words that say no exercise and no dose: what stood in brackets, then what nobody knows. */
    static String note(String bare, Brackets brackets, List<Part> parts, List<Group> groups) {
        List<String> notes = new ArrayList<>(brackets.notes());
        int from = -1;
        int to = -1;
        for (Part part : parts) {
            boolean chosen = part instanceof Part.Name name
                    && groups.stream().anyMatch(group -> group.name.equals(name));
            boolean breaks = part instanceof Part.Said || chosen
                    || part instanceof Part.Joint(int _, int _, String sign) && ",-/+".contains(sign);
            boolean unread = part instanceof Part.Unknown || part instanceof Part.Name && !chosen;
            boolean small = part instanceof Part.Small;
            if (unread || small && from < 0 && part instanceof Part.Small(int _, int _, String word)
                    && Grouping.ASIDE.contains(word) || small && from >= 0) {
                from = from < 0 ? part.from() : from;
                to = part.to();
            } else if (breaks && from >= 0) {
                add(notes, bare, brackets.tokens(), from, to);
                from = -1;
            }
        }
        if (from >= 0) {
            add(notes, bare, brackets.tokens(), from, to);
        }
        String note = String.join(", ", notes).replaceAll("\\s+", " ").strip();
        return note.substring(0, Math.min(note.length(), Notes.LONGEST));
    }

    private static void add(List<String> notes, String bare, List<Token> tokens, int from, int to) {
        String words = bare.substring(tokens.get(from).from(), tokens.get(to - 1).to()).strip()
                .replaceAll("[\\s:,(\\-\u2013\u2014|/]+$", "");
        boolean says = tokens.subList(from, to).stream()
                .anyMatch(each -> each.isWord() && !Lexicon.SMALL.contains(each.text()));
        if (!words.isEmpty() && says) {
            notes.add(words);
        }
    }
}
