package promedio.core.graph;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable.Interval;

/** What the height of a bar or a line stands for. */
public enum Height {
  FREQUENCY,
  RELATIVE,
  /** 100 times the relative frequency. */
  PERCENTAGE,
  DENSITY;

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the height of this code} */
  public static Optional<Height> ofCode(String code) {
    return Arrays.stream(values()).filter(height -> height.code().equals(code)).findFirst();
  }

  /** {@return how high a class stands among so many values; an open one does not stand at all} */
  public Exact of(Interval interval, Exact total) {
    return switch (this) {
      case FREQUENCY, RELATIVE, PERCENTAGE -> of(interval.frequency(), total);
      case DENSITY -> interval.density().orElse(Exact.ZERO);
    };
  }

  /** {@return so many values in the unit of the height; a density needs a class} */
  public Exact of(Exact frequency, Exact total) {
    return switch (this) {
      case FREQUENCY, DENSITY -> frequency;
      case RELATIVE -> frequency.over(total);
      case PERCENTAGE -> frequency.times(100).over(total);
    };
  }
}
