package app.kehre.formats.disk;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;
import java.util.Locale;

/** A file could not be read or written; the message is a sentence ready to be shown. */
public final class DiskTrouble extends Exception {

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

    private static String reason(IOException cause) {
        String said = String.valueOf(cause.getMessage());
        if (said.toLowerCase(Locale.ROOT).contains("no space left")) {
            return "the disk is full";
        }
        return switch (cause) {
            case NoSuchFileException _ -> "there is no such file or folder";
            case AccessDeniedException _ -> "permission was denied";
            case NotDirectoryException _ -> "its folder is not a folder";
            case FileSystemException trouble when trouble.getReason() != null ->
                String.valueOf(trouble.getReason());
            default -> said;
        };
    }
}
