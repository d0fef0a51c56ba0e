package app.kehre.store;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.studio.FitnessChecks;
import app.kehre.core.studio.StudioTrouble;

/** The checks that groups do, as they lie in the studio. */
final class CheckTable implements FitnessChecks {

    private final StudioFile studio;

    CheckTable(StudioFile studio) {
        this.studio = studio;
    }

    @Override
    public void keep(Result result) throws StudioTrouble {
        studio.change("The results", handle -> handle.execute(
                "insert into fitness_result values (?, ?, ?, ?, ?) on conflict do update set unit = excluded.unit,"
                        + " results = excluded.results",
                result.check(), result.unit(), result.group(), result.day().toString(),
                result.values().stream().map(String::valueOf).collect(Collectors.joining(" "))));
    }

    @Override
    public List<Result> all() throws StudioTrouble {
        return studio.read("The results", handle -> handle
                .createQuery("select * from fitness_result order by name, group_name, day")
                .map((row, _) -> new Result(row.getString("name"), row.getString("unit"),
                        row.getString("group_name"), LocalDate.parse(row.getString("day")),
                        Stream.of(row.getString("results").split(" ")).map(Double::valueOf).toList()))
                .list());
    }
}
