package app.kehre.desk.window;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.image.Image;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Knowledge;
import app.kehre.core.nexttime.NextTime;
import app.kehre.core.plan.ClassPlan;
import app.kehre.desk.brief.BriefView;
import app.kehre.desk.brief.BriefViewModel;
import app.kehre.desk.check.CheckView;
import app.kehre.desk.check.FindingsViewModel;
import app.kehre.desk.classes.ClassesView;
import app.kehre.desk.classes.ClassesViewModel;
import app.kehre.desk.classes.NewClassModel;
import app.kehre.desk.combination.CombinationView;
import app.kehre.desk.exercises.ExercisesView;
import app.kehre.desk.exercises.ExercisesViewModel;
import app.kehre.desk.log.LogView;
import app.kehre.desk.plan.PlanView;
import app.kehre.desk.session.Classes;
import app.kehre.desk.sheet.SheetView;
import app.kehre.desk.sound.Clicks;
import app.kehre.desk.teach.TeachView;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.sheet.CheckPdf;
import app.kehre.formats.sheet.Unprintable;

/** The pages of the places, each made when it is shown for the first time. */
final class Pages {

    private final Backstage back;
    private final Consumer<Place> go;
    private final Consumer<String> say;
    private final Map<Place, Page> made = new EnumMap<>(Place.class);
    private Optional<PlanView> planView = Optional.empty();
    private Optional<ClassesView> classesView = Optional.empty();

    /**
     * Makes none yet.
     *
     * @param go leads to another place
     * @param say says something by the way, at the foot of the window
     */
    Pages(Backstage back, Consumer<Place> go, Consumer<String> say) {
        this.back = back;
        this.go = go;
        this.say = say;
    }

    Page of(Place place) {
        Page there = made.get(place);
        if (there == null) {
            there = make(place);
            made.put(place, there);
        }
        return there;
    }

    private Page make(Place place) {
        return switch (place) {
            case CLASSES -> classes();
            case BRIEF -> brief();
            case PLAN -> plan();
            case COMBINATION -> combination();
            case CHECK -> check();
            case SHEET -> sheet();
            case TEACH -> teach();
            case LOG -> log();
            case EXERCISES -> exercises();
        };
    }

    /** Returns the lines, made by now or not. */
    PlanView planView() {
        of(Place.PLAN);
        return planView.orElseThrow();
    }

    private Page classes() {
        ClassesView view = new ClassesView(
                new ClassesViewModel(back.open, back.library, back.classes, back.recent, back.around.disk(),
                        back.around.studio().studio().plans(), back.around.clock()),
                new NewClassModel(back.open, back.library, back.classes, back.around.clock(),
                        back.files::unlessUnsaved, this::begun, back.learning),
                back.notices, back.palette, this::open);
        classesView = Optional.of(view);
        return Page.of(view, view::show, view::focusFirst);
    }

    /** The class that is open already is gone to with all its steps; another one is opened once nothing is lost by it. */
    private void open(Classes.Where where) {
        if (back.files.isOpen(where)) {
            go.accept(Place.PLAN);
            return;
        }
        back.files.unlessUnsaved(() -> {
            back.files.open(where);
            go.accept(Place.PLAN);
        });
    }

    /** Returns the classes, made by now or not. */
    ClassesView newClass() {
        of(Place.CLASSES);
        return classesView.orElseThrow();
    }

    /** The next line is typed at once. */
    private void begun(NewClassModel.Begin how) {
        go.accept(Place.PLAN);
        switch (how) {
            case SHAPE, EMPTY -> {
                back.open.plan().segments().stream().filter(segment -> segment.entries().isEmpty())
                        .findFirst()
                        .ifPresent(segment -> back.planModel.selectSegment(segment.id()));
                planView().focusAdd();
            }
            case TEXT -> planView().showText();
            case DRAFT, AGAIN -> planView().focusLines();
        }
    }

    private Page brief() {
        BriefView view = new BriefView(
                new BriefViewModel(back.open, back.library, back.planModel::setHint, back.learning));
        return Page.of(view, view::focusFirst);
    }

    private Page plan() {
        Button teach = new Button("Teach");
        teach.setId("teach");
        teach.getStyleClass().add("go");
        teach.setOnAction(_ -> go.accept(Place.TEACH));
        PlanView view = new PlanView(back.planModel, back.choosing, back.palette, teach);
        planView = Optional.of(view);
        return Page.of(view, view::focusLines);
    }

    private Page combination() {
        CombinationView view = new CombinationView(back.combinationModel, back.palette, back.around.clock(),
                Clicks.find());
        return new Page(view, () -> back.planModel.entry().get().ifPresent(back.combinationModel::show),
                view::leave, view::focusScore);
    }

    private Page check() {
        CheckView view = new CheckView(
                new FindingsViewModel(back.judged, back.library, back.planModel, () -> {
                    back.choosing.propose();
                    go.accept(Place.PLAN);
                }, () -> go.accept(Place.PLAN)), back.palette, this::saveCheck);
        return Page.of(view, view::focusFirst);
    }

    private Page exercises() {
        ExercisesView view = new ExercisesView(
                new ExercisesViewModel(back.ownLibrary, back.open, back.around.disk(), back.files::tell),
                this::addToClass, () -> back.around.files().toOpen(FileChoice.Kind.CSV),
                write -> back.files.targets().ask(FileChoice.Kind.CSV, "exercises", write));
        return Page.of(view, () -> back.planModel.selectedExercise().ifPresent(view::open),
                view::focusSearch);
    }

    private Page sheet() {
        SheetView view = new SheetView(back.sheetModel, this::saveSheet, this::print);
        return Page.of(view, () -> back.sheetModel.show(back.open.settled().get()), view::focusPages);
    }

    private Page teach() {
        TeachView view = new TeachView(back.teachModel, back.hallKeys, () -> go.accept(Place.PLAN));
        return new Page(view, () -> {
            back.prepareTeaching();
            view.follow(true);
        }, () -> view.follow(false), view::requestFocus);
    }

    private Page log() {
        LogView view = new LogView(back.logModel, back.palette, back.notices, back.planModel::setHint,
                this::again, this::copyStudio);
        return Page.of(view, view::show, view::focusFirst);
    }

    /** The class once more, a week later, with what was noted after it as a proposal. */
    private void again(ClassRecord record) {
        back.logModel.planOf(record, document -> back.files.unlessUnsaved(() -> {
            ClassPlan plan = document.plan().copy();
            Brief later = back.learning
                    .known(plan.brief().withDate(back.logModel.nextDay(plan.brief().date())));
            back.open.open(document.with(Knowledge
                    .marked(plan.with(later).with(back.learning.pace(later.group().older())))));
            go.accept(Place.PLAN);
            back.choosing.propose("Next time", NextTime.propose(record, back.open.plan()));
        }));
    }

    private void copyStudio() {
        back.files.targets().ask(FileChoice.Kind.STUDIO, "studio-" + back.logModel.today(),
                file -> back.logModel.copyTo(file,
                        () -> say.accept("A copy of the studio lies in %s; it is whole.".formatted(file))));
    }

    private void addToClass(Exercise exercise) {
        back.choosing.add(exercise);
        say.accept("%s was added to %s.".formatted(exercise.name(), back.planModel.segmentName()));
    }

    private void saveSheet() {
        back.files.targets().ask(FileChoice.Kind.PDF, back.files.suggestion(), file -> {
            try {
                back.sheetModel.save(file);
                say.accept("The sheet lies in %s.".formatted(file));
            } catch (DiskTrouble trouble) {
                back.files.tell(trouble.sentence());
            }
        });
    }

    private void saveCheck() {
        back.files.targets().ask(FileChoice.Kind.PDF, back.files.suggestion() + "-check", file -> {
            try {
                back.around.disk().replace(file, CheckPdf.of(back.judged.assessment().get()));
                say.accept("The page lies in %s.".formatted(file));
            } catch (DiskTrouble trouble) {
                back.files.tell(trouble.sentence());
            } catch (Unprintable missing) {
                back.files.tell(missing.sentence());
            }
        });
    }

    private void print(List<Image> pages) {
        Printing.print(pages, of(Place.SHEET).node().getScene().getWindow()).ifPresentOrElse(back.files::tell,
                () -> say.accept("The sheet is on its way to the printer."));
    }
}
