package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Supplier;

import app.kehre.core.studio.Shelf;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;

/** Something that is kept whole under a name: in a file, as it was before there was a studio, or in the studio. */
public interface Kept {

    /** Nothing, which cannot be changed. */
    Kept NOTHING = new Kept() {
        @Override
        public Optional<byte[]> read() {
            return Optional.empty();
        }

        @Override
        public void change(Change change) throws DiskTrouble {
            throw new DiskTrouble("Nothing can be kept here.");
        }
    };

    /** Makes what shall be kept of what is kept. */
    interface Change {
        /**
         * Makes it.
         *
         * @throws DiskTrouble when it cannot be changed; it stays as it is then
         */
        byte[] of(Optional<byte[]> before) throws DiskTrouble;
    }

    /**
     * Reads it; nothing when there is none yet.
     *
     * @throws DiskTrouble when it could not be read
     */
    Optional<byte[]> read() throws DiskTrouble;

    /**
     * Changes it with nobody in between.
     *
     * @throws DiskTrouble when it could not be read or written; it is as it was then
     */
    void change(Change change) throws DiskTrouble;

    /** Keeps it in a file of a folder. */
    static Kept inFile(Path folder, String name, Disk disk) {
        Path file = folder.resolve(name);
        return new Kept() {
            @Override
            public Optional<byte[]> read() throws DiskTrouble {
                return disk.isThere(file) ? Optional.of(disk.read(file)) : Optional.empty();
            }

            @Override
            public void change(Change change) throws DiskTrouble {
                disk.alone(folder, () -> {
                    disk.replace(file, change.of(read()));
                    return file;
                });
            }
        };
    }

    /**
     * Keeps it in the studio. Until it is changed there for the first time it is what lies in a file of before, which is
     * left where it is.
     */
    static Kept inStudio(Supplier<Shelf> shelf, String name, Kept before) {
        return new Kept() {
            @Override
            public Optional<byte[]> read() throws DiskTrouble {
                try {
                    Optional<byte[]> kept = shelf.get().read(name);
                    return kept.isPresent() ? kept : before.read();
                } catch (StudioTrouble trouble) {
                    throw new DiskTrouble(trouble.sentence());
                }
            }

            @Override
            public void change(Change change) throws DiskTrouble {
                Optional<byte[]> earlier = before.read();
                try {
                    shelf.get().change(name, kept -> {
                        try {
                            return Optional.of(change.of(kept.or(() -> earlier)));
                        } catch (DiskTrouble refused) {
                            throw new Refused(refused);
                        }
                    });
                } catch (StudioTrouble trouble) {
                    throw trouble.getCause() instanceof Refused refused
                            ? refused.trouble
                            : new DiskTrouble(trouble.sentence());
                }
            }
        };
    }

    /** A change that refuses itself, on its way through the studio, which changes nothing then. */
    final class Refused extends RuntimeException {

        private static final long serialVersionUID = 1;

        private final transient DiskTrouble trouble;

        private Refused(DiskTrouble trouble) {
            super(trouble);
            this.trouble = trouble;
        }
    }
}
