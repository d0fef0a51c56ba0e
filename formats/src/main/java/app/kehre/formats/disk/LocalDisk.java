package app.kehre.formats.disk;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The files of this computer. */
public final class LocalDisk implements Disk {

    /** No document of Kehre's is nearly as large; a slip of the hand in a file dialog often is. */
    private static final long LARGEST = 64L << 20;

    @Override
    public byte[] read(Path file) throws DiskTrouble {
        try {
            if (Files.isDirectory(file)) {
                throw new DiskTrouble(
                        "%s could not be read: it is a folder, a file was expected.".formatted(file));
            }
            if (!Files.isRegularFile(file) && Files.exists(file)) {
                throw new DiskTrouble(
                        "%s could not be read: it is a device or a pipe, a file was expected."
                                .formatted(file));
            }
            if (Files.size(file) > LARGEST) {
                throw new DiskTrouble("%s could not be read: it has more than 64 MB.".formatted(file));
            }
            return Files.readAllBytes(file);
        } catch (IOException cause) {
            throw DiskTrouble.reading(file, cause);
        }
    }

    @Override
    public boolean isThere(Path file) {
        return Files.exists(file, LinkOption.NOFOLLOW_LINKS);
    }

    @Override
    public void replace(Path file, byte[] bytes) throws DiskTrouble {
        try {
            Path target = resolved(file);
            if (Files.isDirectory(target)) {
                throw new DiskTrouble("%s could not be written: it is a folder.".formatted(file));
            }
            if (Files.exists(target) && !Files.isRegularFile(target)) {
                WholeFile.pour(target, bytes);
            } else {
                WholeFile.replace(target, bytes);
            }
        } catch (IOException cause) {
            throw DiskTrouble.writing(file, cause);
        }
    }

    @Override
    public void create(Path file, byte[] bytes) throws DiskTrouble {
        try {
            if (isThere(file)) {
                throw new FileAlreadyExistsException(file.toString());
            }
            WholeFile.create(file.toAbsolutePath(), bytes);
        } catch (IOException cause) {
            throw DiskTrouble.writing(file, cause);
        }
    }

    @Override
    public void makeFolder(Path folder) throws DiskTrouble {
        try {
            Files.createDirectories(folder);
        } catch (IOException cause) {
            throw DiskTrouble.writing(folder, cause);
        }
    }

    @Override
    public void remove(Path file) throws DiskTrouble {
        try {
            Files.deleteIfExists(file);
        } catch (IOException cause) {
            throw DiskTrouble.writing(file, cause);
        }
    }

    @Override
    public List<Path> list(Path folder, String ending) throws DiskTrouble {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.getFileName().toString().endsWith(ending)
                    && !WholeFile.isPart(file) && Files.isRegularFile(file)).sorted().toList();
        } catch (IOException cause) {
            throw DiskTrouble.reading(folder, cause);
        }
    }

    @Override
    public <T> T alone(Path folder, Work<T> work) throws DiskTrouble {
        makeFolder(folder);
        try (FolderLock _ = FolderLock.of(folder)) {
            return work.run();
        } catch (IOException cause) {
            throw DiskTrouble.writing(folder, cause);
        }
    }

    /** Where a file really lies: what a link leads to is followed here, once, and nowhere else. */
    private static Path resolved(Path file) throws IOException {
        if (!Files.isSymbolicLink(file)) {
            return file.toAbsolutePath();
        }
        try {
            return file.toRealPath();
        } catch (NoSuchFileException nowhere) {
            throw new NoSuchFileException(file.toString(), null, "it is a link that leads nowhere");
        }
    }
}
