package promedio.core.assignment;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.question.FoundData;
import promedio.core.question.PrintedQuestion;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.sample.Subject;

/**
 * Takes what was understood of a printed question into an assignment: data, parts and rules. What
 * its words decide about a question is stated by the parts; all else is taken as the way of the
 * course.
 */
public final class FromQuestion {

  private static final String MISSING = "—";

  private final PrintedQuestion question;
  private Assignment taken;

  /** The items of each of the data: one, or the samples of groups. */
  private final List<List<Item>> items = new ArrayList<>();

  private FromQuestion(Assignment now, PrintedQuestion question) {
    this.question = question;
    this.taken = now;
  }

  /** {@return the assignment with the data of the question on its shelf, and its parts} */
  public static Assignment taken(Assignment now, PrintedQuestion question) {
    FromQuestion from = new FromQuestion(now.withRules(course(now.rules(), question)), question);
    question.data().forEach(from::take);
    question.parts().forEach(from::take);
    return from.taken;
  }

  private void take(FoundData data) {
    if (data.kind() == FoundData.Kind.GROUPS) {
      items.add(
          data.rows().stream()
              .map(
                  row ->
                      add(
                          row.get(0),
                          data.unit(),
                          values(row.subList(1, row.size()), taken.sign())))
              .toList());
    } else {
      String name = name(data, taken.ids().item());
      items.add(List.of(add(name, data.unit(), source(data, taken.sign()))));
    }
  }

  private Item add(String name, String unit, Source source) {
    Item item = Item.of(taken.ids().item(), name, unit, source);
    taken = taken.with(item);
    return item;
  }

  /**
   * A part is about one thing; one that is about several becomes as many. What is asked of groups
   * is asked of all of them together.
   */
  private void take(PrintedQuestion.Part part) {
    List<Request> requests =
        part.asked().stream().flatMap(asked -> request(asked).stream()).distinct().toList();
    List<Integer> about = part.data().isEmpty() && !items.isEmpty() ? List.of(0) : part.data();
    List<Item> samples = about.stream().flatMap(index -> items.get(index).stream()).toList();
    List<Request> together =
        samples.size() > 1
            ? requests.stream().filter(t -> t.measure().subject() == Subject.GROUPS).toList()
            : List.of();
    List<Request> each = requests.stream().filter(request -> !together.contains(request)).toList();
    if (!together.isEmpty()) {
      ask(part, part.text(), comparison(samples), together);
    }
    if (together.isEmpty() || !each.isEmpty()) {
      for (Item item : samples) {
        String of = samples.size() > 1 ? " (" + item.name() + ")" : "";
        ask(part, part.text() + of, item, each);
      }
    }
  }

  /** The comparison of the samples, which several parts may be about. */
  private Item comparison(List<Item> samples) {
    List<Integer> ids = samples.stream().map(Item::id).toList();
    return taken.items().stream()
        .filter(item -> item.source() instanceof Source.Picked made && made.items().equals(ids))
        .findFirst()
        .orElseGet(
            () ->
                add(
                    samples.stream().map(Item::name).collect(Collectors.joining(", ")),
                    samples.get(0).unit(),
                    Source.Picked.of(ids)));
  }

  private void ask(PrintedQuestion.Part part, String text, Item item, List<Request> requests) {
    Part made = Part.of(taken.ids().part(), text, Selection.of(item), stated(part));
    taken = taken.asking(made, requests);
    part.digits().ifPresent(digits -> roundTo(digits, made.id()));
  }

  /** So many significant digits are another number of places for each result. */
  private void roundTo(int digits, int part) {
    Part made = taken.parts().stream().filter(p -> p.id() == part).findFirst().orElseThrow();
    for (Question asked : taken.questions(made)) {
      CourseRules rules = asked.rules(taken.rules());
      taken
          .item(asked.about().item())
          .map(item -> Computation.of(item.source().read(taken.sign()).data(), rules))
          .flatMap(computation -> places(computation.result(asked.request()), digits))
          .map(places -> asked.stated().withPlaces(Optional.of(places)))
          .ifPresent(stated -> taken = taken.with(asked.with(stated)));
    }
  }

  private static Optional<Integer> places(Result result, int digits) {
    Optional<BigDecimal> number =
        result instanceof Result.Estimated read
            ? Optional.of(read.value().value())
            : result.number().map(real -> real.significant(digits));
    int most = Rule.PLACES.values().stream().mapToInt(Integer::intValue).max().orElseThrow();
    return number
        .filter(each -> each.signum() != 0)
        .map(each -> digits - (each.precision() - each.scale()))
        .map(places -> Math.max(0, Math.min(most, places)));
  }

  private static Optional<Request> request(PrintedQuestion.Asked asked) {
    String with =
        asked.with().values().stream().map(each -> " " + each).collect(Collectors.joining());
    return Measures.ofId(asked.measure() + with)
        .or(
            () ->
                asked.measure().startsWith("interval")
                    ? Optional.empty()
                    : Measures.ofId(asked.measure()));
  }

  /** What the words decide that belongs to the course; of what they say twice, the first holds. */
  private static CourseRules course(CourseRules now, PrintedQuestion question) {
    List<Map<String, String>> said =
        new ArrayList<>(question.parts().stream().map(PrintedQuestion.Part::rules).toList());
    Collections.reverse(said);
    said.add(question.rules());
    CourseRules rules = now;
    for (Map<String, String> each : said) {
      for (Map.Entry<String, String> rule : each.entrySet()) {
        // Without a part there is nobody to state it.
        if (question.parts().isEmpty() || !isStated(rule)) {
          rules = known(rules, rule, CourseRules::with);
        }
      }
    }
    return rules;
  }

  private StatedRules stated(PrintedQuestion.Part part) {
    StatedRules stated = StatedRules.NONE.withPlaces(part.places());
    for (Map<String, String> each : List.of(question.rules(), part.rules())) {
      for (Map.Entry<String, String> rule : each.entrySet()) {
        if (isStated(rule)) {
          stated = known(stated, rule, StatedRules::with);
        }
      }
    }
    return stated;
  }

  private static boolean isStated(Map.Entry<String, String> rule) {
    return Rule.find(rule.getKey()).filter(StatedRules::mayState).isPresent();
  }

  /** Takes a rule by its codes. */
  private interface Taking<R> {
    R with(R rules, String rule, String value) throws BadInputException;
  }

  private static <R> R known(R rules, Map.Entry<String, String> rule, Taking<R> taking) {
    try {
      return taking.with(rules, rule.getKey(), rule.getValue());
    } catch (BadInputException e) {
      throw new IllegalStateException("the words know a rule that there is not", e);
    }
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
      case RAW -> values(data.values(), sign);
      case GROUPS -> throw new IllegalArgumentException("groups are several samples");
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

  private static Source values(List<String> values, DecimalSign sign) {
    return new Source.ValuesText(
        values.stream().map(each -> written(each, sign)).collect(Collectors.joining(" ")));
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
