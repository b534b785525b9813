package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.catalogue.Measures;
import promedio.core.formula.Formula;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Parameter;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Language;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Divisor;
import promedio.core.rules.IntermediateRounding;
import promedio.core.rules.Rule;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;
import promedio.core.working.Columns;
import promedio.core.working.Methods;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;

/**
 * Every working of every measure by every method, of three data sets of each kind, in each language
 * and format, held to what a program can see of what a teacher wants.
 */
class WorkingsWalkTest {

  private static final List<String> ARGUMENTS = List.of("0.1", "2", "1", "90", "3");

  /** Words that stand in the sentences of one language only. */
  private static final Pattern ENGLISH =
      Pattern.compile(
          "(?i)\\b(the|of|and|with|value|values|class|from|rounded|add|each|greatest|under|over)\\b");

  private static final Pattern SPANISH =
      Pattern.compile("(?i)\\b(el|la|los|las|una|valor|valores|clase|desde|suman|cada|menos)\\b");

  /** What is left where a text was not filled in, or nothing was there to fill in. */
  private static final Pattern UNFILLED =
      Pattern.compile("(?m)\\{\\d|null|NaN|Infinity|= *=|≈ *[=≈]|% *%|: *$|= *$|≈ *$|\\(\\)");

  private Language before = Language.current();

  @BeforeEach
  void keepLanguage() {
    before = Language.current();
  }

  @AfterEach
  void speakAsBefore() {
    Language.speak(before);
  }

  static Stream<String> data() {
    return Stream.of(
            "'values':['8','10','11','11','15']",
            "'values':['118.5','129.5','131','136','140','1','7.25']",
            "'values':['3','3'],'rules':{'mode':'list-all'}",
            "'frequencies':[['36','3'],['38','5'],['40','2']]",
            "'frequencies':[['0.5','1'],['1','7'],['1.5','7'],['2.25','4']]",
            "'frequencies':[['4','3'],['9','8']]",
            "'classes':[['100','109','4'],['110','119','11'],['120','129','7']]",
            "'classes':[['0','10','4'],['10','20','11'],['20','50','7']]",
            "'classes':[['','20','4'],['20','30','11'],['30','40','7'],['40','','2']]",
            "'pairs':[['1','2.5'],['2','3'],['3','5'],['4','4']]",
            "'pairs':[['1','2.5'],['2','3'],['2','5'],['4','4'],['7','1']]",
            "'pairs':[['10','-2'],['12','3'],['15','-5']]",
            "'groups':[['north',['8','10','11']],['south',['9','14']]]",
            "'groups':[['a',['8','10','11']],['b',['9','14']],['c',['7','7','9']]]",
            "'groups':[['north',['8','10','11']],['south',['9','14']]],"
                + "'rules':{'variances':'unequal','correction':'holm'}",
            "'cross':[['30','10'],['20','40']],'rows':['n','s'],'columns':['ripe','green']",
            "'cross':[['30','10','5'],['20','40','7']]",
            "'cross':[['3','10'],['20','4']],'rules':{'yates':'on'}")
        .map(line -> "{" + line.replace('\'', '"') + "}");
  }

  private static Stream<String> fits() {
    return Stream.of("", ",'with':{'expected':'1,2,1'}", ",'with':{'expected':'5,3,9'}")
        .map(
            with ->
                ("{'categories':[['red','30'],['green','50'],['blue','25']],"
                        + "'measure':'fit_chi_squared'"
                        + with
                        + "}")
                    .replace('\'', '"'));
  }

  private static Stream<String> all() {
    return Stream.concat(data(), fits());
  }

  private static Data read(JsonNode line) throws BadInputException {
    return line.has("measure")
        ? MarkRequestJson.data(line, MarkRequestJson.request(line))
        : MarkRequestJson.data(line);
  }

  private static List<Request> requests(Data data) {
    boolean two = data.groups().filter(groups -> groups.samples().size() == 2).isPresent();
    return Measures.every().stream()
        .filter(measure -> measure.subject() == data.subject() && (two || !measure.isOfTwo()))
        .flatMap(measure -> arguments(measure).map(given -> new Request(measure, given)))
        .toList();
  }

  /** With and without what need not be given. */
  private static Stream<List<Exact>> arguments(Measure measure) {
    List<Exact> all = measure.parameters().stream().map(WorkingsWalkTest::argument).toList();
    long fewest = measure.parameters().stream().filter(each -> !each.isOptional()).count();
    return IntStream.rangeClosed((int) fewest, all.size()).mapToObj(size -> all.subList(0, size));
  }

  private static Exact argument(Parameter parameter) {
    return ARGUMENTS.stream()
        .map(text -> Exact.of(new BigDecimal(text)))
        .filter(number -> parameter.refusal(number).isEmpty())
        .filter(number -> number.isWhole() || !parameter.quantity().id().matches("row|column"))
        .findFirst()
        .orElseThrow();
  }

  /** All workings of some data, by rules that carry exact values and by others that do not. */
  private static int each(String line, Consumer<Made> judge) throws BadInputException {
    JsonNode node = MarkRequestJson.read(line);
    Data data = read(node);
    CourseRules rules = MarkRequestJson.rules(node.path("rules"), CourseRules.DEFAULTS);
    int count = 0;
    for (CourseRules by : List.of(rules, carrying(rules.with(Rule.DIVISOR, Divisor.N)))) {
      for (Request request : requests(data)) {
        for (Method method : Methods.of(request, by, data)) {
          Working.of(data, by, request, method)
              .ifPresent(working -> judge.accept(new Made(working, by)));
          count++;
        }
      }
    }
    return count;
  }

  private static CourseRules carrying(CourseRules rules) {
    return rules.with(
        Rule.CARRY,
        Rule.CARRY.values().stream().filter(c -> c.code().equals("2")).findFirst().orElseThrow());
  }

  /** A working with the rules that it was made by. */
  private record Made(Working working, CourseRules rules) {

    ShownNumbers numbers() {
      return new ShownNumbers(rules, DecimalSign.spoken()).in("kg");
    }

    boolean isExact() {
      return rules.get(Rule.CARRY).equals(IntermediateRounding.EXACT);
    }

    List<String> write(WorkingFormat format) {
      return format.write(TaskTexts.title(working.request(), numbers()), working, numbers());
    }

    List<WorkingStep.Computed> computed() {
      return working.steps().stream().flatMap(step -> step.calculation().stream()).toList();
    }

    @Override
    public String toString() {
      return working.request().id() + " by " + working.method().code() + " " + rules.codes();
    }
  }

  @ParameterizedTest
  @MethodSource("all")
  void nothingIsUnfilledAndNoSentenceMixesLanguages(String line) throws Exception {
    for (Language language : Language.all()) {
      Language.speak(language);
      Pattern other = language.code().equals("es") ? ENGLISH : SPANISH;
      each(
          line,
          made -> {
            for (WorkingFormat format : WorkingFormat.values()) {
              String written = String.join("\n", made.write(format));
              assertThat(written.isBlank()).as("%s in %s", made, format).isFalse();
              if (format == WorkingFormat.TEXT || format == WorkingFormat.MARKDOWN) {
                assertThat(written)
                    .as("%s in %s", made, format)
                    .doesNotContainPattern(UNFILLED)
                    .doesNotContainPattern(other);
              } else if (format == WorkingFormat.LATEX) {
                assertLatex(written, made);
              }
            }
          });
    }
  }

  private static void assertLatex(String latex, Made made) {
    long open = latex.chars().filter(c -> c == '{').count();
    long close = latex.chars().filter(c -> c == '}').count();
    assertThat(open).as("braces of %s: %s", made, latex).isEqualTo(close);
    assertThat(latex).as("%s", made).doesNotContainPattern("(?<!\\\\)%");
  }

  @ParameterizedTest
  @MethodSource("all")
  void aTotalStandsOnlyWhereItMeansSomething(String line) throws Exception {
    each(
        line,
        made ->
            made.working()
                .table()
                .ifPresent(
                    table -> {
                      for (int i = 0; i < table.columns().size(); i++) {
                        if (table.totals().get(i).isPresent()) {
                          assertThat(meansSomething(table, i, made))
                              .as("%s: the total of %s", made, plain(table.columns().get(i)))
                              .isTrue();
                        }
                      }
                    }));
  }

  private static boolean meansSomething(WorkTable table, int column, Made made) {
    Formula what = table.columns().get(column);
    boolean used =
        made.computed().stream()
            .anyMatch(
                step ->
                    Stream.concat(Stream.of(step.left()), step.symbols().parts().stream())
                        .anyMatch(part -> part instanceof Formula.Sum s && s.body().equals(what)));
    boolean counts = Set.of("x", "y", "f", "O", "E", "nⱼ", "Σxⱼ").contains(plain(what));
    boolean cancels = table.totals().get(column).orElseThrow().signum() == 0 || !made.isExact();
    return used || counts || (plain(what).contains(" − ") && cancels);
  }

  private static String plain(Formula formula) {
    return formula.plain(Exact::toString);
  }

  @ParameterizedTest
  @MethodSource("all")
  void allSymbolsArePutInAndNoTwoQuantitiesShareOne(String line) throws Exception {
    each(
        line,
        made -> {
          for (WorkingStep.Computed step : made.computed()) {
            assertThat(step.numbers().parts())
                .as("%s: %s = %s", made, plain(step.left()), plain(step.numbers()))
                .allMatch(part -> part.equals(step.left()));
          }
          Map<String, Set<String>> ids = new HashMap<>();
          List<Formula> named = new ArrayList<>();
          made.working()
              .steps()
              .forEach(
                  step ->
                      step.fold(
                          computed -> named.add(computed.left()),
                          agreed -> named.add(agreed.left()),
                          list -> false,
                          seen -> false));
          made.working().table().ifPresent(table -> named.addAll(table.columns()));
          for (Formula formula : named) {
            if (formula instanceof Formula.Named name) {
              ids.computeIfAbsent(plain(formula), key -> new LinkedHashSet<>())
                  .add(name.quantity().id());
            }
          }
          // The frequency of one class is the f of its row, and the step the width of classes.
          ids.values().forEach(each -> each.removeAll(Set.of("class_frequency", "class_width")));
          assertThat(ids).as("%s", made).allSatisfy((s, of) -> assertThat(of.size()).isLessThan(2));
        });
  }

  @ParameterizedTest
  @MethodSource("all")
  void whatIsRoundedIsNotCalledEqual(String line) throws Exception {
    each(
        line,
        made -> {
          for (WorkingStep.Computed step : made.computed()) {
            String related = made.numbers().related(step);
            if (related.startsWith("= ") && step.value() instanceof Exact exact) {
              assertThat(related.substring(2).replace("−", "-").replace(" · 10", "e"))
                  .as("%s: %s", made, plain(step.left()))
                  .satisfies(
                      shown ->
                          assertThat(new BigDecimal(shown))
                              .isEqualByComparingTo(
                                  exact.rounded(shown.contains(".") ? 12 : 0, Rounding.HALF_UP)));
            }
          }
        });
  }

  @Test
  void rowsOfGroupsAndCellsCarryTheirNames() throws Exception {
    Set<Subject> seen = new HashSet<>();
    for (String line : Stream.concat(data(), fits()).toList()) {
      each(
          line,
          made -> {
            boolean named =
                made.working().table().isPresent()
                    && Arrays.asList("GROUPS", "CROSS", "FIT")
                        .contains(made.working().request().measure().subject().name());
            if (named) {
              seen.add(made.working().request().measure().subject());
              WorkTable table = made.working().table().orElseThrow();
              assertThat(table.labels()).as("%s", made).hasSameSizeAs(table.rows());
              assertThat(table.columns()).noneMatch(column -> Columns.isFromMean(column));
            }
          });
    }
    assertThat(seen).contains(Subject.GROUPS, Subject.CROSS, Subject.FIT);
  }
}
