package promedio.core.practice;

import java.util.Random;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * Samples drawn by chance from another. The same seed draws the same ones on every machine: the
 * numbers come from {@link Random}, whose way is laid down to the bit.
 */
public final class RandomSamples {

  private final Values values;
  private final Random random;
  private final boolean replacing;

  /**
   * Makes one.
   *
   * @param from what is drawn from; missing entries are never drawn
   * @param replacing whether each value is put back before the next is drawn
   */
  public RandomSamples(Sample from, long seed, boolean replacing) {
    this.values = from.values().present();
    this.random = new Random(seed);
    this.replacing = replacing;
  }

  /**
   * {@return the next sample}
   *
   * @param size how many values, above 0; without putting back at most as many as there are
   */
  public Sample draw(int size) {
    return new Sample(drawValues(size));
  }

  /**
   * {@return the values of the next sample, in the order in which they were drawn}
   *
   * @param size how many values, above 0; without putting back at most as many as there are
   */
  public Values drawValues(int size) {
    int[] drawn = new int[size];
    if (replacing) {
      for (int i = 0; i < size; i++) {
        drawn[i] = random.nextInt(values.size());
      }
      return values.pickEntries(drawn);
    }
    // The first steps of a shuffle (Fisher and Yates 1938).
    int[] order = new int[values.size()];
    for (int i = 0; i < order.length; i++) {
      order[i] = i;
    }
    for (int i = 0; i < size; i++) {
      int other = i + random.nextInt(order.length - i);
      drawn[i] = order[other];
      order[other] = order[i];
    }
    return values.pickEntries(drawn);
  }
}
