package app.kehre.core.choreography;

import app.kehre.core.value.Side;

/**
 * What is said and shown before a change.
 *
 * @param at the count of the build-up on which the change comes, from 0
 * @param ahead so many counts before it the cue begins: 2, 4 or 8
 * @param words what is said: "Knee lift, right"
 * @param side the side that leads then, as the group sees its own
 * @param own the foot on which the instructor leads then
 * @param sign the sign of the hand, in words
 */
public record Cue(int at, int ahead, String words, Side side, Side own, String sign) {

    /**
     * Returns whether it runs on a count of the build-up.
     *
     * @param count of the build-up, from 0
     */
    public boolean runs(int count) {
        return count >= at - ahead && count < at;
    }

    /**
     * Returns what is said on a count: the words first, then the countdown.
     *
     * @param count of the build-up, from 0
     */
    public String said(int count) {
        int left = at - count;
        return ahead > 4 && left > 4 || ahead <= 4 && left > ahead / 2 ? words : Integer.toString(left);
    }
}
