package app.kehre.formats.disk;

import java.nio.file.Path;
import java.util.List;

/** Files, read and written whole. A link in place of a file stands for the file that it leads to, in every method. */
public interface Disk {

    /**
     * Something done while nobody else changes a folder.
     *
     * @param <T> what comes of it
     */
    interface Work<T> {
        /**
         * Does it.
         *
         * @throws DiskTrouble when a file could not be read or written
         */
        T run() throws DiskTrouble;
    }

    /**
     * Returns the bytes of a file.
     *
     * @throws DiskTrouble with a sentence that names the file and the reason
     */
    byte[] read(Path file) throws DiskTrouble;

    /** Returns whether anything of the name is there, be it a link that leads nowhere. */
    boolean isThere(Path file);

    /**
     * Writes a file whole: afterwards it holds the new bytes, or on failure what it held before. The folder must be
     * there.
     *
     * @throws DiskTrouble with a sentence that names the file and the reason
     */
    void replace(Path file, byte[] bytes) throws DiskTrouble;

    /**
     * Writes a file that is not there yet.
     *
     * @throws DiskTrouble when anything of the name is, or as {@link #replace}
     */
    void create(Path file, byte[] bytes) throws DiskTrouble;

    /**
     * Makes a folder, and those that it lies in, unless it is there.
     *
     * @throws DiskTrouble when it cannot be made
     */
    void makeFolder(Path folder) throws DiskTrouble;

    /**
     * Removes a file if it is there; of a link, the link.
     *
     * @throws DiskTrouble naming the file and the reason
     */
    void remove(Path file) throws DiskTrouble;

    /** Returns the files of a folder whose names end so, sorted; none where there is no such folder. */
    List<Path> list(Path folder, String ending) throws DiskTrouble;

    /**
     * Does something while no other Kehre, and nothing else in this one, does something alone in the folder. The folder
     * is made if it is not there.
     *
     * @throws DiskTrouble when the folder cannot be locked within some seconds, or from the work
     */
    <T> T alone(Path folder, Work<T> work) throws DiskTrouble;
}
