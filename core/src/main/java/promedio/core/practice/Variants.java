package promedio.core.practice;

import java.util.Random;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;

/**
 * Variants of an assignment: the same parts, each about data of its own of the same kind. The same
 * seed and number give the same variant on every machine.
 */
public final class Variants {

  /** So often nice numbers are tried for. */
  private static final int TRIES = 400;

  private static final Exact LARGEST = Exact.of(10).pow(100);

  private final Assignment sheet;
  private final long seed;
  private final boolean nice;

  /**
   * Makes variants.
   *
   * @param sheet the assignment with its parts and the data that the others are like
   * @param seed what the chance begins with
   * @param nice whether mean and variance should have few decimals
   */
  public Variants(Assignment sheet, long seed, boolean nice) {
    this.sheet = sheet;
    this.seed = seed;
    this.nice = nice;
  }

  /** {@return whether chance, which draws in binary numbers, has numbers as large as these} */
  public static boolean isDrawn(Extent extent) {
    return extent.largest().compareTo(LARGEST) <= 0;
  }

  /**
   * {@return a variant, in which nothing is answered}
   *
   * @param number which, from 1
   */
  public Assignment variant(int number) {
    // Neighbouring seeds begin alike; their products with a large odd number do not.
    Random random = new Random((seed + 31L * number) * 0x9E3779B97F4A7C15L);
    Assignment variant = sheet;
    for (Item item : sheet.items()) {
      Data data = item.source().read(sheet.sign()).data();
      // A comparison follows its samples, or a table that no variant changes.
      if (data.groups().isEmpty() && !(item.source() instanceof Source.Picked)) {
        variant = variant.with(item.withSource(source(item, data, random)));
      }
    }
    return variant.withoutWork();
  }

  private Source source(Item item, Data data, Random random) {
    LikeData like = new LikeData(random, item.source().names());
    boolean numbers =
        data.subject() == Subject.ONE && data.categories().isEmpty() && !data.tally().isEmpty();
    Source drawn =
        nice && numbers
            ? Nice.nicest(() -> data.accept(like), sheet.rules(), TRIES)
            : data.accept(like);
    // What is drawn is written with points; the student's sign may be another.
    return sheet.sign() == DecimalSign.POINT ? drawn : LikeData.withComma(drawn);
  }
}
