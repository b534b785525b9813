package promedio.core.marking;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** Data of which one value, or one row, is another, is missing or stands twice. */
interface OneChanged {

  /** {@return the value at the index} */
  Exact value(int index);

  /** {@return how many values or rows there are} */
  int size();

  /** {@return the data without that value}; nothing where none would be left */
  Optional<Data> without(int index);

  /** {@return the data with that value twice} */
  Data twice(int index);

  /** {@return the data with another value in its place} */
  Data with(int index, Exact value);

  /** A sample. Decimals are kept as whole numbers of one small unit, which makes a copy cheap. */
  final class OfSample implements OneChanged {

    /** One place more than the longest value, since a decimal point may be moved. */
    private static final int MORE_PLACES = 1;

    private static final int MOST_PLACES = 9;
    private static final BigDecimal LARGEST = BigDecimal.valueOf(Long.MAX_VALUE / 1000);

    private final Values values;
    private final long[] units;
    private final int places;

    private OfSample(Values values, long[] units, int places) {
      this.values = values;
      this.units = units;
      this.places = places;
    }

    /** {@return the sample of these values}; none where they are no decimals of a sensible size */
    static Optional<OneChanged> of(Values values) {
      int places = 0;
      BigInteger ten = BigInteger.ONE;
      while (places <= MOST_PLACES && ten.mod(values.denominator()).signum() != 0) {
        places++;
        ten = ten.multiply(BigInteger.TEN);
      }
      if (places > MOST_PLACES) {
        return Optional.empty();
      }
      places += MORE_PLACES;
      long[] units = new long[values.size()];
      for (int i = 0; i < units.length; i++) {
        BigDecimal unit = units(values.get(i), places);
        if (unit.abs().compareTo(LARGEST) > 0) {
          return Optional.empty();
        }
        units[i] = unit.longValueExact();
      }
      return Optional.of(new OfSample(values, units, places));
    }

    private static BigDecimal units(Exact value, int places) {
      return new BigDecimal(value.numerator())
          .movePointRight(places)
          .divide(new BigDecimal(value.denominator()), RoundingMode.UNNECESSARY);
    }

    @Override
    public Exact value(int index) {
      return values.get(index);
    }

    @Override
    public int size() {
      return units.length;
    }

    @Override
    public Optional<Data> without(int index) {
      if (units.length == 1) {
        return Optional.empty();
      }
      long[] left = Arrays.copyOf(units, units.length - 1);
      System.arraycopy(units, index + 1, left, index, left.length - index);
      return Optional.of(sample(left));
    }

    @Override
    public Data twice(int index) {
      long[] more = Arrays.copyOf(units, units.length + 1);
      more[units.length] = units[index];
      return sample(more);
    }

    @Override
    public Data with(int index, Exact value) {
      long[] changed = units.clone();
      changed[index] = units(value, places).longValueExact();
      return sample(changed);
    }

    private Data sample(long[] numerators) {
      return new Sample(Values.ofDecimals(numerators, places));
    }
  }

  /**
   * A table of values with their frequencies.
   *
   * @param rows its rows
   */
  record OfTable(List<FrequencyTable.Row> rows) implements OneChanged {

    @Override
    public Exact value(int index) {
      return rows.get(index).value();
    }

    @Override
    public int size() {
      return rows.size();
    }

    @Override
    public Optional<Data> without(int index) {
      List<FrequencyTable.Row> left = new ArrayList<>(rows);
      left.remove(index);
      try {
        return left.isEmpty() ? Optional.empty() : Optional.of(FrequencyTable.read(left, 0));
      } catch (BadInputException e) {
        // The other rows all have the frequency 0.
        return Optional.empty();
      }
    }

    @Override
    public Data twice(int index) {
      FrequencyTable.Row row = rows.get(index);
      return changed(index, new FrequencyTable.Row(row.value(), row.frequency().times(2)));
    }

    @Override
    public Data with(int index, Exact value) {
      return changed(index, new FrequencyTable.Row(value, rows.get(index).frequency()));
    }

    private Data changed(int index, FrequencyTable.Row row) {
      List<FrequencyTable.Row> changed = new ArrayList<>(rows);
      changed.set(index, row);
      return FrequencyTable.of(changed, 0);
    }
  }
}
