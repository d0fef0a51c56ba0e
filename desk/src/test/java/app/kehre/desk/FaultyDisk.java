package app.kehre.desk;

import java.nio.file.Path;
import java.util.List;

import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;

/** A disk that works until it is full. */
public final class FaultyDisk implements Disk {

    private final Disk disk = new LocalDisk();
    private volatile boolean full;

    /** Makes every write fail from now on, or work again. */
    public void full(boolean isFull) {
        full = isFull;
    }

    @Override
    public byte[] read(Path file) throws DiskTrouble {
        return disk.read(file);
    }

    @Override
    public boolean isThere(Path file) {
        return disk.isThere(file);
    }

    @Override
    public void replace(Path file, byte[] bytes) throws DiskTrouble {
        requireRoom(file);
        disk.replace(file, bytes);
    }

    @Override
    public void create(Path file, byte[] bytes) throws DiskTrouble {
        requireRoom(file);
        disk.create(file, bytes);
    }

    private void requireRoom(Path file) throws DiskTrouble {
        if (full) {
            throw new DiskTrouble(
                    "%s could not be written: the disk is full. What it held before is unchanged."
                            .formatted(file));
        }
    }

    @Override
    public void makeFolder(Path folder) throws DiskTrouble {
        disk.makeFolder(folder);
    }

    @Override
    public <T> T alone(Path folder, Work<T> work) throws DiskTrouble {
        return disk.alone(folder, work);
    }

    @Override
    public void remove(Path file) throws DiskTrouble {
        disk.remove(file);
    }

    @Override
    public List<Path> list(Path folder, String ending) throws DiskTrouble {
        return disk.list(folder, ending);
    }
}
