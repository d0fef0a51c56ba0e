package app.kehre.formats.disk;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.Locale;

/** A file could not be read or written; the message is a sentence ready to be shown. */
public final class DiskTrouble extends Exception {

    /** The reason when a file should be written into a folder that is not there. */
    static final String NO_FOLDER = "its folder is not there";

    /** Says what could not be done, and why. */
    public DiskTrouble(String sentence) {
        super(sentence);
    }

    private DiskTrouble(String sentence, IOException cause) {
        super(sentence, cause);
    }

    /** Returns the trouble of a failed read. */
    public static DiskTrouble reading(Path file, IOException cause) {
        return new DiskTrouble("%s could not be read: %s.".formatted(file, reason(cause)), cause);
    }

    /** Returns the trouble of a failed write. */
    public static DiskTrouble writing(Path file, IOException cause) {
        return new DiskTrouble("%s could not be written: %s. What it held before is unchanged."
                .formatted(file, reason(cause)), cause);
    }

    /** Returns the sentence. */
    public String sentence() {
        return String.valueOf(getMessage());
    }

    /** Returns whether all that is wrong is that the folder of a file to be written is not there. */
    public boolean folderIsMissing() {
        return getCause() instanceof NoSuchFileException cause && NO_FOLDER.equals(cause.getReason());
    }

    private static String reason(IOException cause) {
        String said = String.valueOf(cause.getMessage());
        if (said.toLowerCase(Locale.ROOT).contains("no space left")) {
            return "the disk is full";
        }
        return switch (cause) {
            case FileAlreadyExistsException _ -> "something of that name is there already";
            case FileSystemException trouble when !words(trouble).isEmpty() -> words(trouble);
            case NoSuchFileException _ -> "there is no such file or folder";
            case AccessDeniedException _ -> "permission was denied";
            case NotDirectoryException _ -> "its folder is not a folder";
            default -> said;
        };
    }

    /** What the system says, or Kehre; the system gives no words to what has a kind of its own. */
    private static String words(FileSystemException trouble) {
        String said = trouble.getReason();
        return said == null ? "" : Character.toLowerCase(said.charAt(0)) + said.substring(1);
    }
}
