package app.kehre.formats.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.stream.Stream;

/** The files of this computer. */
public final class LocalDisk implements Disk {

    /** No document of Kehre's is nearly as large; a slip of the hand in a file dialog often is. */
    private static final long LARGEST = 32L << 20;

    @Override
    public byte[] read(Path file) throws DiskTrouble {
        try {
            if (Files.isDirectory(file)) {
                throw new DiskTrouble(
                        "%s could not be read: it is a folder, a file was expected.".formatted(file));
            }
            if (Files.size(file) > LARGEST) {
                throw new DiskTrouble("%s could not be read: it has more than 32 MB.".formatted(file));
            }
            return Files.readAllBytes(file);
        } catch (IOException cause) {
            throw DiskTrouble.reading(file, cause);
        }
    }

    @Override
    public void replace(Path file, byte[] bytes) throws DiskTrouble {
        try {
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                write(file, bytes);
                return;
            }
            Path target = Files.isSymbolicLink(file) ? file.toRealPath() : file.toAbsolutePath();
            Files.createDirectories(target.getParent());
            Path beside = target.resolveSibling(target.getFileName() + ".part");
            try {
                write(beside, bytes);
                Files.move(beside, target, StandardCopyOption.ATOMIC_MOVE,
                        StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(beside);
            }
        } catch (IOException cause) {
            throw DiskTrouble.writing(file, cause);
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
                    && Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)).sorted().toList();
        } catch (IOException cause) {
            throw DiskTrouble.reading(folder, cause);
        }
    }

    private static void write(Path file, byte[] bytes) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE,
                StandardOpenOption.TRUNCATE_EXISTING)) {
            ByteBuffer left = ByteBuffer.wrap(bytes);
            while (left.hasRemaining()) {
                channel.write(left);
            }
            channel.force(true);
        }
    }
}
