package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import promedio.core.catalogue.Measures;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;

class MeasuresTextTest {

  private static final Data PEARS = new Sample(Values.ofDecimals(new long[] {8, 10, 11, 11}, 0));

  private static List<String> lines(Data data, RequestedMeasures extras) {
    return MeasuresText.of("pears.csv", data, CourseRules.DEFAULTS, extras);
  }

  @Test
  void everyMeasureHasALineUnderTheRulesInForce() {
    List<String> lines = lines(PEARS, RequestedMeasures.NONE);

    assertThat(lines.get(0)).isEqualTo("pears.csv: 4 values");
    assertThat(lines.get(1)).startsWith("course rules: divisor n-1, quartiles halves-without");
    // The interval of the mean stands for every sample: its margin and both ends.
    assertThat(lines).hasSize(3 + Measures.all().size() + 3);
    assertThat(lines).anyMatch(line -> line.matches("sd +1\\.41"));
  }

  @Test
  void missingValuesAreCountedAndSeveralModesListed() throws BadInputException {
    Data data =
        new Sample(
            new ValuesBuilder()
                .add(Exact.of(3))
                .addMissing()
                .add(Exact.of(3))
                .add(Exact.of(-4))
                .add(Exact.of(-4))
                .add(Exact.of(9))
                .build());

    assertThat(lines(data, RequestedMeasures.NONE).get(0))
        .isEqualTo("pears.csv: 5 values, 1 missing");
    assertThat(lines(data, RequestedMeasures.NONE)).anyMatch(line -> line.matches("modes +−4  3"));
  }

  @Test
  void degreesOfFreedomAreWholeAndAnIntervalBySigmaStandsWhereTheIntervalDoes() throws Exception {
    RequestedMeasures extras =
        RequestedMeasures.of(
            Optional.empty(), List.of(), Map.of("mu", "10", "sigma", "3", "level", "95"));
    Data data = new Sample(Values.of(Stream.of(8, 11, 14).map(Exact::of).toList()));

    assertThat(lines(data, extras))
        .anyMatch(line -> line.matches("t_one_df +2"))
        // 11 ∓ 1.959964 · 3 / √3
        .anyMatch(line -> line.matches("interval_mean_lower +7\\.61"))
        .anyMatch(line -> line.matches("interval_mean_upper +14\\.39"));
  }

  @Test
  void whatIsAskedForBesidesStandsAtTheEnd() throws BadInputException {
    List<String> lines =
        lines(
            PEARS,
            RequestedMeasures.of(Optional.of("0.25"), List.of("90", "2.5"), Map.of("mu", "9")));

    assertThat(lines.subList(lines.size() - 9, lines.size()))
        .satisfiesExactly(
            line -> assertThat(line).matches("trimmed_mean +10\\.50"),
            line -> assertThat(line).matches("percentile 90 +11\\.00"),
            line -> assertThat(line).matches("percentile 2\\.5 +8\\.00"),
            line -> assertThat(line).matches("t_one +1\\.41"),
            line -> assertThat(line).startsWith("t_one_df "),
            line -> assertThat(line).matches("t_one_p +0\\.2522"),
            line -> assertThat(line).matches("margin_of_error +2\\.25"),
            line -> assertThat(line).matches("interval_mean_lower +7\\.75"),
            line -> assertThat(line).matches("interval_mean_upper +12\\.25"));
  }

  @Test
  void aTableCountsItsFrequencies() {
    Data table = FrequencyTable.of(List.of(new FrequencyTable.Row(Exact.of(3), Exact.of(5, 2))), 1);

    assertThat(lines(table, RequestedMeasures.NONE).get(0))
        .isEqualTo("pears.csv: 5/2 values, 1 missing");
    assertThat(lines(table, RequestedMeasures.NONE))
        .anyMatch(
            line -> line.startsWith("median") && line.contains("none: values with frequencies"));
  }

  @Test
  void askingForWhatCannotBeSaysWhatCan() {
    assertThatThrownBy(() -> RequestedMeasures.of(Optional.of("half"), List.of(), Map.of()))
        .hasMessageContaining("“trim” must be a number from 0 to 1, not “half”");
    assertThatThrownBy(() -> RequestedMeasures.of(Optional.empty(), List.of("-1"), Map.of()))
        .hasMessageContaining("from 0 to 100");
  }
}
