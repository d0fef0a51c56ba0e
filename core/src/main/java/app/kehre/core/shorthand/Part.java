package app.kehre.core.shorthand;

import java.util.List;

/** A stretch of a line and what it is taken for. */
sealed interface Part {

    /** Returns where it begins and ends, in tokens. */
    int from();

    int to();

    /** Words that may name exercises, the best first; telling where one of them is more than a side or a direction. */
    record Name(int from, int to, List<Candidate> candidates, int words, boolean telling) implements Part {

        Candidate best() {
            return candidates.getFirst();
        }

        /** Returns whether it stands for an exercise by itself: a whole name, or most of a long one. */
        boolean strong() {
            return best().quality() >= 0.9 && (words > 1 || telling)
                    || words > 1 && best().quality() >= 0.7 && telling;
        }
    }

    /** Something that is said of an exercise. */
    record Said(int from, int to, Fact fact) implements Part {}

    /** What joins two things, or parts them: "+", "and", ",", "-". */
    record Joint(int from, int to, String sign) implements Part {}

    /** A word that says nothing. */
    record Small(int from, int to, String word) implements Part {}

    /** A word that nobody knows here. */
    record Unknown(int from, int to) implements Part {}
}
