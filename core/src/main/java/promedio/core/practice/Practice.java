package promedio.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.function.Supplier;
import promedio.core.assignment.Source;
import promedio.core.rules.CourseRules;

/** Draws data to work by hand: weights of pears in grams, pears in baskets, weights in classes. */
public final class Practice {

  /** Fewest and most values, or rows, that are drawn. */
  public static final int FEWEST = 3;

  public static final int MOST = 200;

  /** So often nice numbers are tried for; the nicest ones found are taken. */
  private static final int TRIES = 3000;

  private static final int MIDDLE = 140;
  private static final int SPREAD = 14;

  private final Random random;
  private final CourseRules rules;

  /** What kind of data. */
  public enum Kind {
    SAMPLE,
    TABLE,
    CLASSES
  }

  /**
   * Makes one that draws.
   *
   * @param random where chance comes from
   * @param rules the course rules that nice results are nice by
   */
  public Practice(Random random, CourseRules rules) {
    this.random = random;
    this.rules = rules;
  }

  /**
   * {@return data of a kind, as one types them}
   *
   * @param size how many values, rows or classes, from {@value #FEWEST} to {@value #MOST}
   * @param nice whether mean and variance should have few decimals
   * @throws IllegalArgumentException if the size is another
   */
  public Source draw(Kind kind, int size, boolean nice) {
    if (size < FEWEST || size > MOST) {
      throw new IllegalArgumentException(FEWEST + " to " + MOST + " values, not " + size);
    }
    Supplier<Source> drawn =
        switch (kind) {
          case SAMPLE -> () -> new Source.ValuesText(values(size));
          case TABLE -> () -> new Source.TableText(rows(size, from -> from + "\t"));
          case CLASSES -> classes(size);
        };
    return nice ? Nice.nicest(drawn, rules, TRIES) : drawn.get();
  }

  private String values(int size) {
    List<String> values = new ArrayList<>();
    for (int i = 0; i < size; i++) {
      values.add(String.valueOf(Math.round(MIDDLE + SPREAD * random.nextGaussian())));
    }
    return String.join(" ", values);
  }

  private String rows(int size, Function<Integer, String> label) {
    List<String> lines = new ArrayList<>();
    int from = 20 + random.nextInt(20);
    for (int i = 0; i < size; i++) {
      lines.add(label.apply(from + i) + frequency(i, size));
    }
    return String.join("\n", lines);
  }

  /** Large in the middle, small at the ends, and never 0. */
  private long frequency(int index, int size) {
    double away = (index - (size - 1) / 2.0) / (size / 4.0);
    double bell = Math.exp(-away * away / 2);
    return 1 + Math.round(bell * (4 + random.nextInt(9)));
  }

  private Supplier<Source> classes(int size) {
    int width = new int[] {5, 10, 20}[random.nextInt(3)];
    int gap = random.nextInt(2);
    int from = width * (5 + random.nextInt(5));
    return () -> {
      List<String> lines = new ArrayList<>();
      for (int i = 0; i < size; i++) {
        int lower = from + i * width;
        lines.add(lower + "–" + (lower + width - gap) + "\t" + frequency(i, size));
      }
      return new Source.ClassesText(String.join("\n", lines));
    };
  }
}
