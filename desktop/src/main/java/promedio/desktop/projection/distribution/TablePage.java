package promedio.desktop.projection.distribution;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import promedio.core.distribution.Distribution;
import promedio.core.distribution.Tail;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;

/**
 * The page of a printed table of a distribution, with the line that is read lit.
 *
 * @param caption what its cells are
 * @param corner what stands in the corner above the rows
 * @param heads what stands above the columns
 * @param rows what stands before the rows
 * @param cells the cells, row by row
 * @param litRow the row that is read; −1 where none is
 * @param litColumn the column that is read; −1 where none is
 */
public record TablePage(
    String caption,
    String corner,
    List<String> heads,
    List<String> rows,
    List<List<String>> cells,
    int litRow,
    int litColumn) {

  /** The areas above a value for which books print t. */
  private static final List<String> UPPER =
      List.of("0.1", "0.05", "0.025", "0.01", "0.005", "0.001");

  private static final List<String> CHI_UPPER =
      List.of("0.995", "0.99", "0.975", "0.95", "0.9", "0.1", "0.05", "0.025", "0.01", "0.005");

  private static final List<Integer> DEGREES =
      Stream.concat(IntStream.rangeClosed(1, 30).boxed(), Stream.of(40, 50, 60, 80, 100, 120))
          .toList();

  private static final List<Integer> FIRST = List.of(1, 2, 3, 4, 5, 6, 8, 10, 12, 20, 30, 60);

  private static final int LAST_Z = 34;
  private static final int DIGITS = 6;

  public TablePage {
    heads = List.copyOf(heads);
    rows = List.copyOf(rows);
    cells = cells.stream().map(List::copyOf).toList();
  }

  /** {@return the page on which this is looked up} */
  public static TablePage of(Lookup lookup, DecimalSign sign) {
    return switch (lookup.curve()) {
      case NORMAL -> normal(lookup, sign);
      case T -> areas(lookup, UPPER, 3, sign);
      case CHI_SQUARED -> areas(lookup, CHI_UPPER, 3, sign);
      case F -> ratios(lookup, sign);
    };
  }

  /** Rows of z to one place, columns of the second place; the area below. */
  private static TablePage normal(Lookup lookup, DecimalSign sign) {
    List<List<String>> cells = new ArrayList<>();
    List<String> rows = new ArrayList<>();
    for (int row = 0; row <= LAST_Z; row++) {
      rows.add(Digits.places(BigDecimal.valueOf(row, 1), 1, sign));
      List<String> line = new ArrayList<>();
      for (int column = 0; column < 10; column++) {
        Exact z = Exact.of(10L * row + column, 100);
        line.add(
            Digits.places(Distribution.NORMAL.area(z, List.of(), Tail.LOWER).value(), 4, sign));
      }
      cells.add(line);
    }
    List<String> heads =
        IntStream.range(0, 10)
            .mapToObj(column -> Digits.places(BigDecimal.valueOf(column, 2), 2, sign))
            .toList();
    int z = hundredths(lookup.read().value().decimal().abs());
    boolean there = z <= 10 * LAST_Z + 9;
    return new TablePage(
        Texts.of("page.normal"), "z", heads, rows, cells, there ? z / 10 : -1, there ? z % 10 : -1);
  }

  private static int hundredths(Exact value) {
    Exact hundredths = value.times(100).plus(Exact.of(1, 2));
    return hundredths.compareTo(Exact.of(100_000)) > 0
        ? Integer.MAX_VALUE
        : hundredths.floor().intValueExact();
  }

  /** A row for each number of degrees of freedom, a column for each area above. */
  private static TablePage areas(Lookup lookup, List<String> uppers, int places, DecimalSign sign) {
    List<Exact> areas = uppers.stream().map(each -> Exact.of(new BigDecimal(each))).toList();
    List<List<String>> cells = new ArrayList<>();
    for (int df : DEGREES) {
      List<String> line = new ArrayList<>();
      for (Exact area : areas) {
        line.add(printed(lookup.curve(), List.of(Exact.of(df)), area, places, sign));
      }
      cells.add(line);
    }
    return new TablePage(
        Texts.of("page." + lookup.curve().code()),
        Texts.of("page.f-corner"),
        uppers.stream().map(sign::in).toList(),
        DEGREES.stream().map(String::valueOf).toList(),
        cells,
        row(lookup.degrees().get(0), DEGREES),
        column(lookup.read().upper().decimal(), areas));
  }

  private static String printed(
      Distribution curve, List<Exact> degrees, Exact upper, int places, DecimalSign sign) {
    return Digits.places(curve.value(upper, degrees, Tail.UPPER).value(), places, sign);
  }

  /**
   * One page of F for each area above: columns of the first degrees of freedom, rows of the second.
   */
  private static TablePage ratios(Lookup lookup, DecimalSign sign) {
    Exact upper = lookup.read().upper().decimal();
    Exact area = nearest(upper, List.of("0.1", "0.05", "0.025", "0.01"));
    List<List<String>> cells = new ArrayList<>();
    for (int second : DEGREES) {
      List<String> line = new ArrayList<>();
      for (int first : FIRST) {
        line.add(
            printed(Distribution.F, List.of(Exact.of(first), Exact.of(second)), area, 2, sign));
      }
      cells.add(line);
    }
    return new TablePage(
        Texts.of("page.f", Digits.of(area.significant(DIGITS), DIGITS, sign)),
        Texts.of("page.f-corner"),
        FIRST.stream().map(String::valueOf).toList(),
        DEGREES.stream().map(String::valueOf).toList(),
        cells,
        row(lookup.degrees().get(1), DEGREES),
        row(lookup.degrees().get(0), FIRST));
  }

  private static Exact nearest(Exact area, List<String> printed) {
    Exact best = Exact.of(new BigDecimal(printed.get(0)));
    for (String each : printed) {
      Exact other = Exact.of(new BigDecimal(each));
      if (other.minus(area).abs().compareTo(best.minus(area).abs()) < 0) {
        best = other;
      }
    }
    return best;
  }

  /** The row of so many degrees of freedom; between two rows the one before, as books advise. */
  private static int row(Exact degrees, List<Integer> printed) {
    int row = -1;
    for (int i = 0; i < printed.size(); i++) {
      row = degrees.compareTo(Exact.of(printed.get(i))) >= 0 ? i : row;
    }
    return row;
  }

  private static int column(Exact upper, List<Exact> areas) {
    for (int i = 0; i < areas.size(); i++) {
      if (areas.get(i).minus(upper).abs().compareTo(Exact.of(1, 1_000_000_000)) < 0) {
        return i;
      }
    }
    return -1;
  }

  /**
   * {@return how a value is found between two printed rows, in words}; none where the degrees of
   * freedom are printed, or the table has two of them
   */
  public static Optional<String> between(Lookup lookup, DecimalSign sign) {
    boolean one = lookup.curve() == Distribution.T || lookup.curve() == Distribution.CHI_SQUARED;
    if (!one || lookup.given() == Lookup.Given.VALUE) {
      return Optional.empty();
    }
    Exact df = lookup.degrees().get(0);
    int row = row(df, DEGREES);
    boolean printed = row >= 0 && Exact.of(DEGREES.get(row)).equals(df);
    if (printed || row < 0 || row + 1 >= DEGREES.size()) {
      return Optional.empty();
    }
    Exact low = Exact.of(DEGREES.get(row));
    Exact high = Exact.of(DEGREES.get(row + 1));
    Exact atLow = at(lookup, low);
    Exact atHigh = at(lookup, high);
    Exact share = df.minus(low).over(high.minus(low));
    Exact found = atLow.plus(atHigh.minus(atLow).times(share));
    return Optional.of(
        Texts.of(
            "page.between",
            Digits.of(df.significant(DIGITS), DIGITS, sign),
            DEGREES.get(row),
            Digits.places(atLow.significant(DIGITS), 3, sign),
            DEGREES.get(row + 1),
            Digits.places(atHigh.significant(DIGITS), 3, sign),
            Digits.places(found.significant(DIGITS), 3, sign)));
  }

  private static Exact at(Lookup lookup, Exact degrees) {
    return new Lookup(lookup.curve(), List.of(degrees), lookup.given(), lookup.number())
        .read()
        .value()
        .decimal();
  }
}
