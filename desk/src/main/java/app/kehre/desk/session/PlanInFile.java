package app.kehre.desk.session;

import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;

/**
 * A plan's file as this window last read or wrote it, so that somebody else's change to it is noticed.
 *
 * @param file where it lies
 * @param print what was in it then, as a digest (SHA-256, in hexadecimal)
 */
public record PlanInFile(Path file, String print) {

    /** How a file is found that is looked at again. */
    public enum Found {
        /** As it was. */
        SAME,
        /** Somebody else has changed it. */
        CHANGED,
        /** It is no longer there. */
        GONE,
        /** It cannot be read now, so that nothing is known. */
        UNREADABLE
    }

    /** Returns a file with these bytes in it. */
    public PlanInFile(Path file, byte[] bytes) {
        this(file, print(bytes));
    }

    /** Looks at the file again. */
    public Found look(Disk disk) {
        if (!disk.isThere(file)) {
            return Found.GONE;
        }
        try {
            return print(disk.read(file)).equals(print) ? Found.SAME : Found.CHANGED;
        } catch (DiskTrouble unread) {
            return Found.UNREADABLE;
        }
    }

    private static String print(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
