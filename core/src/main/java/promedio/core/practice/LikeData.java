package promedio.core.practice;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/**
 * Draws data like some others, as one types them: as many values with as many decimals, about as
 * large and about as far apart; the same classes, values and names with other frequencies; pairs
 * about as near to a line.
 */
final class LikeData implements Data.Visitor<Source> {

  private static final int MOST_PLACES = 6;

  private final Random random;
  private final List<String> names;

  /**
   * Makes one that draws.
   *
   * @param names what the numbers of each pair are called; fewer than two for no names
   */
  LikeData(Random random, List<String> names) {
    this.random = random;
    this.names = names;
  }

  /** {@return the same text with decimal commas; what was separated by commas is so no more} */
  static Source withComma(Source source) {
    return source instanceof Source.OfText text
        ? Source.typed(source.shape(), text.text().replace('.', ','))
        : source;
  }

  @Override
  public Source sample(Sample sample) {
    Values values = sample.values().present();
    return new Source.ValuesText(
        values.size() == 0 ? "" : String.join(" ", like(values).stream().map(this::text).toList()));
  }

  private String text(BigDecimal value) {
    return value.toPlainString();
  }

  /** As many numbers, from a bell with the same middle and spread, within a little more. */
  private List<BigDecimal> like(Values values) {
    int places = places(values);
    double mean = near(values.sum().over(values.size()));
    double low = near(values.sorted().get(0));
    double high = near(values.sorted().get(values.size() - 1));
    double spread = spread(values, mean);
    double least = low >= 0 ? Math.max(0, low - spread / 2) : low - spread / 2;
    List<BigDecimal> drawn = new ArrayList<>();
    for (int i = 0; i < values.size(); i++) {
      double value = mean + spread * random.nextGaussian();
      double held = Math.min(high + spread / 2, Math.max(least, value));
      drawn.add(new BigDecimal(held).setScale(places, RoundingMode.HALF_EVEN));
    }
    return drawn;
  }

  private static double near(Exact value) {
    return value.significant(15).doubleValue();
  }

  private static double spread(Values values, double mean) {
    double squares = 0;
    for (int i = 0; i < values.size(); i++) {
      double away = near(values.get(i)) - mean;
      squares += away * away;
    }
    return Math.sqrt(squares / Math.max(1, values.size() - 1));
  }

  private static int places(Values values) {
    int places = 0;
    for (int i = 0; i < values.size(); i++) {
      Exact scaled = values.get(i).times(Exact.of(10).pow(places));
      while (places < MOST_PLACES && !scaled.isWhole()) {
        scaled = scaled.times(10);
        places++;
      }
    }
    return places;
  }

  /** A whole number near another, 0 only where that was 0. */
  private Exact frequency(Exact before) {
    if (before.signum() == 0 || !before.isWhole()) {
      return before;
    }
    double old = near(before);
    long drawn = Math.round(old + Math.sqrt(old) * random.nextGaussian());
    return Exact.of(Math.max(1, drawn));
  }

  @Override
  public Source frequencies(FrequencyTable table) {
    return new Source.TableText(
        table.rows().stream()
            .map(row -> plain(row.value()) + "\t" + plain(frequency(row.frequency())))
            .collect(Collectors.joining("\n")));
  }

  private static String plain(Exact number) {
    return number.isRational() && number.denominator().bitCount() == 1
        ? number.significant(20).stripTrailingZeros().toPlainString()
        : number.toString();
  }

  @Override
  public Source classes(ClassTable table) {
    return new Source.ClassesText(
        table.rows().stream().map(this::line).collect(Collectors.joining("\n")));
  }

  private String line(ClassTable.Row row) {
    String frequency = "\t" + plain(frequency(row.frequency()));
    if (row.lower().isEmpty()) {
      return Texts.of("class.under", row.upper().map(LikeData::plain).orElse("")) + frequency;
    }
    return row.upper()
        .map(upper -> plain(row.lower().get()) + "–" + plain(upper) + frequency)
        .orElseGet(() -> Texts.of("class.over", plain(row.lower().get())) + frequency);
  }

  @Override
  public Source categories(Categories categories) {
    return new Source.CategoriesText(
        categories.rows().stream()
            .map(row -> row.name() + "\t" + plain(frequency(row.frequency())))
            .collect(Collectors.joining("\n")));
  }

  /** About the same line, with what is left over drawn anew. */
  @Override
  public Source pairs(Pairs pairs) {
    if (pairs.size() < 2) {
      return new Source.PairsText("");
    }
    List<BigDecimal> x = like(pairs.x());
    double meanX = near(pairs.sums().meanX());
    double meanY = near(pairs.sums().meanY());
    double spreadX = spread(pairs.x(), meanX);
    double spreadY = spread(pairs.y(), meanY);
    double shared = 0;
    for (int i = 0; i < pairs.size(); i++) {
      shared += (near(pairs.x().get(i)) - meanX) * (near(pairs.y().get(i)) - meanY);
    }
    double slope = spreadX == 0 ? 0 : shared / (pairs.size() - 1) / (spreadX * spreadX);
    double r = spreadY == 0 ? 0 : slope * spreadX / spreadY;
    double left = spreadY * Math.sqrt(Math.max(0, 1 - r * r));
    int places = places(pairs.y());
    boolean positive = pairs.y().sorted().get(0).signum() >= 0;
    List<String> lines = new ArrayList<>();
    if (names.size() == 2) {
      lines.add(String.join("\t", names));
    }
    for (BigDecimal each : x) {
      double y = meanY + slope * (each.doubleValue() - meanX) + left * random.nextGaussian();
      BigDecimal shown = new BigDecimal(y).setScale(places, RoundingMode.HALF_EVEN);
      BigDecimal held = positive ? shown.max(BigDecimal.ZERO.setScale(places)) : shown;
      lines.add(text(each) + "\t" + text(held));
    }
    return new Source.PairsText(String.join("\n", lines));
  }

  /** Groups are made of samples, which are drawn by themselves. */
  @Override
  public Source groups(Groups groups) {
    throw new IllegalArgumentException("groups are not typed");
  }

  @Override
  public Source cross(CrossTable table) {
    List<String> lines = new ArrayList<>();
    lines.add("\t" + String.join("\t", table.columns()));
    for (int row = 0; row < table.rows().size(); row++) {
      int at = row;
      lines.add(
          table.rows().get(row)
              + "\t"
              + IntStream.range(0, table.columns().size())
                  .mapToObj(column -> plain(frequency(table.count(at, column))))
                  .collect(Collectors.joining("\t")));
    }
    return new Source.CountsText(String.join("\n", lines));
  }

  @Override
  public Source fit(GoodnessOfFitData fit) {
    return categories(fit.counted());
  }
}
