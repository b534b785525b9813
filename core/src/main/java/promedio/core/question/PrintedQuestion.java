package promedio.core.question;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What was understood of a question as it is printed.
 *
 * @param data the data, in the order in which they stand in the text
 * @param rules the course rules that its words decide for all parts, by code
 * @param parts the parts, in their order
 * @param marks where in the text, its returns taken out, what was understood, in order
 */
public record PrintedQuestion(
    List<FoundData> data, Map<String, String> rules, List<Part> parts, List<Mark> marks) {

  public PrintedQuestion {
    data = List.copyOf(data);
    rules = Map.copyOf(rules);
    parts = List.copyOf(parts);
    marks = List.copyOf(marks);
  }

  /**
   * {@return what is understood of the text}; what is not understood stays as the words of a part
   *
   * @param text as it was copied from a sheet or a page
   */
  public static PrintedQuestion read(String text) {
    return new QuestionReader(text).read();
  }

  PrintedQuestion withData(List<FoundData> others) {
    return new PrintedQuestion(others, rules, parts, marks);
  }

  PrintedQuestion withRules(Map<String, String> others) {
    return new PrintedQuestion(data, others, parts, marks);
  }

  PrintedQuestion withParts(List<Part> others) {
    return new PrintedQuestion(data, rules, others, marks);
  }

  PrintedQuestion withMarks(List<Mark> others) {
    return new PrintedQuestion(data, rules, parts, others);
  }

  /**
   * One part.
   *
   * @param label how it is labelled, without brackets and stops; empty where there is no label
   * @param asked what it asks; nothing where it asks for a drawing or a comment
   * @param data the indices of the data that it is about
   * @param places the decimal places that it asks for
   * @param digits the significant digits that it asks for
   * @param rules the course rules that its words decide, by code
   * @param text its words
   */
  public record Part(
      String label,
      List<Asked> asked,
      List<Integer> data,
      Optional<Integer> places,
      Optional<Integer> digits,
      Map<String, String> rules,
      String text) {

    public Part {
      asked = List.copyOf(asked);
      data = List.copyOf(data);
      rules = Map.copyOf(rules);
    }

    Part withAsked(List<Asked> others) {
      return new Part(label, others, data, places, digits, rules, text);
    }

    Part withData(List<Integer> others) {
      return new Part(label, asked, others, places, digits, rules, text);
    }

    /**
     * {@return it with places in the stead of whatever limited its numbers; none limits nothing}
     */
    Part limited(Optional<Integer> toPlaces) {
      return new Part(label, asked, data, toPlaces, Optional.empty(), rules, text);
    }

    Part withRules(Map<String, String> others) {
      return new Part(label, asked, data, places, digits, others, text);
    }
  }

  /**
   * A measure that is asked.
   *
   * @param measure its key
   * @param with its arguments by their names; a single one under the empty name
   */
  public record Asked(String measure, Map<String, String> with) {

    public Asked {
      with = Map.copyOf(with);
    }

    static Asked of(String measure) {
      return new Asked(measure, Map.of());
    }

    static Asked with(String measure, String argument) {
      return new Asked(measure, Map.of("", argument));
    }
  }
}
