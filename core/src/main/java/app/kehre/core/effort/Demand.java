package app.kehre.core.effort;

import app.kehre.core.plan.Variant;

/**
 * What a piece of the class asks for.
 *
 * @param kind whether the body answers with its heart or with its muscles
 * @param mets for the standard option, at least 1
 * @param effort 0 to 10 for the standard option; only of {@link Kind#STRENGTH}
 * @param asked the option that the instructor asks for
 * @param hops whether the harder option hops
 */
public record Demand(Kind kind, double mets, double effort, Variant asked, boolean hops) {

    /** What kind of work it is. */
    public enum Kind {
        /** Rhythmic work of large muscles: a share of the heart-rate reserve is claimed. */
        RHYTHMIC,
        /** Toning, holds, core: effort only, since the heart runs high there for the oxygen. */
        STRENGTH,
        /** Stretching, breathing. */
        STILL,
        /** Standing, walking, water. */
        REST
    }

    /** Net METs of an option to those of the next harder one. Kehre's estimate. */
    private static final double EASIER = 0.8;
    private static final double HARDER = 1.2;
    /** By how much an option is easier or harder in toning, on the scale from 0 to 10. Kehre's estimate. */
    private static final double OPTION = 0.7;
    private static final double HARDEST = 10;

    /** Returns rest at a level of METs. */
    static Demand rest(double mets) {
        return new Demand(Kind.REST, mets, 0, Variant.STANDARD, false);
    }

    /** Returns the share that somebody comes to in the long run: of the heart, or where it is more of the muscles. */
    public double share(Participant who) {
        return Math.max(heart(who), local(who));
    }

    /** Returns the share of the heart-rate reserve that somebody comes to in the long run. */
    double heart(Participant who) {
        return Math.max(0, who.share(mets(step(who))));
    }

    /** Returns the share of the reserve that feels like the work of the muscles; 0 where the heart alone says it. */
    double local(Participant who) {
        return kind == Kind.STRENGTH
                ? Scale.share(Math.clamp(effort + step(who) * OPTION + who.strain(), 0, HARDEST))
                : 0;
    }

    /** Returns the METs of somebody. */
    public double mets(Participant who) {
        return mets(step(who));
    }

    private double mets(int step) {
        if (kind == Kind.REST || kind == Kind.STILL) {
            return mets;
        }
        double factor = step < 0 ? EASIER : step > 0 ? HARDER : 1;
        return Lever.on(mets, step > 0 && hops ? Lever.HOP.factor() : factor);
    }

    /** The option of somebody, shifted by what is asked for: -1 easier, 0, 1 harder. */
    private int step(Participant who) {
        return Math.clamp(who.variant().ordinal() + asked.ordinal() - 2L * Variant.STANDARD.ordinal(), -1, 1);
    }

    /** Returns whether a share of the heart-rate reserve is claimed for it. */
    public boolean claimed() {
        return kind != Kind.STRENGTH;
    }
}
