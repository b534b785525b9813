package promedio.core.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.StringLength;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.measure.Result;
import promedio.core.measure.Shape;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.Real;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** What holds of marks whatever the sample and the measure. */
class MarkingPropertiesTest {

  private static final int PLACES = CourseRules.DEFAULTS.get(Rule.PLACES);

  @Provide
  Arbitrary<Sample> samples() {
    return Arbitraries.longs()
        .between(1, 400)
        .list()
        .ofMinSize(2)
        .ofMaxSize(14)
        .map(
            values ->
                new Sample(
                    Values.ofDecimals(values.stream().mapToLong(Long::longValue).toArray(), 1)));
  }

  @Provide
  Arbitrary<Request> anything() {
    List<Request> requests = new ArrayList<>(Measures.all().stream().map(Request::of).toList());
    requests.add(Request.of(Measures.FIVE_NUMBERS));
    requests.add(Request.of(Measures.PERCENTILE, Exact.of(35)));
    requests.add(Request.of(Measures.DECILE, Exact.of(7)));
    requests.add(Request.of(Measures.PERCENTILE_RANK, Exact.of(20)));
    requests.add(Request.of(Measures.TRIMMED_MEAN, Exact.of(1, 10)));
    requests.add(Request.of(Measures.MOMENT, Exact.of(3)));
    requests.add(Request.of(Measures.Z_SCORE, Exact.of(20)));
    requests.add(Request.of(Measures.VALUE_OF_Z, Exact.of(3, 2)));
    return Arbitraries.of(requests);
  }

  @Provide
  Arbitrary<Request> numbers() {
    return anything().filter(request -> request.measure().shape() == Shape.ONE);
  }

  private static Marker marker(Sample sample, Request request) {
    return Marker.of(Problem.of(sample, CourseRules.DEFAULTS, request));
  }

  private static Mark mark(Marker marker, BigDecimal answer) {
    return marker.mark(answer.toPlainString(), DecimalSign.POINT);
  }

  @Property(tries = 150)
  void theRightResultAgreesHoweverManyPlacesAreWritten(
      @ForAll("samples") Sample sample,
      @ForAll("numbers") Request request,
      @ForAll @IntRange(max = 6) int more) {
    Marker marker = marker(sample, request);
    Result right = marker.problem().right();
    if (right.number().isEmpty()) {
      assertThat(marker.mark("none", DecimalSign.POINT).verdict()).isEqualTo(Verdict.AGREES);
      return;
    }
    Real number = right.number().get();
    BigDecimal written = number.rounded(PLACES + more, CourseRules.DEFAULTS.get(Rule.ROUNDING));

    assertThat(mark(marker, written).verdict()).isEqualTo(Verdict.AGREES);
    assertThat(marker.mark(written.toPlainString().replace('.', ','), DecimalSign.COMMA).verdict())
        .isEqualTo(Verdict.AGREES);
  }

  @Property(tries = 100)
  void onePlaceFewerAgreesAsFarAsItGoesAndIsNeverAMistake(
      @ForAll("samples") Sample sample, @ForAll("numbers") Request request) {
    Marker marker = marker(sample, request);
    int places = CourseRules.DEFAULTS.get(Rule.PLACES) - 1;
    marker
        .problem()
        .right()
        .number()
        .ifPresent(
            number -> {
              BigDecimal written = number.rounded(places, CourseRules.DEFAULTS.get(Rule.ROUNDING));
              boolean whole = Exact.of(written).equals(number);
              assertThat(mark(marker, written).verdict())
                  .isEqualTo(whole ? Verdict.AGREES : Verdict.AGREES_COARSER);
            });
  }

  @Property(tries = 100)
  void theExactFractionAgrees(
      @ForAll("samples") Sample sample, @ForAll("numbers") Request request) {
    Marker marker = marker(sample, request);
    marker
        .problem()
        .right()
        .number()
        .filter(number -> number instanceof Exact exact && exact.isRational())
        .ifPresent(
            number ->
                assertThat(marker.mark(number.toString(), DecimalSign.POINT).verdict())
                    .isEqualTo(Verdict.AGREES));
  }

  @Property(tries = 60)
  void aResultThatIsOffInItsLastDigitsNeverAgreesAndEveryExplanationGivesIt(
      @ForAll("samples") Sample sample,
      @ForAll("numbers") Request request,
      @ForAll @IntRange(min = 2, max = 90) int off) {
    Marker marker = marker(sample, request);
    marker
        .problem()
        .right()
        .number()
        .ifPresent(
            number -> {
              BigDecimal wrong =
                  number
                      .rounded(PLACES, CourseRules.DEFAULTS.get(Rule.ROUNDING))
                      .add(BigDecimal.valueOf(off, PLACES));
              Mark mark = mark(marker, wrong);

              assertThat(mark.agrees()).isFalse();
              assertThat(mark.explanations().isEmpty())
                  .isEqualTo(mark.verdict() == Verdict.UNEXPLAINED);
              mark.best()
                  .ifPresent(
                      best ->
                          assertThat(mark.verdict()).isEqualTo(Verdict.explainedBy(best.kind())));
              mark.chance().ifPresent(share -> assertThat(share).isBetween(Exact.ZERO, Exact.ONE));
            });
  }

  @Property(tries = 200)
  void whateverIsWrittenIsMarked(
      @ForAll("samples") Sample sample,
      @ForAll("anything") Request request,
      @ForAll @StringLength(max = 12) String written) {
    Mark mark = marker(sample, request).mark(written, DecimalSign.POINT);

    assertThat(mark.reason().isPresent()).isEqualTo(mark.verdict() == Verdict.UNREADABLE);
  }

  @Property(tries = 60)
  void theOrderOfTheSampleDoesNotChangeWhatARightAnswerIsWorth(
      @ForAll("samples") Sample sample, @ForAll("numbers") Request request) {
    List<Exact> backwards = new ArrayList<>();
    for (int i = sample.values().size() - 1; i >= 0; i--) {
      backwards.add(sample.values().get(i));
    }
    Sample turned = new Sample(Values.of(backwards));
    marker(sample, request)
        .problem()
        .right()
        .number()
        .ifPresent(
            number ->
                assertThat(
                        mark(
                                marker(turned, request),
                                number.rounded(PLACES, CourseRules.DEFAULTS.get(Rule.ROUNDING)))
                            .agrees())
                    .isTrue());
  }
}
