package promedio.desktop.projection.several;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.computation.OnCurve;
import promedio.core.formula.Quantity;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.rules.Variances;
import promedio.core.sample.Data;
import promedio.core.sample.DataSubset;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PortionText;
import promedio.desktop.projection.Results;
import promedio.files.report.ResultText;
import promedio.graph.CurveGraph;

/**
 * A test of significance as its steps, in words. What it needs to be computed is asked of the
 * analysis; where there is no statistic, the hypotheses alone are told.
 */
public final class TestText {

  /** Fewer values than these make a t test rest on the shape of the population. */
  private static final Exact FEW = Exact.of(15);

  /** Expected counts below this make χ² a rough guide (Cochran 1954). */
  private static final Exact SMALL_COUNT = Exact.of(5);

  /** Spreads of which one is more than twice another are told (Moore). */
  private static final Exact TWICE = Exact.of(2);

  private static final int DIGITS = 4;

  private final TestKind kind;
  private final Analysis now;
  private final List<Exact> about;
  private final Optional<OnCurve> stands;
  private final boolean covered;

  private TestText(TestKind kind, Analysis now, List<Exact> about) {
    this.kind = kind;
    this.now = now;
    this.about = about;
    this.covered = now.isCovered(kind.p(about));
    this.stands = covered ? Optional.empty() : now.computation().onCurve(kind.p(about));
  }

  /**
   * {@return the steps of a test}
   *
   * @param now what is tested
   * @param about the numbers that it is about besides the data
   */
  public static TestText of(TestKind kind, Analysis now, List<Exact> about) {
    return new TestText(kind, now.asked(kind.p(about)), about);
  }

  /** {@return both hypotheses, in symbols and in words} */
  public String hypotheses() {
    return Texts.of("test." + words() + ".null", names())
        + "\n"
        + Texts.of("test." + words() + ".alternative." + side(), names());
  }

  /** A mean is tested in the same words whether σ is known or not. */
  private String words() {
    return (kind == TestKind.MEAN_BY_SIGMA ? TestKind.MEAN : kind).code();
  }

  private List<Groups.Group> groups() {
    return now.typed().data().groups().map(Groups::samples).orElse(List.of());
  }

  /** χ² and F have one tail; of the others the rules tell it. */
  private String side() {
    return kind.isOneTailed() ? "upper" : rules().get(Rule.TAILS).code();
  }

  private Object[] names() {
    String symbol = about.isEmpty() ? "" : now.numbers().in("").shown(about.get(0));
    return switch (kind) {
      case MEAN, MEAN_BY_SIGMA -> new Object[] {symbol, now.item().name()};
      case PAIRED, CORRELATION, SLOPE ->
          new Object[] {PortionText.x(now.item()), PortionText.y(now.item())};
      case TWO -> groups().stream().map(Groups.Group::name).toArray();
      case VARIANCE, COUNTS -> new Object[0];
      case FIT -> new Object[] {proportions()};
    };
  }

  /** What is expected, in words: equal proportions, or the given ones as they were typed. */
  private String proportions() {
    List<Exact> expected =
        now.typed().data().fit().map(GoodnessOfFitData::expected).orElse(List.of());
    return expected.stream().distinct().count() == 1
        ? Texts.of("test.fit.equal")
        : expected.stream()
            .map(each -> now.numbers().in("").shown(each))
            .collect(Collectors.joining(" : "));
  }

  /** {@return what may be said of such a test} */
  public List<Rule<?>> statable() {
    return kind.isOneTailed() ? List.of(Rule.ALPHA) : List.of(Rule.TAILS, Rule.ALPHA);
  }

  /** {@return the alternative and the level as far as the test or its question says them} */
  public StatedRules stated() {
    return now.item()
        .test()
        .stated()
        .and(now.question(kind.p(about)).stated())
        .with(Rule.DIVISOR, Optional.empty())
        .withPlaces(Optional.empty());
  }

  /** {@return why there is no test; none where there is one} */
  public Optional<String> problem() {
    if (covered) {
      return Optional.of(Texts.of("cover.test"));
    }
    return stands.isPresent()
        ? Optional.empty()
        : Optional.of(
            now.computation().result(kind.p(about)) instanceof Result.Absent absent
                ? Texts.of("about.absent", absent.why().text())
                : Texts.of("several.nothing"));
  }

  /** {@return whether its p-value is covered, and with it all that it decides} */
  public boolean isCovered() {
    return covered;
  }

  /** {@return from which statistic on the null hypothesis is rejected} */
  public String critical() {
    return stands
        .map(
            at ->
                Texts.of(
                    "test.critical." + tail(at),
                    at.curve().letter(),
                    number(at.critical(alpha()).value()),
                    alphaText()))
        .orElse("");
  }

  private static String tail(OnCurve at) {
    return switch (at.tail()) {
      case TWO -> "two";
      case UPPER -> "upper";
      case LOWER -> "lower";
    };
  }

  /** {@return whether the null hypothesis is rejected, by the critical value and by p} */
  public String decision() {
    return stands
        .map(
            at ->
                Texts.of(
                    rejects(at) ? "test.rejected" : "test.kept", p(), alphaText(), conclusion(at)))
        .orElse("");
  }

  private String conclusion(OnCurve at) {
    String outcome = rejects(at) ? ".shown." : ".not-shown.";
    return Texts.of("test." + words() + outcome + side(), names());
  }

  /** {@return how large the effect is, with the usual word for it and who named it} */
  public String effect() {
    return kind.size()
        .flatMap(
            size ->
                now.computation()
                    .value(size.request())
                    .map(
                        effect ->
                            Texts.of(
                                "test.effect",
                                now.computation().symbol(size.request()).plain(),
                                now.shown(size.request()),
                                Texts.of("test.size." + size.word(effect)))))
        .orElse("");
  }

  /** {@return what to watch: none of it forbids the test} */
  public List<String> watch() {
    List<String> watch = new ArrayList<>();
    switch (kind) {
      case MEAN, PAIRED -> addFew(watch, now.typed().data().total());
      case CORRELATION, SLOPE -> watch.add(Texts.of("test.watch.line"));
      case TWO, VARIANCE -> {
        groups().stream()
            .map(group -> group.sample().total())
            .min(Comparator.naturalOrder())
            .ifPresent(least -> addFew(watch, least));
        addSpreads(watch);
      }
      case COUNTS ->
          now.computation()
              .value(Request.of(Measures.ofKey("smallest_expected").orElseThrow()))
              .filter(least -> least.compareTo(SMALL_COUNT) < 0)
              .ifPresent(
                  least ->
                      watch.add(
                          Texts.of(
                              "test.watch.expected", Results.rounded(least, rules(), now.sign()))));
      case FIT ->
          now.typed()
              .data()
              .fit()
              .flatMap(TestText::leastExpected)
              .filter(least -> least.compareTo(SMALL_COUNT) < 0)
              .ifPresent(
                  least ->
                      watch.add(
                          Texts.of(
                              "test.watch.expected.categories",
                              Results.rounded(least, rules(), now.sign()))));
      case MEAN_BY_SIGMA -> {}
    }
    return watch;
  }

  private static Optional<Exact> leastExpected(GoodnessOfFitData fit) {
    return IntStream.range(0, fit.expected().size())
        .mapToObj(fit::expectedCount)
        .min(Comparator.naturalOrder());
  }

  private static void addFew(List<String> watch, Exact n) {
    if (n.compareTo(FEW) < 0) {
      watch.add(Texts.of("test.watch.few", n));
    }
  }

  private void addSpreads(List<String> watch) {
    List<Exact> spreads =
        groups().stream()
            .flatMap(group -> of(group.sample(), Quantity.STANDARD_DEVIATION).stream())
            .toList();
    Comparator<Exact> order = Comparator.naturalOrder();
    Optional<Exact> least = spreads.stream().min(order);
    Optional<Exact> most = spreads.stream().max(order);
    boolean pooled = kind == TestKind.VARIANCE || rules().get(Rule.VARIANCES) == Variances.EQUAL;
    if (pooled
        && least.isPresent()
        && most.isPresent()
        && most.get().compareTo(least.get().times(TWICE)) > 0) {
      watch.add(
          Texts.of(
              "test.watch.spread." + kind.code(),
              Results.rounded(least.get(), rules(), now.sign()),
              Results.rounded(most.get(), rules(), now.sign())));
    }
  }

  /** {@return one sentence to hand in; empty where there is no test} */
  public String sentence() {
    return stands
        .map(
            at ->
                Texts.of(
                    "test.sentence",
                    capital(finding(at)),
                    statistic(at),
                    p(),
                    inBrackets(effectShort())))
        .orElse("");
  }

  /** What was found, with the means and spreads that it was found of and which way they differ. */
  private String finding(OnCurve at) {
    if (!rejects(at)) {
      return Texts.of("test." + words() + ".not-found." + side(), told());
    }
    String direction = at.statistic().signum() < 0 ? "lower" : "higher";
    return Texts.of("test." + words() + ".found." + direction, told());
  }

  /** The names with the mean and the spread of each. */
  private Object[] told() {
    return switch (kind) {
      case MEAN, MEAN_BY_SIGMA ->
          new Object[] {
            spread(now.item().name(), now.typed().data(), Optional.of(now)),
            now.numbers().in("").shown(about.get(0))
          };
      case PAIRED -> {
        Pairs pairs = now.typed().data().pairs().orElseThrow();
        yield new Object[] {
          spread(PortionText.x(now.item()), new Sample(pairs.x()), now.in(DataSubset.X)),
          spread(PortionText.y(now.item()), new Sample(pairs.y()), now.in(DataSubset.Y))
        };
      }
      case TWO -> groups().stream().map(this::spread).toArray();
      case VARIANCE ->
          new Object[] {groups().stream().map(this::spread).collect(Collectors.joining("; "))};
      case CORRELATION, SLOPE, COUNTS, FIT -> names();
    };
  }

  private String spread(Groups.Group group) {
    return spread(group.name(), group.sample(), now.in(DataSubset.group(group.name())));
  }

  /** What is covered there is not told here. */
  private String spread(String name, Data data, Optional<Analysis> asked) {
    String mean = shown(data, Quantity.MEAN, asked, Measures.MEAN);
    return of(data, Quantity.STANDARD_DEVIATION).isEmpty()
        ? Texts.of("test.mean-alone", name, mean)
        : Texts.of(
            "test.mean-and-sd",
            name,
            mean,
            shown(data, Quantity.STANDARD_DEVIATION, asked, Measures.SD));
  }

  private String shown(Data data, Quantity quantity, Optional<Analysis> asked, Measure measure) {
    boolean covers = asked.filter(each -> each.isCovered(Request.of(measure))).isPresent();
    return covers
        ? Texts.of("cover.result")
        : of(data, quantity)
            .map(value -> Results.rounded(value, rules(), now.sign()))
            .orElseGet(() -> Texts.of("result.none"));
  }

  private Optional<Exact> of(Data data, Quantity quantity) {
    return Computation.of(data, rules()).value(quantity);
  }

  private static String capital(String text) {
    return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
  }

  private static String inBrackets(String effect) {
    return effect.isEmpty() ? "" : ", " + effect;
  }

  private String effectShort() {
    return kind.size()
        .filter(size -> now.computation().value(size.request()).isPresent())
        .map(
            size ->
                now.computation().symbol(size.request()).plain()
                    + " = "
                    + now.shown(size.request()))
        .orElse("");
  }

  /** As courses write it: t(10) = 2.23, F(2, 21) = 4.10, χ²(3, n = 100) = 9.13. */
  private String statistic(OnCurve at) {
    String value = now.shown(kind.statistics(about).get(0));
    String degrees =
        String.join(
            now.sign() == DecimalSign.COMMA ? "; " : ", ",
            at.degrees().stream().map(each -> Results.plain(each, now)).toList());
    String in =
        kind == TestKind.COUNTS || kind == TestKind.FIT
            ? Texts.of("test.with-n", degrees, now.typed().data().total())
            : degrees;
    return at.curve().letter() + (in.isEmpty() ? "" : "(" + in + ")") + " = " + value;
  }

  /** “p = 0.0123”, or “p < 0.0001”: never 0. */
  private String p() {
    String shown = now.shown(kind.p(about));
    // Reports write = before a p-value to so many places.
    return ResultText.equation("p", shown, true);
  }

  private boolean rejects(OnCurve at) {
    return rules().reject(at.p().decimal());
  }

  private Exact alpha() {
    return Exact.of(rules().get(Rule.ALPHA));
  }

  private String alphaText() {
    return number(rules().get(Rule.ALPHA));
  }

  private CourseRules rules() {
    return now.rules();
  }

  private String number(BigDecimal value) {
    BigDecimal shown =
        value.scale() > DIGITS ? value.setScale(DIGITS, Rounding.HALF_UP.mode()) : value;
    return NumberText.write(shown, now.sign());
  }

  /** {@return the curve with what the level and what the statistic cut off; none without a test} */
  public Optional<CurveGraph> graph() {
    return stands.map(
        at ->
            new CurveGraph(
                at.curve(),
                at.degrees(),
                at.tail(),
                List.of(
                    new CurveGraph.Cut(
                        at.critical(alpha()).decimal(),
                        "α",
                        alphaText()
                            + Texts.of("test.beyond", number(at.critical(alpha()).value()))),
                    new CurveGraph.Cut(
                        at.statistic(),
                        "p",
                        now.shown(kind.p(about))
                            + Texts.of("test.beyond", now.shown(kind.statistics(about).get(0))))),
                rules(),
                now.sign()));
  }
}
