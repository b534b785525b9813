package promedio.graph;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The paper of a picture.
 *
 * @param width in points, from {@value #SMALLEST} to {@value #LARGEST}
 * @param height in points, within the same bounds
 */
public record Paper(int width, int height) {

  /** The shortest side. */
  public static final int SMALLEST = 100;

  /** The longest side. */
  public static final int LARGEST = 5000;

  private static final double POINTS_AN_INCH = 72;

  /** A picture of more dots would need more memory than most programs give one. */
  private static final long MOST_DOTS = 100_000_000;

  private static final Pattern SIDES = Pattern.compile("\\s*(\\d{3,4})\\s*[x×*]\\s*(\\d{3,4})\\s*");

  public Paper {
    if (Math.min(width, height) < SMALLEST || Math.max(width, height) > LARGEST) {
      throw new IllegalArgumentException("no paper of " + width + " by " + height + " points");
    }
  }

  /** {@return the paper that is written so, as in {@code 720x450}}; none where that is no size */
  public static Optional<Paper> read(String text) {
    Matcher sides = SIDES.matcher(text);
    if (!sides.matches()) {
      return Optional.empty();
    }
    int width = Integer.parseInt(sides.group(1));
    int height = Integer.parseInt(sides.group(2));
    return Math.max(width, height) > LARGEST
        ? Optional.empty()
        : Optional.of(new Paper(width, height));
  }

  /** {@return how many dots each point of the paper has at so many dots an inch} */
  public static double scale(int dotsAnInch) {
    return dotsAnInch / POINTS_AN_INCH;
  }

  /** {@return whether a picture of so many dots an inch can be made on this paper} */
  public boolean holds(int dotsAnInch) {
    double scale = scale(dotsAnInch);
    return width * scale * height * scale <= MOST_DOTS;
  }
}
