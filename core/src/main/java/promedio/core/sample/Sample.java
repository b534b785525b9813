package promedio.core.sample;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import promedio.core.number.Exact;

/** Values as they were observed, in their order, some of them missing. */
public final class Sample implements Data {

  private final Values values;
  private final Tally tally;

  /** Makes the sample of these values. */
  public Sample(Values values) {
    this.values = values;
    this.tally = Tally.ofSorted(values.sorted());
  }

  /** {@return the values in the order in which they came} */
  public Values values() {
    return values;
  }

  @Override
  public Tally tally() {
    return tally;
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.sample(this);
  }

  @Override
  public Optional<Sample> sample() {
    return Optional.of(this);
  }

  @Override
  public List<Entry> entries() {
    List<Exact> all = values.present().list();
    return IntStream.range(0, all.size())
        .mapToObj(
            i ->
                new Entry(
                    List.of(all.get(i)),
                    times -> of(Entry.times(all, i, times)),
                    number -> of(Entry.with(all, i, number))))
        .toList();
  }

  private static Optional<Data> of(List<Exact> values) {
    return values.isEmpty() ? Optional.empty() : Optional.of(new Sample(Values.of(values)));
  }

  @Override
  public int missing() {
    return values.missing();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Sample that && values.equals(that.values);
  }

  @Override
  public int hashCode() {
    return values.hashCode();
  }
}
