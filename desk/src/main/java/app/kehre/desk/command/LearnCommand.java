package app.kehre.desk.command;

import java.time.Instant;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import javafx.application.Platform;

import picocli.CommandLine.Command;

import app.kehre.core.exercise.Library;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.session.OpenStudio;
import app.kehre.formats.library.BuiltInLibrary;

/**
 * {@code kehre learn}: opens the demo the way it is opened every day, with a log behind it, and types a little. Java keeps what
 * it learns of that, so the way must be the usual one: what is not gone here is slower at each start. For the launchers, with
 * an empty data folder.
 */
@Command(name = "learn", hidden = true, description = "Opens the demo without a display and types into it, for what Java learns of it.")
final class LearnCommand implements Callable<Integer> {

    private static final int EDITS = 70;

    @Override
    public Integer call() throws StudioTrouble {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        Library library = BuiltInLibrary.load();
        try (OpenStudio studio = OpenStudio.open(Launch.usualStudio(true))) {
            DemoClasses.fill(studio.studio(), library, Instant.now());
            DemoLog.fill(studio.studio(), library, 1);
        }
        CompletableFuture<long[]> typed = new CompletableFuture<>();
        int code = Launch.window(Optional.empty(), true, Optional.empty(),
                open -> new TypedEdits(open, EDITS, 0, typed).start());
        if (code == 0) {
            typed.join();
            Platform.exit();
        }
        return code;
    }
}
