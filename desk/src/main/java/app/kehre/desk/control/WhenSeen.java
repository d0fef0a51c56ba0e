package app.kehre.desk.control;

import javafx.scene.Node;

/** Does something as soon as a node is in a scene: at once when it is, else when it is put into one. */
public final class WhenSeen {

    private final Node node;
    private final Runnable work;
    private boolean due;

    /** Makes one for a node. */
    public WhenSeen(Node node, Runnable work) {
        this.node = node;
        this.work = work;
        node.sceneProperty().addListener(_ -> {
            if (due) {
                run();
            }
        });
    }

    /** Does it, now or later; once, however often it is asked for meanwhile. */
    public void run() {
        due = node.getScene() == null;
        if (!due) {
            work.run();
        }
    }
}
