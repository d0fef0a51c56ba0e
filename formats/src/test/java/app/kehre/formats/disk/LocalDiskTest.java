package app.kehre.formats.disk;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

class LocalDiskTest {

    private final LocalDisk disk = new LocalDisk();

    @TempDir
    private Path folder = Path.of("");

    @Test
    void aFileIsReplacedWholeAndNothingIsLeftBeside() throws DiskTrouble {
        Path file = folder.resolve("plan.kehre.json");
        disk.replace(file, new byte[]{1, 2, 3});
        disk.replace(file, new byte[]{4});

        assertThat(disk.read(file)).containsExactly(4);
        assertThat(folder.toFile().list()).containsExactly("plan.kehre.json");
    }

    @Test
    void aFolderThatIsNotThereIsNotMadeInPassing() throws DiskTrouble {
        Path file = folder.resolve("new/plan.kehre.json");

        assertThatThrownBy(() -> disk.replace(file, new byte[]{1}))
                .hasMessage(file + " could not be written: its folder is not there."
                        + " What it held before is unchanged.")
                .matches(trouble -> ((DiskTrouble) trouble).folderIsMissing());
        assertThat(folder).isEmptyDirectory();
        disk.makeFolder(folder.resolve("new"));
        disk.replace(file, new byte[]{1});
        assertThat(disk.read(file)).containsExactly(1);
    }

    @Test
    void whatSomebodyLaidBesideAFileIsNeverTouched() throws DiskTrouble, IOException {
        Path file = folder.resolve("plan.kehre.json");
        Path precious = Files.writeString(folder.resolve("precious"), "mine");
        Files.createSymbolicLink(folder.resolve("plan.kehre.json.part"), precious);
        Files.createDirectory(folder.resolve("other.kehre.json.part"));

        disk.replace(file, new byte[]{1});
        disk.replace(folder.resolve("other.kehre.json"), new byte[]{2});

        assertThat(precious).hasContent("mine");
        assertThat(folder.resolve("plan.kehre.json.part")).isSymbolicLink();
        assertThat(folder.resolve("other.kehre.json.part")).isEmptyDirectory();
        assertThat(Files.isSymbolicLink(file)).isFalse();
        assertThat(disk.read(file)).containsExactly(1);
    }

    @Test
    void aLinkStandsForItsFileInReadingListingAndWritingAlike() throws DiskTrouble, IOException {
        Path real = Files.write(folder.resolve("real.json"), new byte[]{1});
        Path link = Files.createSymbolicLink(folder.resolve("plan.kehre.json"), real);

        assertThat(disk.list(folder, ".kehre.json")).containsExactly(link);
        assertThat(disk.read(link)).containsExactly(1);
        disk.replace(link, new byte[]{2});

        assertThat(link).isSymbolicLink();
        assertThat(real).hasBinaryContent(new byte[]{2});
        Files.delete(real);
        assertThatThrownBy(() -> disk.replace(link, new byte[]{3}))
                .hasMessageContaining("it is a link that leads nowhere");
        assertThatThrownBy(() -> disk.create(link, new byte[]{3}))
                .hasMessageContaining("something of that name is there already");
        assertThat(real).doesNotExist();
    }

    @Test
    void theModeOfAFileStaysAndOneThatIsReadOnlyIsNotReplaced() throws DiskTrouble, IOException {
        Path file = Files.write(folder.resolve("plan.kehre.json"), new byte[]{1});
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw----"));
        disk.replace(file, new byte[]{2});
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file))).isEqualTo("rw-rw----");

        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> disk.replace(file, new byte[]{3}))
                .hasMessage(
                        file + " could not be written: it is read-only. What it held before is unchanged.");
        assertThat(disk.read(file)).containsExactly(2);
    }

    @Test
    void namesOfAnyLegalLengthAreWritten() throws DiskTrouble {
        Path longest = folder.resolve("x".repeat(244) + ".kehre.json");

        disk.replace(longest, new byte[]{1});

        assertThat(disk.read(longest)).containsExactly(1);
    }

    @Test
    void whatAKilledWriteLeftIsClearedByTheNextOneAndNothingElse() throws DiskTrouble, IOException {
        Path left = Files.createFile(folder.resolve(".kehre-999999999-1-0123456789abcdef.part"));
        Path running = Files.createFile(folder.resolve(".kehre-%d-%d-0123456789abcdef.part".formatted(
                ProcessHandle.current().pid(),
                ProcessHandle.current().info().startInstant().orElseThrow().toEpochMilli())));
        Path own = Files.createFile(folder.resolve(".kehre-notes.part"));

        disk.replace(folder.resolve("plan.kehre.json"), new byte[]{1});

        assertThat(left).doesNotExist();
        assertThat(running).exists();
        assertThat(own).exists();
        assertThat(disk.list(folder, "")).containsExactly(own, folder.resolve("plan.kehre.json"));
    }

    @Test
    void twoAtOnceInAFolderDoOneAfterTheOther() throws Exception {
        Path file = folder.resolve("count");
        disk.replace(file, new byte[]{0});
        try (ExecutorService many = Executors.newFixedThreadPool(4)) {
            for (int i = 0; i < 40; i++) {
                many.submit(() -> disk.alone(folder, () -> {
                    disk.replace(file, new byte[]{(byte) (disk.read(file)[0] + 1)});
                    return 0;
                }));
            }
        }

        assertThat(disk.read(file)).containsExactly(40);
    }

    @Test
    void aFullDiskIsSaidInPlainWords() {
        Path full = Path.of("/dev/full");
        assumeTrue(Files.exists(full), "/dev/full is there on Linux only");

        assertThatThrownBy(() -> disk.replace(full, new byte[]{1})).isInstanceOf(DiskTrouble.class)
                .hasMessage(
                        "/dev/full could not be written: the disk is full. What it held before is unchanged.");
    }

    @Test
    void aWriteThatFailsLeavesTheOldFileAsItWas() throws DiskTrouble, IOException {
        Path file = Files.createDirectory(folder.resolve("plan.kehre.json"));
        Path below = Files.write(folder.resolve("below"), new byte[]{1});

        assertThatThrownBy(() -> disk.replace(file, new byte[]{2}))
                .hasMessage(file + " could not be written: it is a folder.");
        assertThatThrownBy(() -> disk.replace(below.resolve("x"), new byte[]{2}))
                .hasMessageStartingWith(below.resolve("x") + " could not be written: %s is no folder."
                        .formatted(below));

        assertThat(file).isEmptyDirectory();
        assertThat(below).hasBinaryContent(new byte[]{1});
    }

    @Test
    void whatCannotBeReadIsNamedWithTheReason() {
        Path missing = folder.resolve("missing.kehre.json");

        assertThatThrownBy(() -> disk.read(missing))
                .hasMessage(missing + " could not be read: there is no such file or folder.");
        assertThatThrownBy(() -> disk.read(folder))
                .hasMessage(folder + " could not be read: it is a folder, a file was expected.");
        assertThat(DiskTrouble.reading(missing, new AccessDeniedException("x")).sentence())
                .isEqualTo(missing + " could not be read: permission was denied.");
    }

    @Test
    void aFarTooLargeFileIsNotEvenTried() throws IOException {
        Path huge = folder.resolve("huge.kehre.json");
        try (var channel = java.nio.channels.FileChannel.open(huge,
                java.nio.file.StandardOpenOption.CREATE_NEW, java.nio.file.StandardOpenOption.WRITE)) {
            channel.write(java.nio.ByteBuffer.wrap(new byte[]{1}), 65L << 20);
        }

        assertThatThrownBy(() -> disk.read(huge))
                .hasMessage(huge + " could not be read: it has more than 64 MB.");
    }
}
