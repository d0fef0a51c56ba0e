package app.kehre.formats.assessment;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Line;
import app.kehre.core.effort.Passage;
import app.kehre.core.effort.Piece;
import app.kehre.formats.table.Cells;

/** The predicted effort of a class, one row a second, as CSV (RFC 4180, UTF-8). */
public final class EffortTable {

    private EffortTable() {}

    /** Returns second, then METs, share of the heart-rate reserve where it is claimed, and effort for each participant. */
    public static String csv(Effort effort) {
        return Cells.table(rows -> {
            rows.accept(header(effort));
            List<Passage> unclaimed = effort.unclaimed();
            for (int second = 0; second < effort.main().seconds(); second++) {
                rows.accept(row(effort, second, unclaimed));
            }
        });
    }

    private static List<String> header(Effort effort) {
        List<String> header = new ArrayList<>(List.of("second"));
        for (Line line : effort.lines()) {
            String name = line.who().name();
            header.addAll(List.of(name + " METs", name + " %HRR", name + " effort"));
        }
        return header;
    }

    private static List<String> row(Effort effort, int second, List<Passage> unclaimed) {
        List<String> row = new ArrayList<>(List.of(String.valueOf(second)));
        Optional<Demand> demand = effort.pieceAt(second).map(Piece::demand);
        boolean claimed = unclaimed.stream().noneMatch(each -> each.from() <= second && second < each.to());
        for (Line line : effort.lines()) {
            row.add(demand.map(found -> number(found.mets(line.who()))).orElse(""));
            row.add(claimed ? number(line.share(second) * 100) : "");
            row.add(number(line.effort(second)));
        }
        return row;
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
