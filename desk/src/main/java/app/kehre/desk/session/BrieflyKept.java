package app.kehre.desk.session;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

import app.kehre.core.studio.StudioTrouble;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.store.StudioFile;

/**
 * What is kept in the studio of a data folder, for a command that is over in a moment: the studio is opened for each time that
 * it is read or changed, and made only when something is kept in it.
 */
public final class BrieflyKept implements Kept {

    private final Path studio;
    private final String name;
    private final Kept before;

    /** Keeps something under a name; until it is changed for the first time it is what lies in a file of before. */
    public BrieflyKept(Path data, String name, Disk disk) {
        this.studio = data.resolve(StudioFile.NAME);
        this.name = name;
        this.before = Kept.inFile(data, name, disk);
    }

    private interface Work<T> {
        T with(Kept kept) throws DiskTrouble;
    }

    private <T> T open(Work<T> work) throws DiskTrouble {
        try (StudioFile open = StudioFile.open(studio)) {
            return work.with(Kept.inStudio(open::shelf, name, before));
        } catch (StudioTrouble trouble) {
            throw new DiskTrouble(trouble.sentence());
        }
    }

    @Override
    public Optional<byte[]> read() throws DiskTrouble {
        return Files.exists(studio) ? open(Kept::read) : before.read();
    }

    @Override
    public void change(Change change) throws DiskTrouble {
        open(kept -> {
            kept.change(change);
            return name;
        });
    }
}
