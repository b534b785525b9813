package promedio.desktop.work;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.Item;
import promedio.core.entry.Typed;
import promedio.core.limit.Limit;
import promedio.core.message.Cancellation;
import promedio.core.message.Texts;
import promedio.core.practice.Extent;
import promedio.core.practice.Variants;
import promedio.desktop.projection.Incomplete;
import promedio.desktop.projection.handin.ExerciseSheet;
import promedio.desktop.projection.handin.HandIn;
import promedio.document.Document;
import promedio.document.DocumentFormat;
import promedio.files.SafeWrite;
import promedio.files.answers.AnswerKey;
import promedio.files.table.Progress;

/**
 * Exercise sheets of an assignment, each with data of its own.
 *
 * @param sheet the assignment whose parts ask what the sheets ask
 * @param variants how many sheets, from 1 to {@value #MOST}
 * @param seed what chance begins with
 * @param nice whether mean and variance should have few decimals
 * @param format how the sheets are written
 */
public record ExerciseSheets(
    Assignment sheet, int variants, long seed, boolean nice, DocumentFormat format) {

  /** So many students are in no class. */
  public static final int MOST = 1000;

  private static final Set<Content> QUESTIONS = EnumSet.of(Content.RULES, Content.DATA);

  private static final Set<Content> SOLUTIONS =
      EnumSet.of(Content.RULES, Content.DATA, Content.GRAPHS, Content.RESULTS, Content.WORKINGS);

  public ExerciseSheets {
    if (variants < 1 || variants > MOST || problem(sheet).isPresent()) {
      throw new IllegalArgumentException(
          variants + " sheets of " + sheet.parts().size() + " parts");
    }
  }

  /**
   * {@return why no sheets are made of an assignment, in words; none where they can be}: whoever
   * gets a sheet must find on it all that the key knows
   */
  public static Optional<String> problem(Assignment sheet) {
    if (sheet.parts().isEmpty()) {
      return Optional.of(Texts.of("exercises.add-parts"));
    }
    return sheet.parts().stream()
        .flatMap(part -> sheet.item(part.about().item()).stream())
        .flatMap(item -> problem(item, item.source().read(sheet.sign())).stream())
        .findFirst();
  }

  private static Optional<String> problem(Item item, Typed typed) {
    Extent extent = Extent.of(typed.data());
    return Incomplete.of(item, typed)
        .or(
            () ->
                extent.lines() > Limit.PRINTED_VALUES.most()
                    ? Optional.of(Limit.PRINTED_VALUES.beyond(item.name()).text())
                    : Optional.empty())
        .or(
            () ->
                Variants.isDrawn(extent)
                    ? Optional.empty()
                    : Optional.of(Texts.of("exercises.too-large", item.name())));
  }

  /** {@return whether something would be replaced in a folder} */
  public static boolean isFilled(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      return Files.exists(folder);
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.findAny().isPresent();
    }
  }

  /**
   * Writes a sheet and its solutions for each variant, and the key, into a folder that is made
   * where it is not there. It stops where nobody waits for it any more.
   *
   * @throws IOException if something cannot be written; the message is for a person
   */
  public void into(Path folder, Progress progress) throws IOException {
    Files.createDirectories(folder);
    Variants drawn = new Variants(sheet, seed, nice);
    List<AnswerKey.Entry> key = new ArrayList<>();
    int digits = Math.max(2, String.valueOf(variants).length());
    for (int i = 1; i <= variants; i++) {
      Cancellation.check();
      String number = String.format(Locale.ROOT, "%0" + digits + "d", i);
      Assignment variant = drawn.variant(i).withCovered(false);
      key.addAll(ExerciseSheet.key(variant, number));
      write(variant, "exercises.variant", number, QUESTIONS, folder.resolve("sheet-" + number));
      write(variant, "exercises.solution", number, SOLUTIONS, folder.resolve("solution-" + number));
      progress.at(i, variants);
    }
    SafeWrite.write(
        folder.resolve("key.jsonl"), AnswerKey.write(key).getBytes(StandardCharsets.UTF_8));
  }

  private void write(
      Assignment variant, String title, String number, Set<Content> contents, Path file)
      throws IOException {
    HandInChoice usual = HandInChoice.usual(variant);
    Document document =
        HandIn.of(
            variant.withTitle(Texts.of(title, variant.title(), number)),
            new HandInChoice(usual.sections(), usual.leftOut(), contents));
    Path target = file.resolveSibling(file.getFileName() + format.ending());
    format.write(document, target).into(target);
  }
}
