package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** {@code kehre demo}. */
@Command(name = "demo", mixinStandardHelpOptions = true, description = "Opens the window with the demo class.")
final class DemoCommand implements Callable<Integer> {

    @Option(names = "--studio", paramLabel = "FILE", description = "Another studio than that of the demo.")
    private @Nullable Path studio;

    @Override
    public Integer call() {
        return Launch.window(Optional.empty(), true, Optional.ofNullable(studio));
    }
}
