package promedio.desktop.window.sample;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;

/** Where the line-up draws what, in pixels; no node in sight. */
final class LineUpGeometry {

  private LineUpGeometry() {}

  /**
   * A true scale from one value to another over so many pixels.
   *
   * @param low the value at the left
   * @param high the value at the right, above it
   * @param left the pixel of the low value
   * @param width the pixels between
   */
  record Scale(double low, double high, double left, double width) {

    /** {@return a scale with some room at both ends; a single value stands in the middle} */
    static Scale over(double smallest, double largest, double left, double width) {
      double spread = largest - smallest;
      double room = spread > 0 ? spread * 0.04 : Math.max(1, Math.abs(largest)) * 0.5;
      return new Scale(smallest - room, largest + room, left, width);
    }

    double x(double value) {
      return left + (value - low) / (high - low) * width;
    }

    /** {@return round numbers across the scale, about so many, each with its decimals} */
    List<BigDecimal> ticks(int about) {
      BigDecimal step = roundStep((high - low) / about);
      BigDecimal tick =
          BigDecimal.valueOf(low).divide(step, 0, RoundingMode.CEILING).multiply(step);
      List<BigDecimal> ticks = new ArrayList<>();
      while (tick.doubleValue() <= high && ticks.size() < 4 * about) {
        ticks.add(tick);
        tick = tick.add(step);
      }
      return ticks;
    }

    /** The first of 1, 2 and 5 times a power of ten that is not much smaller. */
    private static BigDecimal roundStep(double rough) {
      int exponent = (int) Math.floor(Math.log10(rough));
      for (int factor : new int[] {1, 2, 5}) {
        BigDecimal step = BigDecimal.valueOf(factor).scaleByPowerOfTen(exponent);
        if (step.doubleValue() >= rough * 0.8) {
          return step.scale() < 0 ? step.setScale(0) : step;
        }
      }
      BigDecimal ten = BigDecimal.ONE.scaleByPowerOfTen(exponent + 1);
      return ten.scale() < 0 ? ten.setScale(0) : ten;
    }
  }

  /**
   * {@return how high each dot stands above the axis, 0 for the lowest: dots that would overlap are
   * stacked}
   *
   * @param xs the places of the dots, ascending
   * @param apart how far two dots must be apart to stand side by side
   */
  static int[] stack(double[] xs, double apart) {
    int[] levels = new int[xs.length];
    List<Double> lastOfLevel = new ArrayList<>();
    for (int i = 0; i < xs.length; i++) {
      int level = 0;
      while (level < lastOfLevel.size() && xs[i] - lastOfLevel.get(level) < apart) {
        level++;
      }
      levels[i] = level;
      if (level == lastOfLevel.size()) {
        lastOfLevel.add(xs[i]);
      } else {
        lastOfLevel.set(level, xs[i]);
      }
    }
    return levels;
  }

  /**
   * A row of tiles that wraps where the width ends.
   *
   * @param across how many stand in a row
   * @param width the width of each
   */
  record Tiles(int across, double width) {

    /** {@return tiles at least so wide, so many, shared out evenly over the rows} */
    static Tiles of(int count, double available, double narrowest) {
      int fit = (int) Math.max(1, Math.floor(available / narrowest));
      int rows = (count + fit - 1) / fit;
      int across = (count + rows - 1) / rows;
      return new Tiles(across, Math.min(available / across, narrowest * 2));
    }

    int rows(int count) {
      return (count + across - 1) / across;
    }

    /** {@return the row, from 0, of a position from 1; one between two tiles is in the first's} */
    int row(double position) {
      return (int) ((Math.floor(position) - 1) / across);
    }

    /** {@return the place of a position in its row: the middle of its tile, or between two} */
    double x(double position) {
      return (position - 1 - row(position) * across + 0.5) * width;
    }
  }
}
