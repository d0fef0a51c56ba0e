package app.kehre.core.studio;

import app.kehre.core.log.PaceWishes;

/** What is kept between classes. What it holds may be asked for by one thread at a time. */
public interface Studio {

    /** Returns the classes that were taught. */
    Records records();

    /** Returns the plans. */
    Plans plans();

    /** Returns what is kept whole. */
    Shelf shelf();

    /** Returns the checks that groups do. */
    FitnessChecks checks();

    /**
     * Returns what is wanted of the pace that is learned.
     *
     * @throws StudioTrouble when it could not be read
     */
    PaceWishes wishes() throws StudioTrouble;

    /**
     * Keeps what is wanted of the pace that is learned.
     *
     * @throws StudioTrouble when it could not be kept
     */
    void keep(PaceWishes wishes) throws StudioTrouble;
}
