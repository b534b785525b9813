package promedio.desktop.window.sample;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Question;
import promedio.core.catalogue.Measures;
import promedio.core.marking.Explanation;
import promedio.core.marking.Mark;
import promedio.core.marking.Verdict;
import promedio.core.measure.Request;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.rules.Rule;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Results;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.HowToEvent;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.Workspace;
import promedio.files.report.MarkTexts;

/**
 * What the student's answer is worth: the verdict at once, then as much as the student asks for: a
 * hint, what was probably done, and one by one what else would fit; never the result.
 */
final class AnswerCard extends MeasuredBox {

  /** Shows where in the working something happens. */
  interface StepOpener {
    /** Opens the working there. */
    void open(Explanation explanation);
  }

  private final Label heading = Controls.wrapped("", "answer-heading");
  private final Label verdict = Controls.wrapped("", "answer-text");
  private final Label hint = Controls.wrapped("", "answer-hint");
  private final VBox explained = new VBox(4);
  private final Label tries = Controls.wrapped("", "quiet");
  private final Hyperlink askHint = Controls.link("answer.hint", "answer-hint", () -> tell(1));
  private final Hyperlink askAll = Controls.link("answer.explain", "answer-explain", () -> tell(2));
  private final Hyperlink another =
      Controls.link("answer.another", "answer-another", this::tellAnother);
  private final Hyperlink open =
      Controls.link("answer.open-step", "answer-open-step", this::openStep);
  private final Workspace workspace;
  private final StepOpener opener;

  /** How often an answer was shown, so that only the newest one is explained. */
  private final AtomicInteger turns = new AtomicInteger();

  /** How much is told of the answer that stands there: 0 nothing, 1 the hint, 2 all. */
  private int told;

  /** Which of the explanations is told, from 0. */
  private int idea;

  private String toldOf = "";
  private @Nullable Analysis analysis;
  private Request request = Request.of(Measures.MEAN);

  AnswerCard(Workspace workspace, StepOpener opener) {
    super(4);
    this.workspace = workspace;
    this.opener = opener;
    getStyleClass().add("answer-box");
    verdict.setId("margin-answer");
    hint.setId("answer-hint-text");
    explained.setId("answer-explained");
    tries.setId("answer-tries");
    FlowPane links = Controls.wrapping(new FlowPane(10, 2, askHint, askAll, another, open));
    getChildren().addAll(heading, verdict, hint, explained, links, tries);
  }

  /** Shows what the answer to the measure tells; nothing where there is none. */
  void show(Request asked, Analysis now) {
    Question question = now.question(asked);
    String answer = question.answer().strip();
    String about = now.about() + " " + asked + " ";
    boolean typed = toldOf.startsWith(about) && !toldOf.equals(about + answer);
    if (!toldOf.equals(about + answer)) {
      told = 0;
      idea = 0;
      toldOf = about + answer;
    }
    analysis = now;
    request = asked;
    Nodes.setShown(this, !answer.isEmpty());
    int turn = turns.incrementAndGet();
    if (answer.isEmpty()) {
      return;
    }
    heading.setText(Texts.of("margin.your", answer));
    Optional<Mark> found = now.marks().atOnce(question);
    found.ifPresentOrElse(mark -> show(mark, now), () -> lookFor(question, now, typed, turn));
  }

  /** Shows that the answer is looked at, and what it tells as soon as that is known. */
  private void lookFor(Question question, Analysis now, boolean typed, int turn) {
    StyleNames.judge(this, Optional.empty());
    verdict.setText(Texts.of("margin.looking"));
    for (Node node : List.of(hint, explained, askHint, askAll, another, open, tries)) {
      Nodes.setShown(node, false);
    }
    workspace
        .explanations()
        .find(
            now.marks(),
            question,
            typed,
            () -> turns.get() == turn,
            () -> show(now.mark(question.request()), now));
  }

  private void tell(int much) {
    told = much;
    Analysis now = analysis;
    if (now != null) {
      show(now.mark(request), now);
    }
  }

  private void tellAnother() {
    idea++;
    tell(2);
  }

  private void show(Mark mark, Analysis now) {
    StyleNames.judge(this, Optional.of(mark.verdict()));
    verdict.setText(verdict(mark, now));
    MarkTexts texts = new MarkTexts(now.marks().problem(now.question(request)), now.sign());
    Optional<Explanation> shown = idea(mark);
    Nodes.setShown(hint, told == 1 && shown.isPresent());
    explained.getChildren().clear();
    shown.ifPresent(
        explanation -> {
          hint.setText(texts.hint(explanation));
          explain(explanation, mark, texts);
        });
    Nodes.setShown(explained, told > 1 && shown.isPresent());
    Nodes.setShown(askHint, shown.isPresent() && told < 1);
    Nodes.setShown(askAll, shown.isPresent() && told < 2);
    Nodes.setShown(another, told > 1 && mark.explanations().size() > 1);
    Nodes.setShown(open, shown.isPresent() && told > 1);
    showTries(now);
  }

  /** The explanation that is told; after the last one the first comes again. */
  private Optional<Explanation> idea(Mark mark) {
    List<Explanation> all = mark.explanations();
    return all.isEmpty() ? Optional.empty() : Optional.of(all.get(idea % all.size()));
  }

  /** The result stands in it only where the answer has it too, and it is not covered. */
  private String verdict(Mark mark, Analysis now) {
    Verdict found = mark.verdict();
    if (request.decides() && !mark.agrees() && now.followsFromOwn(request)) {
      return Texts.of("margin.mark.follows");
    }
    if (mark.agrees() && (now.isCovered(request) || request.decides())) {
      return Texts.of("cover.mark." + found.code());
    }
    Analysis asked = now.asked(request);
    return mark.reason()
        .map(Message::text)
        .orElseGet(
            () ->
                Texts.of(
                    "margin.mark." + found.code(),
                    Results.shown(asked.computation().result(request), request, asked),
                    asked.rules().get(Rule.PLACES)));
  }

  private void explain(Explanation explanation, Mark mark, MarkTexts texts) {
    Label text = Controls.wrapped("", "answer-text");
    text.setText(texts.text(explanation, mark));
    explained
        .getChildren()
        .addAll(text, HowToEvent.link("answer-how-to", () -> "slip." + explanation.cause().code()));
    texts
        .chance(mark)
        .ifPresent(
            chance -> {
              Label line = Controls.wrapped("", "quiet");
              line.setText(chance);
              explained.getChildren().add(line);
            });
  }

  /** Earlier tries, each with what it was worth. */
  private void showTries(Analysis now) {
    Question question = now.question(request);
    String answer = question.answer().strip();
    List<String> earlier =
        now.work(request).tries().stream()
            .filter(each -> !each.equals(answer))
            .map(
                each ->
                    Texts.of(
                        "answer.try",
                        each,
                        Texts.of("mark." + now.marks().of(question, each).verdict().code())))
            .toList();
    tries.setText(Texts.of("answer.tries", String.join("; ", earlier)));
    Nodes.setShown(tries, !earlier.isEmpty());
  }

  private void openStep() {
    Analysis now = analysis;
    if (now != null) {
      idea(now.mark(request)).ifPresent(opener::open);
    }
  }
}
