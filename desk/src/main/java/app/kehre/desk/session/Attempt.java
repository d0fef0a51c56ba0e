package app.kehre.desk.session;

import java.util.function.Consumer;

import app.kehre.formats.disk.DiskTrouble;

/**
 * Work on the disk that nobody waits for.
 *
 * @param onTrouble told, on the thread of the work, when it failed
 */
record Attempt(Consumer<DiskTrouble> onTrouble) {

    /** A piece of such work. */
    interface Step {
        /**
         * Does it.
         *
         * @throws DiskTrouble when it could not be done
         */
        void run() throws DiskTrouble;
    }

    void run(Step step) {
        try {
            step.run();
        } catch (DiskTrouble trouble) {
            onTrouble.accept(trouble);
        }
    }
}
