package promedio.core.measure;

import java.util.List;
import promedio.core.number.Exact;
import promedio.core.sample.ClassTable.Interval;

/**
 * Where a position lies among the classes of a table: t − F before of the f values of a class.
 *
 * @param index which class, from 0
 * @param position t, held within 0 and N
 * @param before F, how many values lie in the classes before
 * @param interval the class
 */
public record ClassPlace(int index, Exact position, Exact before, Interval interval) {

  /**
   * {@return the place of a position}: the first class whose cumulative frequency reaches it
   *
   * @param intervals the classes, from the lowest up; not all without frequency
   */
  public static ClassPlace of(List<Interval> intervals, Exact position) {
    Exact total = Exact.ZERO;
    for (Interval interval : intervals) {
      total = total.plus(interval.frequency());
    }
    Exact held = position.compareTo(total) > 0 ? total : position;
    Exact before = Exact.ZERO;
    for (int i = 0; i < intervals.size(); i++) {
      Exact frequency = intervals.get(i).frequency();
      boolean reached = before.plus(frequency).compareTo(held) >= 0;
      if (reached && frequency.signum() > 0) {
        return new ClassPlace(i, held, before, intervals.get(i));
      }
      before = before.plus(frequency);
    }
    throw new IllegalArgumentException("no class has a frequency");
  }
}
