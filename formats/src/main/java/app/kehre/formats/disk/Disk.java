package app.kehre.formats.disk;

import java.nio.file.Path;
import java.util.List;

/** Files, read and written whole. */
public interface Disk {

    /** Returns the bytes of a file. @throws DiskTrouble with a sentence that names the file and the reason */
    byte[] read(Path file) throws DiskTrouble;

    /**
     * Writes a file whole: afterwards it holds the new bytes, or on failure what it held before.
     *
     * @throws DiskTrouble with a sentence that names the file and the reason
     */
    void replace(Path file, byte[] bytes) throws DiskTrouble;

    /** Removes a file if it is there. @throws DiskTrouble with a sentence that names the file and the reason */
    void remove(Path file) throws DiskTrouble;

    /** Returns the files of a folder whose names end so, sorted; none where there is no such folder. */
    List<Path> list(Path folder, String ending) throws DiskTrouble;
}
