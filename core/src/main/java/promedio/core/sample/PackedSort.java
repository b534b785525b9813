package promedio.core.sample;

import java.util.Arrays;

/**
 * Puts packed numerators in order. What students measure has few digits, so that among many values
 * most come again and again; to count each is then several times quicker than to compare them.
 */
final class PackedSort {

  /** Fewer are sorted at once anyway. */
  private static final int FEW = 64;

  private PackedSort() {}

  /** {@return the numbers in ascending order, in an array of their own} */
  static long[] sorted(long[] numbers) {
    if (numbers.length > FEW) {
      long lowest = numbers[0];
      long highest = numbers[0];
      for (long number : numbers) {
        lowest = Math.min(lowest, number);
        highest = Math.max(highest, number);
      }
      // Both lie below the limit of packed numbers, so that their distance is a long.
      long distance = highest - lowest;
      if (distance < numbers.length) {
        return counted(numbers, lowest, (int) distance + 1);
      }
    }
    long[] sorted = numbers.clone();
    Arrays.parallelSort(sorted);
    return sorted;
  }

  private static long[] counted(long[] numbers, long lowest, int different) {
    int[] counts = new int[different];
    for (long number : numbers) {
      counts[(int) (number - lowest)]++;
    }
    long[] sorted = new long[numbers.length];
    int filled = 0;
    for (int i = 0; i < different; i++) {
      int end = filled + counts[i];
      Arrays.fill(sorted, filled, end, lowest + i);
      filled = end;
    }
    return sorted;
  }
}
