package app.kehre.desk.control;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

import org.junit.jupiter.api.Test;

import app.kehre.desk.Instructor;
import app.kehre.desk.command.FxThread;

import static org.assertj.core.api.Assertions.assertThat;

class LatestTest {

    private final Deque<Runnable> beside = new ArrayDeque<>();
    private final List<String> shown = new ArrayList<>();
    private final List<String> worked = new ArrayList<>();
    private final Latest latest = new Latest(beside::add);

    private void ask(String question) {
        latest.ask(() -> {
            worked.add(question);
            return "answer to " + question;
        }, shown::add);
    }

    private void workAll() {
        while (!beside.isEmpty()) {
            beside.remove().run();
        }
        Instructor.startOnce();
        FxThread.settle();
    }

    @Test
    void onlyTheLatestQuestionIsWorkedOutAndShown() {
        ask("one");
        ask("two");
        ask("three");
        workAll();

        assertThat(shown).containsExactly("answer to three");
        assertThat(worked).containsExactly("three");
    }

    @Test
    void anAnswerThatComesTooLateIsNotShown() {
        ask("one");
        beside.remove().run();
        ask("two");
        workAll();

        assertThat(worked).containsExactly("one", "two");
        assertThat(shown).last().isEqualTo("answer to two");
    }

    @Test
    void whatWasDroppedIsNeitherWorkedOutNorShown() {
        ask("one");
        latest.drop();
        workAll();

        assertThat(worked).isEmpty();
        assertThat(shown).isEmpty();
    }
}
