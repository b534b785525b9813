package promedio.core.marking;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import promedio.core.measure.Result;
import promedio.core.message.Message;
import promedio.core.message.TypedWords;
import promedio.core.number.DecimalSign;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.core.sample.Categories;
import promedio.core.slip.Cause;

/** Marks what was answered where the mode of categories is asked: names, or that there is none. */
final class CategoryMarks {

  private final Categories categories;
  private final Result right;
  private final DecimalSign sign;

  CategoryMarks(Categories categories, Result right, DecimalSign sign) {
    this.categories = categories;
    this.right = right;
    this.sign = sign;
  }

  /** {@return what the answer is worth; capitals make no difference} */
  Mark mark(String written) {
    String text = written.strip();
    Map<String, String> known =
        categories.rows().stream()
            .map(Categories.Row::name)
            .collect(Collectors.toMap(CategoryMarks::plain, name -> name, (first, same) -> first));
    if (TypedWords.says(Answer.NONE, text) && !known.containsKey(Answer.NONE)) {
      return Mark.of(right instanceof Result.Absent ? Verdict.AGREES : Verdict.UNEXPLAINED);
    }
    Set<String> named = new HashSet<>();
    for (String name : names(text, known)) {
      String category = known.get(plain(name));
      if (category == null) {
        return frequencyGiven(text)
            .orElseGet(() -> Mark.unreadable(Message.of("answer.no-category", name)));
      }
      named.add(category);
    }
    boolean agrees =
        right instanceof Result.Named modes && named.equals(new HashSet<>(modes.names()));
    return Mark.of(agrees ? Verdict.AGREES : Verdict.UNEXPLAINED);
  }

  /** A name may have commas of its own. */
  private static List<String> names(String text, Map<String, String> known) {
    if (known.containsKey(plain(text))) {
      return List.of(text);
    }
    List<String> names = new ArrayList<>();
    for (String name : text.split("[,;\\n]", -1)) {
      if (!name.isBlank()) {
        names.add(name.strip());
      }
    }
    return names.isEmpty() ? List.of(text) : names;
  }

  private Optional<Mark> frequencyGiven(String text) {
    boolean given =
        right instanceof Result.Named
            && NumberText.read(text, sign) instanceof Reading.Numeral numeral
            && numeral.value().equals(categories.highestFrequency());
    Result frequency = new Result.Found(categories.highestFrequency());
    return given
        ? Optional.of(
            new Mark(
                Verdict.SLIP,
                List.of(
                    Explanation.of(
                        new Candidate(
                            Cause.FREQUENCY_GIVEN, Map.of(), frequency, RoundingVariant.ROUNDED))),
                Optional.empty(),
                Optional.empty()))
        : Optional.empty();
  }

  private static String plain(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
