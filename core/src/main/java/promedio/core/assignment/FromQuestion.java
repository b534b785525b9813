package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Task;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.question.FoundData;
import promedio.core.question.PrintedQuestion;
import promedio.core.rules.CourseRules;

/** Takes what was understood of a printed question into an assignment: data, parts and rules. */
public final class FromQuestion {

  private static final String MISSING = "—";

  private FromQuestion() {}

  /** {@return the assignment with the data of the question on its shelf, and its parts} */
  public static Assignment taken(Assignment now, PrintedQuestion question) {
    Assignment taken = now.withRules(rules(now.rules(), question));
    List<Item> items = new ArrayList<>();
    for (FoundData data : question.data()) {
      int id = taken.ids().item();
      Item item = Item.of(id, name(data, id), data.unit(), source(data, now.sign()));
      items.add(item);
      taken = taken.with(item);
    }
    for (PrintedQuestion.Part part : question.parts()) {
      taken = taken(taken, part, items);
    }
    return taken;
  }

  /** A part is about one thing; one that is about several becomes as many. */
  private static Assignment taken(Assignment now, PrintedQuestion.Part part, List<Item> items) {
    Assignment taken = now;
    List<Task> tasks =
        part.asked().stream().flatMap(asked -> task(asked).stream()).distinct().toList();
    List<Integer> about = part.data().isEmpty() && !items.isEmpty() ? List.of(0) : part.data();
    for (int index : about) {
      String text =
          about.size() > 1 ? part.text() + " (" + items.get(index).name() + ")" : part.text();
      Part made = Part.of(taken.ids().part(), text, Selection.of(items.get(index)), part.places());
      taken = taken.asking(made, tasks);
    }
    return taken;
  }

  private static Optional<Task> task(PrintedQuestion.Asked asked) {
    String with =
        asked.with().values().stream().map(each -> " " + each).collect(Collectors.joining());
    return Measures.ofId(asked.measure() + with)
        .or(
            () ->
                asked.measure().startsWith("interval")
                    ? Optional.empty()
                    : Measures.ofId(asked.measure()));
  }

  private static CourseRules rules(CourseRules now, PrintedQuestion question) {
    CourseRules rules = now;
    List<Map<String, String>> said = new ArrayList<>();
    for (int i = question.parts().size() - 1; i >= 0; i--) {
      said.add(question.parts().get(i).rules());
    }
    said.add(question.rules());
    for (Map<String, String> each : said) {
      for (Map.Entry<String, String> rule : each.entrySet()) {
        try {
          rules = rules.with(rule.getKey(), rule.getValue());
        } catch (BadInputException e) {
          throw new IllegalStateException("the words know a rule that there is not", e);
        }
      }
    }
    return rules;
  }

  private static String name(FoundData data, int id) {
    if (data.kind() == FoundData.Kind.PAIRS && !data.second().isEmpty()) {
      return Message.of("question.two", data.name(), data.second()).text();
    }
    return data.name().isEmpty()
        ? Message.of("question.data", String.valueOf(id)).text()
        : data.name();
  }

  private static Source source(FoundData data, DecimalSign sign) {
    return switch (data.kind()) {
      case RAW ->
          new Source.ValuesText(
              data.values().stream()
                  .map(each -> written(each, sign))
                  .collect(Collectors.joining(" ")));
      case VALUE_FREQUENCY -> new Source.TableText(lines(data.rows(), sign));
      case PAIRS -> new Source.PairsText(lines(data.rows(), sign));
      case CATEGORIES ->
          new Source.CategoriesText(
              data.rows().stream()
                  .map(row -> row.get(0) + "\t" + row.get(1))
                  .collect(Collectors.joining("\n")));
      case CLASSES ->
          new Source.ClassesText(
              data.rows().stream().map(row -> line(row, sign)).collect(Collectors.joining("\n")));
    };
  }

  private static String lines(List<List<String>> rows, DecimalSign sign) {
    return rows.stream()
        .map(row -> row.stream().map(each -> written(each, sign)).collect(Collectors.joining(" ")))
        .collect(Collectors.joining("\n"));
  }

  private static String line(List<String> row, DecimalSign sign) {
    String lower = row.get(0);
    String upper = row.get(1);
    String limits =
        lower.isEmpty()
            ? Texts.of("class.under", written(upper, sign))
            : upper.isEmpty()
                ? Texts.of("class.over", written(lower, sign))
                : written(lower, sign) + "–" + written(upper, sign);
    return limits + "  " + written(row.get(2), sign);
  }

  private static String written(String number, DecimalSign sign) {
    return number.isEmpty() ? MISSING : sign.in(number);
  }
}
