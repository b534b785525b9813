package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Question;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PartSheet;
import promedio.files.answers.AnswerKey;

/** The key of a sheet of exercises. */
public final class ExerciseSheet {

  private ExerciseSheet() {}

  /**
   * {@return what each part of the assignment asks, of its data as they are now}
   *
   * @param variant the number of the sheet
   */
  public static List<AnswerKey.Entry> key(Assignment assignment, String variant) {
    List<AnswerKey.Entry> key = new ArrayList<>();
    List<Part> parts = assignment.parts();
    for (int i = 0; i < parts.size(); i++) {
      String letter = PartSheet.letter(i).replaceAll("[()]", "");
      Optional<Item> item = assignment.item(parts.get(i).about().item());
      if (item.isPresent()) {
        Analysis now = Analysis.of(assignment, item.get());
        for (Question question : assignment.questions(parts.get(i))) {
          now.in(question.about().subset())
              .map(of -> of.marks().problem(question))
              .ifPresent(problem -> key.add(new AnswerKey.Entry(variant, letter, problem)));
        }
      }
    }
    return key;
  }
}
