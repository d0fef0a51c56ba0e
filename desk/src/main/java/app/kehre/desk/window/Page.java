package app.kehre.desk.window;

import javafx.scene.Node;

/**
 * What is shown in a place. It is made when somebody goes there for the first time, and kept.
 *
 * @param node what is seen
 * @param show brings it up to date when it is shown
 * @param leave puts to rest what it does when another is shown
 * @param focus puts the keyboard where the work begins
 */
record Page(Node node, Runnable show, Runnable leave, Runnable focus) {

    private static final Runnable NOTHING = () -> {};

    /** Returns a page that is up to date by itself and does nothing that has to rest. */
    static Page of(Node node, Runnable focus) {
        return new Page(node, NOTHING, NOTHING, focus);
    }

    /** Returns a page that does nothing that has to rest. */
    static Page of(Node node, Runnable show, Runnable focus) {
        return new Page(node, show, NOTHING, focus);
    }
}
