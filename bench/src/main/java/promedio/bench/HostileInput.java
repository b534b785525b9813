package promedio.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.rules.StatedRules;
import promedio.core.sample.Subject;
import promedio.desktop.projection.handin.HandIn;
import promedio.document.Block;
import promedio.document.Document;
import promedio.document.DocumentFormat;
import promedio.document.PdfText;
import promedio.files.ByteLines;
import promedio.files.RefusedFileException;
import promedio.files.answers.MarkLines;
import promedio.files.assignment.AssignmentFile;
import promedio.files.report.DistributionJson;
import promedio.files.report.JsonLines;
import promedio.files.report.MeasureLines;
import promedio.files.table.TableExport;

/** Input that was made to do harm: PDF files, workbooks, lines of JSON, documents of extremes. */
final class HostileInput {

  private static final List<String> NUMBERS =
      List.of(
          "1e310",
          "1e-310",
          "-1e309",
          "1e308",
          "-1e308",
          "1e309",
          "0",
          "-0",
          "1",
          "1/3",
          "2",
          "12345678901234567",
          "12345678901234568",
          "0.1",
          "1e-320",
          "7",
          "7",
          "7",
          "x",
          "—",
          "9".repeat(990),
          "1×40");

  private HostileInput() {}

  /** {@return a printed question as a PDF} */
  static byte[] pdf() {
    List<Block> blocks =
        List.of(
            new Block.Heading(1, "Pears"),
            Block.Paragraph.of(
                "The weights of 6 pears are 118, 131, 124.5, 139, 121 and 126 g. Find the mean."));
    try {
      Path file = Files.createTempFile("question", ".pdf");
      DocumentFormat.PDF.write(new Document("Pears", "en", blocks), file).into(file);
      byte[] bytes = Files.readAllBytes(file);
      Files.delete(file);
      return bytes;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** {@return whether the words of the PDF are taken} */
  static boolean isPdf(byte[] input) {
    try {
      return !PdfText.of("fuzz.pdf", input).isEmpty();
    } catch (RefusedFileException e) {
      return false;
    }
  }

  /** {@return whether the line was answered by all that take lines; refused is right as well} */
  static boolean isAnswered(String text) {
    ByteLines.Line line = ByteLines.Line.of(text);
    CourseRules rules = CourseRules.DEFAULTS;
    List<JsonLines.Answer> answers =
        List.of(
            new MarkLines(false).mark(line, rules),
            MeasureLines.answer(line, rules),
            DistributionJson.answer(line));
    for (JsonLines.Answer answer : answers) {
      // What nobody thought of is refused too, so that it costs no other line; here it counts.
      if (answer.text().contains(Texts.of("guarded.failed"))) {
        throw new IllegalStateException(answer.text());
      }
    }
    return answers.stream().anyMatch(answer -> !answer.isRefused());
  }

  /** {@return an assignment of extreme numbers in which much is asked} */
  static Assignment extremes(SplittableRandom random) {
    Assignment made =
        Assignment.empty("Extremes")
            .with(Item.of(1, name(random), "g", new Source.ValuesText(numbers(random, 9))))
            .with(Item.of(2, name(random), "", new Source.ValuesText(numbers(random, 4))))
            .with(Item.of(3, "both", "", Source.Picked.of(List.of(1, 2))))
            .with(Item.of(4, "pairs", "", Source.typed(Source.Shape.PAIRS, rows(random, 2))))
            .with(Item.of(5, "counts", "", Source.typed(Source.Shape.COUNTS, rows(random, 3))));
    List<Selection> about =
        List.of(Selection.of(1), Selection.of(3), Selection.of(4), Selection.of(5));
    List<Subject> subjects = List.of(Subject.ONE, Subject.GROUPS, Subject.PAIRS, Subject.CROSS);
    for (int i = 0; i < about.size(); i++) {
      List<Request> asked = new ArrayList<>();
      for (Measure measure : measures(subjects.get(i))) {
        if (measure.parameters().isEmpty() && random.nextInt(4) == 0) {
          asked.add(Request.of(measure));
        }
      }
      made = made.asking(Part.of(i + 1, "?", about.get(i), StatedRules.NONE), asked);
    }
    return random.nextInt(5) == 0 ? made.without(1 + random.nextInt(2)) : made;
  }

  private static List<Measure> measures(Subject subject) {
    return Measures.of(subject);
  }

  private static String name(SplittableRandom random) {
    return random.nextInt(4) == 0 ? "" : "s" + random.nextInt(2);
  }

  private static String numbers(SplittableRandom random, int most) {
    return IntStream.range(0, random.nextInt(most + 1))
        .mapToObj(i -> NUMBERS.get(random.nextInt(NUMBERS.size())))
        .collect(Collectors.joining(" "));
  }

  private static String rows(SplittableRandom random, int across) {
    return IntStream.range(0, 1 + random.nextInt(5))
        .mapToObj(
            row ->
                IntStream.range(0, across)
                    .mapToObj(i -> NUMBERS.get(random.nextInt(NUMBERS.size())))
                    .collect(Collectors.joining("\t")))
        .collect(Collectors.joining("\n"));
  }

  /** {@return whether it is handed in, saved and read again as what it was} */
  static boolean isHandedIn(Assignment assignment, Path scratch) throws IOException {
    HandInChoice usual = HandInChoice.usual(assignment);
    HandInChoice all =
        new HandInChoice(usual.sections(), usual.leftOut(), EnumSet.allOf(Content.class));
    Document document = HandIn.of(assignment, all);
    Path written = scratch.resolveSibling(scratch.getFileName() + ".md");
    DocumentFormat.MARKDOWN.write(document, written).into(written);
    String text = Files.readString(written);
    if (text.contains("an unexpected error occurred")) {
      throw new IllegalStateException(text);
    }
    AssignmentFile.write(assignment, scratch);
    try {
      if (!AssignmentFile.read(scratch).equals(assignment)) {
        throw new IllegalStateException("saved and opened again it is another one");
      }
    } catch (RefusedFileException e) {
      throw new IllegalStateException(e);
    }
    return true;
  }

  /** {@return a table as a workbook} */
  static byte[] workbook(byte[] csv) {
    try {
      Path file = Files.createTempFile("table", ".xlsx");
      TableExport.write(FuzzTarget.table(csv), file, DecimalSign.POINT);
      byte[] bytes = Files.readAllBytes(file);
      Files.delete(file);
      return bytes;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
