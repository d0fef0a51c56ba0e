package app.kehre.store;

import java.util.Optional;

import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Why something did not go, in words, as far as SQLite says it. */
final class Why {

    private Why() {}

    /** Returns ": the disk is full"; empty when nothing more is known. */
    static String of(Throwable cause) {
        return code(cause).map(Why::words).map(words -> ": " + words).orElse("");
    }

    private static Optional<SQLiteErrorCode> code(Throwable cause) {
        for (Throwable each = cause; each != null; each = each.getCause()) {
            if (each instanceof SQLiteException found) {
                return Optional.of(found.getResultCode());
            }
        }
        return Optional.empty();
    }

    private static String words(SQLiteErrorCode code) {
        String name = code.name();
        if (name.startsWith("SQLITE_BUSY") || name.startsWith("SQLITE_LOCKED")) {
            return "another window is writing in it; try again";
        }
        if (name.startsWith("SQLITE_FULL")) {
            return "the disk is full";
        }
        if (name.startsWith("SQLITE_READONLY") || name.startsWith("SQLITE_CANTOPEN")
                || name.startsWith("SQLITE_PERM")) {
            return "it must not be written to";
        }
        if (name.startsWith("SQLITE_CORRUPT") || name.startsWith("SQLITE_NOTADB")) {
            return "it is damaged, or no studio";
        }
        return name.startsWith("SQLITE_IOERR") ? "the disk failed" : "it refused (" + name + ")";
    }
}
