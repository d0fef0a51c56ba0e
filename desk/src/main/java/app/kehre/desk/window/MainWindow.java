package app.kehre.desk.window;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.image.Image;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.desk.brief.BriefView;
import app.kehre.desk.brief.BriefViewModel;
import app.kehre.desk.classes.ClassesView;
import app.kehre.desk.classes.ClassesViewModel;
import app.kehre.desk.combination.CombinationView;
import app.kehre.desk.combination.CombinationViewModel;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.exercises.ExercisesView;
import app.kehre.desk.exercises.ExercisesViewModel;
import app.kehre.desk.fault.FaultLog;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Theme;
import app.kehre.desk.plan.ChoosingViewModel;
import app.kehre.desk.plan.PlanView;
import app.kehre.desk.plan.PlanViewModel;
import app.kehre.desk.session.ClassFolder;
import app.kehre.desk.session.KeptTeaching;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.Patterns;
import app.kehre.desk.session.Recovery;
import app.kehre.desk.session.Rescued;
import app.kehre.desk.session.Shelf;
import app.kehre.desk.sheet.SheetView;
import app.kehre.desk.sheet.SheetViewModel;
import app.kehre.desk.sound.Clicks;
import app.kehre.desk.teach.TeachView;
import app.kehre.desk.teach.TeachViewModel;
import app.kehre.formats.disk.DiskTrouble;

/** Everything in the window: the rail, the places, notices, and the keys that work everywhere. */
public final class MainWindow {

    private final OpenPlan open;
    private final ObjectProperty<Palette> palette = new SimpleObjectProperty<>(Palette.LIGHT);
    private final NoticeBar notices = new NoticeBar();
    private final Recovery recovery;
    private final PlanFiles files;
    private final Rescue rescue;
    private final Patterns patterns;
    private final PlanViewModel planModel;
    private final ChoosingViewModel choosing;
    private final SheetViewModel sheetModel;
    private final TeachViewModel teachModel;
    private final TeachingRescue taught;
    private final Shelf shelf;
    private final ClassesView classesView;
    private final BriefView briefView;
    private final CombinationViewModel combinationModel;
    private final CombinationView combinationView;
    private final ExercisesView exercisesView;
    private final PlanView planView;
    private final SheetView sheetView;
    private final TeachView teachView;
    private final Rail rail;
    private final Foot foot;
    private final Button wear;
    private final StackPane stage = new StackPane();
    private final BorderPane main = new BorderPane();
    private final BorderPane root = new BorderPane();
    private final Scene scene;
    private Theme theme = Theme.LIGHT;
    private Place place = Place.PLAN;

    /** Makes the window's content around an open class. */
    public MainWindow(OpenPlan open, Library library, Surroundings around) {
        this.open = open;
        recovery = new Recovery(around.data().resolve("recovery"), around.disk(),
                trouble -> Platform.runLater(() -> tellUnkept(trouble)));
        shelf = new Shelf(library, around.data(), around.disk());
        Supplier<Library> all = shelf.library()::get;
        files = new PlanFiles(open, all, around, notices);
        rescue = new Rescue(open, all, around.disk(), notices, recovery, files);
        patterns = new Patterns(around.data(), around.disk());
        planModel = new PlanViewModel(open, all, patterns::all);
        ClassFolder folder = new ClassFolder(open, around.disk(), around.data().resolve("classes"));
        choosing = new ChoosingViewModel(planModel, all, folder);
        sheetModel = new SheetViewModel(Executors.newSingleThreadExecutor(
                work -> Thread.ofPlatform().daemon().name("sheet").unstarted(work)), around.disk());
        teachModel = new TeachViewModel(open.settled().get(), around.clock(), around.steady());
        taught = new TeachingRescue(open, teachModel, around.clock(), notices,
                new KeptTeaching(around.data().resolve("teaching"), around.disk(),
                        trouble -> Platform.runLater(() -> files.tell(trouble.sentence()))),
                files);
        Button teach = new Button("Teach");
        teach.setId("teach");
        teach.getStyleClass().add("go");
        teach.setOnAction(_ -> go(Place.TEACH));
        planView = new PlanView(planModel, choosing, palette, teach);
        classesView = new ClassesView(
                new ClassesViewModel(open, all, folder),
                palette, this::openClass);
        briefView = new BriefView(new BriefViewModel(open, planModel::setHint));
        combinationModel = new CombinationViewModel(open, all);
        combinationView = new CombinationView(combinationModel, palette, around.clock(), Clicks.find());
        exercisesView = new ExercisesView(
                new ExercisesViewModel(shelf, open, around.disk(), files::tell), this::addToClass,
                () -> around.files().toOpen(FileChoice.Kind.CSV),
                write -> files.targets().ask(FileChoice.Kind.CSV, "exercises", write));
        sheetView = new SheetView(sheetModel, this::saveSheet, this::print);
        teachView = new TeachView(teachModel, () -> go(Place.PLAN));
        rail = new Rail(palette, this::go);
        foot = new Foot(open, planModel.hint());
        wear = addCommands();
        lay();
        scene = new Scene(root, 1280, 800);
        dress(Theme.LIGHT);
        bind();
        go(Place.PLAN);
    }

    private void lay() {
        root.setLeft(rail);
        root.setTop(notices);
        root.setCenter(main);
        main.setCenter(stage);
        main.setBottom(foot);
    }

    private Button addCommands() {
        rail.command("new", "New", "Ctrl+N", files::startNew);
        rail.command("open", "Open\u2026", "Ctrl+O", files::open);
        rail.command("save", "Save", "Ctrl+S", files::save);
        rail.command("save-as", "Save as\u2026", "", files::saveAs);
        return rail.command("theme", "Dark", "", () -> dress(theme.other()));
    }

    private void bind() {
        open.shown().addListener(_ -> keep());
        open.refusal().addListener((_, _, refusal) -> {
            if (!refusal.isEmpty()) {
                foot.refuse(refusal);
            }
        });
        planModel.opened().addListener((_, _, id) -> {
            if (id.isPresent()) {
                planModel.opened().set(Optional.empty());
                go(Place.COMBINATION);
            }
        });
        open.unsaved().addListener(_ -> keep());
        open.unsaved().addListener((_, _, unsaved) -> {
            if (!unsaved) {
                keepPatterns();
            }
        });
        open.settled().addListener((_, _, planned) -> {
            if (place == Place.SHEET) {
                sheetModel.show(planned);
            }
        });
        scene.addEventFilter(KeyEvent.KEY_PRESSED, new Keys(this, files, open, planView)::onKey);
    }

    /** Returns the scene. */
    public Scene scene() {
        return scene;
    }

    /** Returns the place that is shown. */
    public Place place() {
        return place;
    }

    /** Returns the theme that is worn. */
    public Theme theme() {
        return theme;
    }

    /** Returns whether the sheet has been made since the Sheet place was opened. */
    public boolean sheetReady() {
        return sheetModel.ready();
    }

    /** Returns the class being planned. */
    public PlanViewModel planning() {
        return planModel;
    }

    /** Returns whether the class that is shown has been judged. */
    public boolean judged() {
        return choosing.judged();
    }

    /** Returns the class being taught. */
    public TeachViewModel teaching() {
        return teachModel;
    }

    /** Offers what an earlier run left unsaved. */
    public void offerRescue() {
        taught.offer(shelf.library()::get, () -> go(Place.TEACH));
        rescue.offer();
        if (!shelf.trouble().isEmpty()) {
            files.tell("own exercises", shelf.trouble());
        }
    }

    /** Opens a file, or says why not. */
    public void open(java.nio.file.Path file) {
        files.open(file);
    }

    /** Opens a class of the folder and goes on to plan it, after asking about unsaved changes. */
    private void openClass(java.nio.file.Path file) {
        files.unlessUnsaved(() -> {
            files.open(file);
            go(Place.PLAN);
        });
    }

    /** Finishes keeping the class for a later rescue; what is kept stays. */
    public void stopKeeping() {
        taught.stop();
        recovery.close();
    }

    /** Runs what closes the window, after asking about unsaved changes. Returns whether it ran at once. */
    public boolean leave(Runnable close) {
        return files.unlessUnsaved(() -> {
            taught.forget();
            recovery.forget();
            stopKeeping();
            close.run();
        });
    }

    /** Goes to a place. */
    public void go(Place to) {
        place = to;
        Node view = switch (to) {
            case CLASSES -> classesView;
            case BRIEF -> briefView;
            case PLAN -> planView;
            case COMBINATION -> combinationView;
            case EXERCISES -> exercisesView;
            case SHEET -> sheetView;
            case TEACH -> teachView;
        };
        if (to == Place.COMBINATION) {
            planModel.entry().get().ifPresent(combinationModel::show);
        } else {
            combinationView.leave();
        }
        if (to == Place.SHEET) {
            sheetModel.show(open.settled().get());
        } else if (to == Place.TEACH) {
            teachModel.prepare(open.settled().get());
        }
        if (to == Place.CLASSES) {
            classesView.show();
        }
        if (to == Place.EXERCISES) {
            planModel.selectedExercise().ifPresent(exercisesView::open);
        }
        boolean hall = to == Place.TEACH;
        root.setLeft(hall ? null : rail);
        root.setTop(hall ? null : notices);
        main.setBottom(hall ? null : foot);
        stage.getChildren().setAll(view);
        rail.show(to);
        teachView.follow(hall);
        focusPlace();
    }

    /** Puts the keyboard where the work of the shown place begins. */
    void focusPlace() {
        switch (place) {
            case CLASSES -> classesView.focusFirst();
            case BRIEF -> briefView.focusFirst();
            case PLAN -> planView.focusLines();
            case COMBINATION -> combinationView.focusScore();
            case EXERCISES -> exercisesView.focusSearch();
            case SHEET -> sheetView.focusPages();
            case TEACH -> teachView.requestFocus();
        }
    }

    /** Wears a theme. */
    public void dress(Theme other) {
        theme = other;
        palette.set(other.palette());
        other.dress(scene);
        wear.setText(other == Theme.LIGHT ? "Dark" : "Light");
    }

    private void keep() {
        if (open.unsaved().get() || !open.latest().equals(open.plan())) {
            Rescued now = new Rescued(open.document().with(open.latest()), open.inFile());
            recovery.keep(now::bytes);
        } else {
            recovery.forget();
        }
    }

    private void addToClass(Exercise exercise) {
        choosing.add(exercise);
        foot.say("%s was added to %s.".formatted(exercise.name(), planModel.segmentName()));
    }

    private void keepPatterns() {
        try {
            patterns.keep(open.plan());
        } catch (DiskTrouble trouble) {
            foot.say(trouble.sentence());
        }
    }

    private void tellUnkept(DiskTrouble trouble) {
        files.tellUnkept(trouble);
    }

    /** Says that Kehre itself failed at something; the class is still there. */
    public void tellFault() {
        files.tell("fault",
                "Kehre failed at what was asked last. The class is still open; save it. Where it failed"
                        + " is written to %s in the data folder.".formatted(FaultLog.FILE));
    }

    /** Looks whether somebody else has changed the file of the open class meanwhile. */
    public void lookAgain() {
        files.lookAgain();
    }

    private void saveSheet() {
        files.targets().ask(FileChoice.Kind.PDF, files.suggestion(), file -> {
            try {
                sheetModel.save(file);
                foot.say("The sheet lies in %s.".formatted(file));
            } catch (DiskTrouble trouble) {
                files.tell(trouble.sentence());
            }
        });
    }

    private void print(List<Image> pages) {
        Printing.print(pages, scene.getWindow()).ifPresentOrElse(files::tell,
                () -> foot.say("The sheet is on its way to the printer."));
    }
}
