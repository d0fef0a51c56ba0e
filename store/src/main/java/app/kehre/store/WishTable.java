package app.kehre.store;

import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import java.util.TreeSet;

import app.kehre.core.log.PaceWishes;
import app.kehre.core.studio.StudioTrouble;

/** What is wanted of the pace, as it lies in the studio. */
final class WishTable {

    private static final String WHAT = "What is wanted of the pace";

    private WishTable() {}

    static PaceWishes read(StudioFile studio) throws StudioTrouble {
        return studio.read(WHAT, handle -> {
            Map<PaceWishes.Key, Double> pinned = new HashMap<>();
            Map<PaceWishes.Key, LocalDateTime> since = new HashMap<>();
            handle.createQuery("select * from pace_wish").map((row, _) -> {
                PaceWishes.Key key = new PaceWishes.Key(Keys.quantity(row.getString("quantity")),
                        Keys.style(row.getString("style")));
                double value = row.getDouble("pinned");
                if (!row.wasNull()) {
                    pinned.put(key, value);
                }
                String from = row.getString("since");
                if (from != null) {
                    since.put(key, LocalDateTime.parse(from));
                }
                return key;
            }).list();
            return new PaceWishes(pinned, since);
        });
    }

    static void keep(StudioFile studio, PaceWishes wishes) throws StudioTrouble {
        TreeSet<PaceWishes.Key> keys = new TreeSet<>(wishes.pinned().keySet());
        keys.addAll(wishes.since().keySet());
        studio.change(WHAT, handle -> {
            handle.execute("delete from pace_wish");
            keys.forEach(key -> {
                LocalDateTime since = wishes.since().get(key);
                handle.execute("insert into pace_wish values (?, ?, ?, ?)", key.quantity().key(),
                        key.style().key(), wishes.pinned().get(key), since == null ? null : since.toString());
            });
            return keys.size();
        });
    }
}
