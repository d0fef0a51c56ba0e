package app.kehre.desk.command;

import java.util.Optional;
import java.util.concurrent.Callable;

import picocli.CommandLine.Command;

/** {@code kehre demo}. */
@Command(name = "demo", mixinStandardHelpOptions = true, description = "Opens the window with the demo class.")
final class DemoCommand implements Callable<Integer> {

    @Override
    public Integer call() {
        return Launch.window(Optional.empty(), true);
    }
}
