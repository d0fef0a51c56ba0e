package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.timeline.Timeline;
import app.kehre.formats.timeline.LineTable;
import app.kehre.formats.timeline.TimelineTable;

/** {@code kehre timeline PLAN}. */
@Command(name = "timeline", mixinStandardHelpOptions = true, description = {
        "Prints the timeline of a class, one row a span.",
        "The columns of the CSV: start_ms,end_ms,line,segment,item,phase,exercise,round,set,interval,rung,stage,side,unit,amount,count.",
        "By line: line,segment,item,exercise,dose,work_ms,explaining_ms,changeover_ms,rest_ms,talk_ms,lost_ms,total_ms."})
final class TimelineCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @ArgGroup
    private @Nullable Form form;

    /** One of the two forms. */
    static final class Form {
        @Option(names = "--csv", description = "As CSV.")
        private boolean csv;

        @Option(names = "--by", paramLabel = "line", description = "As CSV, one row a line: where its time goes.")
        private @Nullable By by;

        @Option(names = "--text", description = "To be read (this is the default).")
        private boolean text;
    }

    /** What a row is for. */
    enum By {
        /** A line of the plan. */
        line
    }

    @Override
    public Integer call() {
        return PlanCommand.run(plan, (document, _) -> {
            Timeline timeline = Timeline.of(document.plan());
            PlanCommand.print(form != null && form.by != null
                    ? LineTable.csv(timeline)
                    : form != null && form.csv && !form.text
                            ? TimelineTable.csv(timeline)
                            : TimelineTable.text(timeline));
            return 0;
        });
    }
}
