package promedio.core.sample;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;

/** What data become where one entry of them is mistaken. */
class EntryTest {

  private static final Exact NINE = Exact.of(9);

  private static List<Exact> numbers(int... numbers) {
    return Arrays.stream(numbers).mapToObj(Exact::of).toList();
  }

  private static Values values(int... numbers) {
    return Values.of(numbers(numbers));
  }

  @Test
  void ofASampleOneValueIsMissingOrTwiceOrAnother() {
    Entry second = new Sample(values(1, 2, 3)).entries().get(1);

    assertThat(second.without()).contains(new Sample(values(1, 3)));
    assertThat(second.twice()).contains(new Sample(values(1, 2, 2, 3)));
    assertThat(second.with(NINE)).contains(new Sample(values(1, 9, 3)));
  }

  @Test
  void theLastValueIsNotTakenAway() {
    assertThat(new Sample(values(1)).entries().get(0).without()).isEmpty();
  }

  @Test
  void ofATableTheRowKeepsItsFrequency() {
    List<FrequencyTable.Row> rows =
        List.of(
            new FrequencyTable.Row(Exact.of(1), Exact.of(4)),
            new FrequencyTable.Row(Exact.of(2), Exact.of(5)));
    Entry second = FrequencyTable.of(rows, 0).entries().get(1);

    assertThat(second.without().orElseThrow().total()).isEqualTo(Exact.of(4));
    assertThat(second.twice().orElseThrow().total()).isEqualTo(Exact.of(14));
    assertThat(second.with(NINE).flatMap(Data::frequencies).orElseThrow().rows())
        .contains(new FrequencyTable.Row(NINE, Exact.of(5)));
  }

  @Test
  void ofPairsARowGoesAsAWholeAndANumberStaysBesideItsPartner() {
    Pairs pairs = Pairs.of(values(1, 2), values(3, 4));
    List<Entry> entries = pairs.entries();

    assertThat(entries).hasSize(6);
    assertThat(entries.get(0).without()).contains(Pairs.of(values(2), values(4)));
    assertThat(entries.get(1).with(NINE)).contains(Pairs.of(values(9, 2), values(3, 4)));
    assertThat(entries.get(1).without()).isEmpty();
    assertThat(entries.get(5).with(NINE)).contains(Pairs.of(values(1, 2), values(3, 9)));
  }

  @Test
  void ofGroupsTheOthersStayAsTheyAre() {
    Groups.Group a = new Groups.Group("a", new Sample(values(1, 2)));
    Groups.Group b = new Groups.Group("b", new Sample(values(3)));
    List<Entry> entries = new Groups(List.of(a, b)).entries();

    assertThat(entries.get(0).without())
        .contains(new Groups(List.of(new Groups.Group("a", new Sample(values(2))), b)));
    assertThat(entries.get(2).without()).isEmpty();
  }

  @Test
  void aCountIsAnotherCountAndNothingElse() throws BadInputException {
    CrossTable table =
        CrossTable.read(List.of(), List.of(), List.of(numbers(1, 2), numbers(3, 4)), 0);
    Entry last = table.entries().get(3);

    assertThat(last.with(NINE).flatMap(Data::cross).orElseThrow().count(1, 1)).isEqualTo(NINE);
    assertThat(last.with(Exact.of(1, 2))).isEmpty();
    assertThat(last.with(Exact.of(-1))).isEmpty();
    assertThat(last.without()).isEmpty();
  }

  @Test
  void ofCountsBesideProportionsTheProportionsStay() throws BadInputException {
    Categories counted =
        Categories.read(
            List.of(
                new Categories.Row("red", Exact.of(4)), new Categories.Row("green", Exact.of(6))),
            0);
    GoodnessOfFitData fit = GoodnessOfFitData.equal(counted);

    GoodnessOfFitData other = (GoodnessOfFitData) fit.entries().get(0).with(NINE).orElseThrow();
    assertThat(other.expected()).isEqualTo(fit.expected());
    assertThat(other.total()).isEqualTo(Exact.of(15));
  }
}
