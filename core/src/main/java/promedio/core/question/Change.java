package promedio.core.question;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import promedio.core.question.PrintedQuestion.Asked;
import promedio.core.question.PrintedQuestion.Part;

/** What a person makes of a mark: some words were meant otherwise, or mean nothing. */
public interface Change {

  /**
   * {@return the question, one of its marks changed}; as it was, where the mark means nothing that
   * can be changed so
   */
  PrintedQuestion of(PrintedQuestion question, Mark mark);

  /** {@return the change that takes the mark and what it meant away} */
  static Change removed() {
    return Change::without;
  }

  /** {@return the change by which the words ask this measure} */
  static Change asking(Asked asked) {
    return (question, mark) ->
        mark.meaning() instanceof Mark.OfAsked before
            ? asking(question, mark, before, List.of(asked))
            : question;
  }

  /** {@return the change by which the words want so many decimal places} */
  static Change places(int places) {
    return (question, mark) ->
        mark.meaning() instanceof Mark.OfPlaces of
            ? changed(question, of.parts(), part -> part.limited(Optional.of(places)))
            : question;
  }

  /** {@return the change by which the words decide another value of their rule} */
  static Change deciding(String value) {
    return (question, mark) ->
        mark.meaning() instanceof Mark.OfRule of ? ruled(question, of, value) : question;
  }

  /** {@return the change of data: another name or unit, or the same numbers of another kind} */
  static Change data(UnaryOperator<FoundData> change) {
    return (question, mark) -> {
      if (!(mark.meaning() instanceof Mark.OfData of)) {
        return question;
      }
      List<FoundData> data = new ArrayList<>(question.data());
      data.set(of.index(), change.apply(data.get(of.index())));
      return question.withData(data);
    };
  }

  private static PrintedQuestion without(PrintedQuestion question, Mark mark) {
    PrintedQuestion left =
        mark.meaning()
            .fold(
                data -> withoutData(question, data.index()),
                asked -> asking(question, mark, asked, List.of()),
                places -> changed(question, places.parts(), part -> part.limited(Optional.empty())),
                rule -> ruled(question, rule, ""));
    // What marks mean may have changed by now, not how they stand.
    List<Mark> marks = new ArrayList<>(left.marks());
    marks.remove(question.marks().indexOf(mark));
    return left.withMarks(marks);
  }

  /** What stands behind the data that is gone moves up by one. */
  private static PrintedQuestion withoutData(PrintedQuestion question, int gone) {
    List<FoundData> data = new ArrayList<>(question.data());
    data.remove(gone);
    List<Part> parts =
        question.parts().stream()
            .map(
                part ->
                    part.withData(
                        part.data().stream()
                            .filter(index -> index != gone)
                            .map(index -> index > gone ? index - 1 : index)
                            .toList()))
            .toList();
    List<Mark> marks =
        question.marks().stream()
            .map(
                mark ->
                    mark.meaning() instanceof Mark.OfData of && of.index() > gone
                        ? new Mark(mark.start(), mark.end(), new Mark.OfData(of.index() - 1))
                        : mark)
            .toList();
    return new PrintedQuestion(data, question.rules(), parts, marks);
  }

  private static PrintedQuestion asking(
      PrintedQuestion question, Mark mark, Mark.OfAsked before, List<Asked> now) {
    PrintedQuestion asked =
        changed(question, before.parts(), part -> asking(part, before.asked(), now));
    List<Mark> marks =
        asked.marks().stream()
            .map(
                each ->
                    each.equals(mark)
                        ? new Mark(mark.start(), mark.end(), new Mark.OfAsked(before.parts(), now))
                        : each)
            .toList();
    return asked.withMarks(marks);
  }

  /** What is asked now stands where the first of what was asked stood. */
  private static Part asking(Part part, List<Asked> before, List<Asked> now) {
    List<Asked> asked = new ArrayList<>(part.asked());
    int place = Math.max(0, before.isEmpty() ? 0 : asked.indexOf(before.get(0)));
    asked.removeAll(before);
    asked.addAll(
        Math.min(place, asked.size()), now.stream().filter(each -> !asked.contains(each)).toList());
    return part.withAsked(asked);
  }

  /** An empty value decides nothing. */
  private static PrintedQuestion ruled(PrintedQuestion question, Mark.OfRule of, String value) {
    return of.part() == Mark.OfRule.ALL
        ? question.withRules(ruled(question.rules(), of.code(), value))
        : changed(
            question,
            List.of(of.part()),
            part -> part.withRules(ruled(part.rules(), of.code(), value)));
  }

  private static Map<String, String> ruled(Map<String, String> rules, String code, String value) {
    Map<String, String> changed = new HashMap<>(rules);
    if (value.isEmpty()) {
      changed.remove(code);
    } else {
      changed.put(code, value);
    }
    return changed;
  }

  private static PrintedQuestion changed(
      PrintedQuestion question, List<Integer> which, UnaryOperator<Part> change) {
    List<Part> parts = new ArrayList<>(question.parts());
    which.forEach(index -> parts.set(index, change.apply(parts.get(index))));
    return question.withParts(parts);
  }
}
