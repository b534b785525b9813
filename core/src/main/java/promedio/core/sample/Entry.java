package promedio.core.sample;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.number.Exact;

/**
 * One entry of data, with what the data become where it is mistaken; all that stands beside it
 * stays as it is.
 *
 * @param numbers the number of the entry, or those of a whole row
 * @param times makes the data in which it stands so many times, 0 or 2; nothing where there are
 *     none
 * @param changed makes the data with another number in its place; nothing where there are none
 */
public record Entry(
    List<Exact> numbers,
    Function<Integer, Optional<Data>> times,
    Function<Exact, Optional<Data>> changed) {

  public Entry {
    numbers = List.copyOf(numbers);
  }

  /** {@return an entry that stands where it must, with another number or without} */
  static Entry fixed(Exact number, Function<Exact, Optional<Data>> changed) {
    return new Entry(List.of(number), times -> Optional.empty(), changed);
  }

  /** {@return a row of several numbers, which is there or not} */
  static Entry row(List<Exact> numbers, Function<Integer, Optional<Data>> times) {
    return new Entry(numbers, times, number -> Optional.empty());
  }

  /** {@return the same entry of data that these are a part of} */
  Entry within(Function<Data, Data> whole) {
    return new Entry(
        numbers, count -> times.apply(count).map(whole), to -> changed.apply(to).map(whole));
  }

  /** {@return the data without the entry}; nothing where none would be left, or it must stand */
  public Optional<Data> without() {
    return times.apply(0);
  }

  /** {@return the data in which the entry stands twice}; nothing where that cannot be */
  public Optional<Data> twice() {
    return times.apply(2);
  }

  /** {@return the data with another number in its place}; nothing where that cannot be */
  public Optional<Data> with(Exact number) {
    return changed.apply(number);
  }

  /** {@return the rows with that at the index so many times} */
  static <R> List<R> times(List<R> rows, int index, int times) {
    List<R> changed = new ArrayList<>(rows);
    changed.remove(index);
    for (int i = 0; i < times; i++) {
      changed.add(index, rows.get(index));
    }
    return changed;
  }

  /** {@return the rows with another in the place of that at the index} */
  static <R> List<R> with(List<R> rows, int index, R other) {
    List<R> changed = new ArrayList<>(rows);
    changed.set(index, other);
    return changed;
  }
}
