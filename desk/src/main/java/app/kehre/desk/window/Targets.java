package app.kehre.desk.window;

import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;

import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;

/** Asks where something is to be written. What is asked about is what is written: the name with its ending. */
final class Targets {

    private static final String REPLACE = "replace";

    private final Surroundings around;
    private final NoticeBar notices;

    Targets(Surroundings around, NoticeBar notices) {
        this.around = around;
        this.notices = notices;
    }

    /**
     * Asks for a file and writes it. The system's window asks before the very name that was typed is replaced; where
     * an ending has to be added, the file of that name is asked about here.
     */
    void ask(FileChoice.Kind kind, String suggestion, Consumer<Path> write) {
        around.files().toWrite(kind, suggestion).ifPresent(chosen -> {
            Path target = kind.withEnding(chosen);
            if (target.equals(chosen) || !around.disk().isThere(target)) {
                notices.dismiss(REPLACE);
                write.accept(target);
                return;
            }
            notices.show(REPLACE,
                    "There is a file %s in this folder already.".formatted(target.getFileName()),
                    List.of(new Way("Another name\u2026", () -> ask(kind, suggestion, write)),
                            new Way("Replace it", () -> write.accept(target)),
                            new Way("Leave it", () -> {})));
        });
    }
}
