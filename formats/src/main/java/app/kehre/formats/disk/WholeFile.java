package app.kehre.formats.disk;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.OpenOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFileAttributes;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.time.Instant;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * A file is written beside its place under a name that nobody can guess, forced to the disk, and moved over. The new
 * file is opened so that it must not be there yet and no link is followed: what somebody laid there is never touched.
 */
final class WholeFile {

    /** The process that writes, when it started, and what cannot be guessed: short, so that the name never gets too long. */
    private static final Pattern PART = Pattern
            .compile("\\.kehre-(\\d{1,10})-(\\d{1,16})-[0-9a-f]{16}\\.part");
    private static final SecureRandom RANDOM = new SecureRandom();
    private static final Set<PosixFilePermission> WRITE = EnumSet.of(PosixFilePermission.OWNER_WRITE,
            PosixFilePermission.GROUP_WRITE, PosixFilePermission.OTHERS_WRITE);
    private static final FileAttribute<?>[] OWNER_ONLY = {
            PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------"))};

    private WholeFile() {}

    /** Replaces a file that is no link, or makes it. Its mode stays, and its owner where the system lets it. */
    static void replace(Path file, byte[] bytes) throws IOException {
        Path part = beside(file);
        Optional<PosixFileAttributes> before = attributes(file);
        requireWritable(file, before);
        try {
            write(part, bytes, before.isPresent() ? OWNER_ONLY : new FileAttribute<?>[0]);
            if (before.isPresent()) {
                dress(part, before.get());
            }
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
        forceFolder(file);
    }

    /**
     * Makes a file.
     *
     * @throws java.nio.file.FileAlreadyExistsException when anything of the name is there
     */
    static void create(Path file, byte[] bytes) throws IOException {
        Path part = beside(file);
        try {
            write(part, bytes);
            Files.move(part, file);
        } finally {
            Files.deleteIfExists(part);
        }
        forceFolder(file);
    }

    /** Writes into what is no file, such as a pipe. */
    static void pour(Path device, byte[] bytes) throws IOException {
        try (FileChannel channel = FileChannel.open(device, StandardOpenOption.WRITE)) {
            writeAll(channel, bytes);
        }
    }

    /** Returns whether this is a file that a write has begun. */
    static boolean isPart(Path file) {
        return PART.matcher(file.getFileName().toString()).matches();
    }

    private static Path beside(Path file) throws IOException {
        Path folder = file.getParent();
        if (folder == null || !Files.isDirectory(folder)) {
            throw new NoSuchFileException(file.toString(), null, folder != null && Files.exists(folder)
                    ? "%s is no folder".formatted(folder)
                    : DiskTrouble.NO_FOLDER);
        }
        clear(folder);
        ProcessHandle here = ProcessHandle.current();
        return folder.resolve(
                ".kehre-%d-%d-%016x.part".formatted(here.pid(), started(here), RANDOM.nextLong()));
    }

    /** Clears what writes have begun whose process is no more. */
    private static void clear(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(WholeFile::isAbandoned).toList()) {
                Files.deleteIfExists(file);
            }
        } catch (IOException kept) {
            // What cannot be cleared now does no harm; the write itself says what is wrong with the folder.
            return;
        }
    }

    private static boolean isAbandoned(Path file) {
        Matcher name = PART.matcher(file.getFileName().toString());
        return name.matches() && Files.isRegularFile(file, LinkOption.NOFOLLOW_LINKS)
                && ProcessHandle.of(Long.parseLong(name.group(1)))
                        .filter(process -> started(process) == Long.parseLong(name.group(2))).isEmpty();
    }

    private static long started(ProcessHandle process) {
        return process.info().startInstant().map(Instant::toEpochMilli).orElse(0L);
    }

    private static Optional<PosixFileAttributes> attributes(Path file) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(file, PosixFileAttributeView.class,
                LinkOption.NOFOLLOW_LINKS);
        return view == null || !Files.exists(file, LinkOption.NOFOLLOW_LINKS)
                ? Optional.empty()
                : Optional.of(view.readAttributes());
    }

    /** Moving another file over would change what its owner protected from being changed. */
    private static void requireWritable(Path file, Optional<PosixFileAttributes> before) throws IOException {
        boolean sealed = before.map(found -> found.permissions().stream().noneMatch(WRITE::contains))
                .orElse(false);
        if (sealed || (Files.exists(file) && !Files.isWritable(file))) {
            throw new AccessDeniedException(file.toString(), null, "it is read-only");
        }
    }

    private static void dress(Path part, PosixFileAttributes before) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(part, PosixFileAttributeView.class,
                LinkOption.NOFOLLOW_LINKS);
        own(view, before);
        view.setPermissions(before.permissions());
    }

    private static void own(PosixFileAttributeView view, PosixFileAttributes before) throws IOException {
        PosixFileAttributes now = view.readAttributes();
        try {
            if (!now.group().equals(before.group())) {
                view.setGroup(before.group());
            }
            if (!now.owner().equals(before.owner())) {
                view.setOwner(before.owner());
            }
        } catch (FileSystemException notAllowed) {
            // Only the system's administrator may give files away; whoever writes then owns the file.
            return;
        }
    }

    private static void write(Path file, byte[] bytes, FileAttribute<?>... attributes) throws IOException {
        Set<OpenOption> how = Set.of(StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE,
                LinkOption.NOFOLLOW_LINKS);
        try (FileChannel channel = FileChannel.open(file, how, attributes)) {
            writeAll(channel, bytes);
            channel.force(true);
        }
    }

    private static void writeAll(FileChannel channel, byte[] bytes) throws IOException {
        ByteBuffer left = ByteBuffer.wrap(bytes);
        while (left.hasRemaining()) {
            channel.write(left);
        }
    }

    /** So that the move itself survives a power cut, where folders can be forced. */
    private static void forceFolder(Path file) {
        try (FileChannel folder = FileChannel.open(file.getParent(), StandardOpenOption.READ)) {
            folder.force(true);
        } catch (IOException notHere) {
            return;
        }
    }
}
