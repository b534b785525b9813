package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.Question;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Dimension;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.rules.StatedRules;
import promedio.core.working.Methods;
import promedio.core.working.OwnWorking;
import promedio.core.working.Working;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.MarginText;
import promedio.desktop.projection.Results;
import promedio.desktop.projection.Sentences;
import promedio.desktop.projection.several.TestKind;
import promedio.desktop.projection.several.TestText;
import promedio.document.Block;
import promedio.files.report.ResultText;
import promedio.files.report.RuleText;

/** What is told of a question: its working, its result, and the sentence of a test. */
final class HandInQuestion {

  private final Assignment assignment;
  private final Set<Content> contents;
  private final Told told;

  /**
   * Makes one.
   *
   * @param told what the document has told already
   */
  HandInQuestion(Assignment assignment, Set<Content> contents, Told told) {
    this.assignment = assignment;
    this.contents = contents;
    this.told = told;
  }

  /** {@return the measures of these keys} */
  static List<Measure> measures(String... keys) {
    return Arrays.stream(keys).flatMap(key -> Measures.ofKey(key).stream()).toList();
  }

  /** {@return what is asked, in a line; none where nothing is} */
  static Optional<Block> asked(List<Question> questions, Analysis now) {
    String asked =
        questions.stream()
            .flatMap(
                question ->
                    now.in(question.about().subset()).stream()
                        .map(of -> inLine(MarginText.heading(question.request(), of), question)))
            .collect(Collectors.joining("; "));
    return asked.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Block.Paragraph(Texts.of("handin.asked", asked) + stated(questions, now), true));
  }

  /** What the question says itself besides the places; of a test what is set in it. */
  private static String stated(List<Question> questions, Analysis now) {
    boolean tests = questions.stream().anyMatch(question -> question.request().isProbability());
    StatedRules stated = tests ? now.item().test().stated() : StatedRules.NONE;
    for (Question question : questions) {
      stated = stated.and(question.stated());
    }
    String words = RuleText.of(stated.withPlaces(Optional.empty()));
    return words.isEmpty() ? "" : " " + Texts.of("handin.stated", words);
  }

  private static String inLine(String heading, Question question) {
    return question
        .stated()
        .places()
        .filter(places -> !question.request().decides())
        .map(places -> Texts.of("handin.to-places", heading, places))
        .orElse(heading);
  }

  /** {@return what is told of the question, asked of this} */
  List<Block> of(Question question, Analysis asked) {
    Analysis of = asked.by(question);
    Request request = question.request();
    List<Block> blocks = new ArrayList<>();
    blocks.add(new Block.Heading(2, MarginText.heading(request, of)));
    boolean covered = of.isCovered(request);
    if (contents.contains(Content.WORKINGS) && !covered && !request.decides()) {
      Method method = method(request, of);
      Working.of(of.typed().data(), of.rules(), request, method)
          .ifPresent(
              working -> blocks.addAll(HandInWorking.of(working, own(question, method), of, told)));
    }
    if (contents.contains(Content.RESULTS) && !covered) {
      blocks.add(
          Block.Paragraph.of(
              request.decides()
                  ? Sentences.about(request, of.computation().result(request), of)
                  : Texts.of("handin.result", equation(request, of))));
    }
    if (contents.contains(Content.ANSWERS) && question.work().isAnswered()) {
      blocks.add(Block.Paragraph.of(Texts.of("handin.answer", question.answer().strip())));
    }
    if (covered) {
      blocks.add(new Block.Paragraph(Texts.of("handin.covered"), true));
    } else {
      test(request, of).ifPresent(blocks::add);
    }
    return blocks;
  }

  private static String equation(Request request, Analysis of) {
    Result result = of.computation().result(request);
    if (result instanceof Result.Absent absent) {
      return Texts.of("about.absent", absent.why().text());
    }
    boolean bare = result instanceof Result.Named || request.dimension() == Dimension.PERCENT;
    String unit = bare ? "" : request.dimension().unit(of.item().unit());
    String shown = Results.shown(result, request, of);
    return ResultText.equation(
        of.computation().symbol(request).plain(),
        unit.isEmpty() ? shown : shown + " " + unit,
        Results.isAll(result, request, of.rules()));
  }

  /** The course tells how measures are worked; what has arguments is worked by its definition. */
  private Method method(Request request, Analysis of) {
    Method chosen =
        request.arguments().isEmpty()
            ? assignment.course().method(request.measure())
            : Method.DEFINITION;
    return Methods.of(request, of.rules(), of.typed().data()).contains(chosen)
        ? chosen
        : Method.DEFINITION;
  }

  private OwnWorking own(Question question, Method method) {
    return contents.contains(Content.OWN_WORKING)
        ? question.work().working(method)
        : OwnWorking.EMPTY;
  }

  /** A p-value is followed by what it decides, in a sentence. */
  private static Optional<Block> test(Request request, Analysis of) {
    return Arrays.stream(TestKind.values())
        .filter(
            kind -> kind.takes(request.arguments()) && kind.p(request.arguments()).equals(request))
        .findFirst()
        .map(kind -> TestText.of(kind, of, request.arguments()))
        .filter(test -> test.problem().isEmpty())
        .map(
            test ->
                Block.Paragraph.of(
                    String.join(
                        "\n",
                        test.hypotheses(),
                        test.critical(),
                        test.decision(),
                        test.sentence())));
  }
}
