package app.kehre.store;

import java.util.Optional;
import java.util.function.UnaryOperator;

import org.jdbi.v3.core.Handle;

import app.kehre.core.studio.Shelf;
import app.kehre.core.studio.StudioTrouble;

/** What is kept whole, as it lies in the studio. */
final class ShelfTable implements Shelf {

    private final StudioFile studio;

    ShelfTable(StudioFile studio) {
        this.studio = studio;
    }

    @Override
    public Optional<byte[]> read(String name) throws StudioTrouble {
        return studio.read(name, handle -> bytes(handle, name));
    }

    @Override
    public void change(String name, UnaryOperator<Optional<byte[]>> change) throws StudioTrouble {
        studio.change(name, handle -> {
            Optional<byte[]> after = change.apply(bytes(handle, name));
            return after.map(bytes -> handle.execute(
                    "insert into shelf values (?, ?) on conflict (name) do update set bytes = excluded.bytes",
                    name, bytes)).orElseGet(() -> handle.execute("delete from shelf where name = ?", name));
        });
    }

    private static Optional<byte[]> bytes(Handle handle, String name) {
        return handle.createQuery("select bytes from shelf where name = ?").bind(0, name)
                .mapTo(byte[].class).findOne();
    }
}
