package app.kehre.core.fitting;

/**
 * How much each kind of change matters: the least weighted change is proposed. Kehre's estimates.
 *
 * @param dose for a dose that is doubled or left out
 * @param rounds for a round more or less
 * @param rests for five seconds of each rest
 * @param phrases for a phrase of a build-up
 * @param out for a line that is left out, of a stretch
 * @param touched for each line that is changed at all, so that few are
 */
record Weights(int dose, int rounds, int rests, int phrases, int out, int touched) {

    static final Weights USUAL = new Weights(100, 120, 30, 40, 130, 12);
    static final Weights FEWER_ROUNDS = new Weights(300, 25, 90, 60, 900, 12);
    static final Weights SHORTER_RESTS = new Weights(160, 900, 6, 80, 900, 12);
    static final Weights FEWER_LINES = new Weights(400, 400, 200, 160, 40, 12);
    /** While a class is taught nobody keeps more than two or three changes in mind. */
    static final Weights IN_THE_HALL = new Weights(80, 70, 60, 40, 110, 120);
    static final Weights IN_THE_HALL_FEWER_LINES = new Weights(300, 200, 200, 120, 40, 40);
    /** With time left a stretch or a dose grows before a round comes again. */
    static final Weights IN_THE_HALL_LONGER = new Weights(60, 150, 90, 60, 110, 60);
    static final Weights IN_THE_HALL_SMALLER_DOSES = new Weights(50, 300, 90, 60, 900, 20);

    /** What was promised is shortened only when what was not gives nothing more. */
    static final double PROMISED = 400;
    /** What comes first and last is touched less readily. */
    static final double DEAR = 1.6;
    /** Main work is left out less readily than a stretch. */
    static final double MAIN = 1.7;
    /** Going towards the target of a segment is cheaper, going away from it dearer. */
    static final double TOWARDS = 0.7;
    static final double AWAY = 1.5;
    /** Who has to save time adds nothing elsewhere, unless a whole round has saved more than is needed. */
    static final double AGAINST = 4;
    /** A warm-up or a cool-down that is short already is made no shorter, if anything else can be done. */
    static final double TOO_SHORT = 8;

    /**
     * Returns what something costs; a dose that is changed twice as much costs more than twice as much.
     *
     * @param against whether it adds time where some is to be saved, or the other way round
     */
    int cost(Adjustable.Option option, boolean against) {
        double size = option.size();
        double cost = switch (option.change().kind()) {
            case DOSE -> touched + dose * (size + size * size);
            case ROUNDS -> rounds * size;
            case RESTS -> touched + rests * size;
            case PHRASES -> phrases * size;
            case OUT, IN, WHOLE -> out * size;
        };
        return Math.max(1, (int) Math.round(cost * option.weight() * (against ? AGAINST : 1)));
    }
}
