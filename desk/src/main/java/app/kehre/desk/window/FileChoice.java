package app.kehre.desk.window;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** Asks the person for a file. A port, so that tests can answer. */
public interface FileChoice {

    /** What kind of file is asked for. */
    enum Kind {
        /** A plan. */
        PLAN("Class plan", "*.kehre.json"),
        /** A printed sheet. */
        PDF("PDF", "*.pdf"),
        /** A table of exercises. */
        CSV("Table", "*.csv"),
        /** A copy of the studio. */
        STUDIO("Studio", "*.db");

        private final String words;
        private final String pattern;

        Kind(String words, String pattern) {
            this.words = words;
            this.pattern = pattern;
        }

        private String ending() {
            return pattern.substring(1);
        }

        /** Returns a file with the ending of its kind; one that has it stays as it is. */
        Path withEnding(Path file) {
            String name = file.getFileName().toString();
            return name.toLowerCase(Locale.ROOT).endsWith(ending())
                    ? file
                    : file.resolveSibling(name + ending());
        }
    }

    /** Returns the file to open; nothing when the person thought better of it. */
    Optional<Path> toOpen(Kind kind);

    /**
     * Returns the file to write, as it was typed; nothing when the person thought better of it. Whoever asks here is asked
     * before a file of this very name is replaced.
     */
    Optional<Path> toWrite(Kind kind, String suggestion);

    /** Returns the system's own file windows, over a window of ours. */
    static FileChoice ofSystem(Supplier<Window> owner) {
        return new FileChoice() {

            private Optional<Path> folder = Optional.empty();

            @Override
            public Optional<Path> toOpen(Kind kind) {
                return remember(chooser(kind).showOpenDialog(owner.get()));
            }

            @Override
            public Optional<Path> toWrite(Kind kind, String suggestion) {
                FileChooser chooser = chooser(kind);
                chooser.setInitialFileName(suggestion + kind.ending());
                return remember(chooser.showSaveDialog(owner.get()));
            }

            private FileChooser chooser(Kind kind) {
                FileChooser chooser = new FileChooser();
                chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind.words, kind.pattern));
                folder.filter(Files::isDirectory)
                        .ifPresent(path -> chooser.setInitialDirectory(path.toFile()));
                return chooser;
            }

            private Optional<Path> remember(@org.jspecify.annotations.Nullable File file) {
                Optional<Path> path = Optional.ofNullable(file).map(File::toPath);
                path.map(Path::getParent).ifPresent(parent -> folder = Optional.of(parent));
                return path;
            }
        };
    }
}
