package app.kehre.formats.disk;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;

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
        Path deep = folder.resolve("new/deep");
        Path file = deep.resolve("plan.kehre.json");
        disk.replace(file, new byte[]{1, 2, 3});
        disk.replace(file, new byte[]{4});

        assertThat(disk.read(file)).containsExactly(4);
        assertThat(disk.list(deep, "")).containsExactly(file);
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
        Path file = folder.resolve("plan.kehre.json");
        disk.replace(file, new byte[]{1});
        Files.createDirectory(folder.resolve("plan.kehre.json.part"));
        Files.createFile(folder.resolve("plan.kehre.json.part/in-the-way"));

        assertThatThrownBy(() -> disk.replace(file, new byte[]{2})).isInstanceOf(DiskTrouble.class);

        assertThat(disk.read(file)).containsExactly(1);
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
            channel.write(java.nio.ByteBuffer.wrap(new byte[]{1}), 33L << 20);
        }

        assertThatThrownBy(() -> disk.read(huge))
                .hasMessage(huge + " could not be read: it has more than 32 MB.");
    }
}
