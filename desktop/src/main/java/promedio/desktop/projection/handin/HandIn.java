package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.HandInChoice.Section;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Incomplete;
import promedio.desktop.projection.PartSheet;
import promedio.document.Block;
import promedio.document.Document;
import promedio.files.Guarded;
import promedio.files.report.TaskTexts;

/** Makes the document of an assignment: its rules, data, graphs, workings and results. */
public final class HandIn {

  /** Without any of these a sheet of exercises is left. */
  private static final Set<Content> SHOWING =
      Set.of(Content.RESULTS, Content.WORKINGS, Content.ANSWERS, Content.OWN_WORKING);

  private final Assignment assignment;
  private final HandInChoice choice;
  private final Map<Integer, Analysis> analyses = new HashMap<>();
  private final Set<Integer> told = new HashSet<>();
  private final Told working = new Told();
  private final List<Block> blocks = new ArrayList<>();

  /** What the reader must know first: which data are not all there. */
  private final List<Block> incomplete = new ArrayList<>();

  private HandIn(Assignment assignment, HandInChoice choice) {
    this.assignment = assignment;
    this.choice = choice;
  }

  /** {@return the document}; it stops where nobody waits for it any more */
  public static Document of(Assignment assignment, HandInChoice choice) {
    return new HandIn(assignment, choice).document();
  }

  /** {@return what a section is called} */
  public static String name(Assignment assignment, Section section) {
    if (!section.isPart()) {
      return assignment.item(section.id()).map(Item::name).orElse("");
    }
    List<Part> parts = assignment.parts();
    for (int i = 0; i < parts.size(); i++) {
      if (parts.get(i).id() == section.id()) {
        return Texts.of("handin.part", PartSheet.letter(i));
      }
    }
    return "";
  }

  private Document document() {
    List<Block> sections = new ArrayList<>();
    List<Question> asked = new ArrayList<>();
    for (Section section : choice.taken()) {
      Cancellation.check();
      List<Question> questions = questions(section);
      asked.addAll(questions);
      add(section, questions);
    }
    if (choice.contents().contains(Content.RULES)) {
      List<String> rules = HandInRules.of(assignment, asked, this::analysis);
      if (!rules.isEmpty()) {
        sections.add(new Block.Heading(1, Texts.of("rules.heading")));
        sections.add(new Block.Listing(rules));
      }
    }
    sections.addAll(0, incomplete);
    sections.addAll(blocks);
    if (assignment.coversAny()) {
      sections.add(new Block.Paragraph(uncovered(), true));
    }
    return new Document(
        assignment.title().isBlank() ? Texts.of("assignment.untitled") : assignment.title(),
        Language.current().code(),
        sections);
  }

  /** Which results the student had uncovered before finding them. */
  private String uncovered() {
    List<Question> uncovered = assignment.uncovered();
    String names =
        uncovered.stream()
            .flatMap(
                question ->
                    assignment.item(question.about().item()).stream()
                        .map(
                            item ->
                                Texts.of(
                                    "margin.of-portion",
                                    item.name(),
                                    TaskTexts.name(question.request(), analysis(item).numbers()))))
            .collect(Collectors.joining("; "));
    return uncovered.isEmpty()
        ? Texts.of("handin.uncovered-none")
        : Texts.of("handin.uncovered", uncovered.size(), names);
  }

  private Analysis analysis(Item item) {
    return analyses.computeIfAbsent(item.id(), id -> Analysis.of(assignment, item));
  }

  private Optional<Part> part(int id) {
    return assignment.parts().stream().filter(part -> part.id() == id).findFirst();
  }

  /** Of an item, what was answered about it; what one looks at first where nothing was. */
  private List<Question> questions(Section section) {
    if (section.isPart()) {
      return part(section.id()).map(assignment::questions).orElse(List.of());
    }
    List<Question> answered =
        assignment.questions().stream()
            .filter(question -> question.about().item() == section.id())
            .filter(question -> question.work().isAnswered())
            .toList();
    List<DataSubset> subsets =
        answered.stream().map(question -> question.about().subset()).distinct().toList();
    answered =
        answered.stream()
            .sorted(
                Comparator.comparing(
                        (Question question) -> subsets.indexOf(question.about().subset()))
                    .thenComparing(Question::request, Measures.IN_ORDER))
            .toList();
    Optional<Item> item = assignment.item(section.id());
    if (!answered.isEmpty() || item.isEmpty()) {
      return answered;
    }
    Analysis now = analysis(item.get());
    return usual(now).stream()
        .filter(measure -> now.computation().result(measure).number().isPresent())
        .map(measure -> now.question(Request.of(measure)))
        .toList();
  }

  private static List<Measure> usual(Analysis now) {
    return switch (now.typed().data().subject()) {
      case ONE -> Analysis.USUAL;
      case PAIRS -> HandInQuestion.measures("correlation", "slope", "intercept");
      case GROUPS -> HandInQuestion.measures("combined_mean", "combined_sd", "f", "f_p");
      case CROSS, FIT -> HandInQuestion.measures("chi_squared", "chi_squared_p", "cramers_v");
    };
  }

  private void add(Section section, List<Question> questions) {
    blocks.add(new Block.Heading(1, name(assignment, section)));
    Optional<Part> part = section.isPart() ? part(section.id()) : Optional.empty();
    part.filter(each -> !each.text().isBlank())
        .ifPresent(each -> blocks.add(Block.Paragraph.of(each.text().strip())));
    Optional<Item> item =
        assignment.item(part.map(each -> each.about().item()).orElse(section.id()));
    if (item.isEmpty()) {
      blocks.add(new Block.Paragraph(Texts.of("parts.gone"), true));
      return;
    }
    Analysis now = analysis(item.get());
    boolean first = told.add(item.get().id());
    if (first) {
      Incomplete.of(item.get(), now.typed())
          .ifPresent(missing -> incomplete.add(Block.Paragraph.of(missing)));
    }
    addData(now, first);
    if (Collections.disjoint(choice.contents(), SHOWING)) {
      HandInQuestion.asked(questions, now).ifPresent(blocks::add);
      return;
    }
    HandInQuestion writer = new HandInQuestion(assignment, choice.contents(), working);
    for (Question question : questions) {
      blocks.addAll(worked(question, now, writer));
    }
  }

  /** The data with their graph beside them; where they stood before they are only named. */
  private void addData(Analysis now, boolean first) {
    boolean data = choice.contents().contains(Content.DATA);
    if (!first) {
      if (data) {
        blocks.add(new Block.Paragraph(Texts.of("handin.data-again", now.item().name()), true));
      }
      return;
    }
    List<Block> listed = data ? HandInData.of(now) : List.of();
    Optional<Block.Figure> graph =
        choice.contents().contains(Content.GRAPHS)
            ? HandInGraph.of(assignment, now)
            : Optional.empty();
    boolean beside = graph.isPresent() && !listed.isEmpty() && HandInData.isNarrow(listed);
    if (beside) {
      blocks.add(new Block.Beside(listed, graph.get()));
    } else {
      blocks.addAll(listed);
      graph.ifPresent(blocks::add);
    }
  }

  /** A question that cannot be worked says so in its place, and costs no other. */
  private List<Block> worked(Question question, Analysis now, HandInQuestion writer) {
    try {
      return Guarded.of(
          () ->
              now.in(question.about().subset())
                  .map(of -> writer.of(question, of))
                  .orElseGet(List::of));
    } catch (BadInputException e) {
      return List.of(
          Block.Paragraph.of(
              Texts.of(
                  "handin.not-worked",
                  TaskTexts.name(question.request(), now.numbers()),
                  now.item().name())));
    }
  }
}
