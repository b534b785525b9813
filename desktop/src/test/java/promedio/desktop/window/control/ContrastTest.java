package promedio.desktop.window.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every ink on every paper of the style sheet, by the contrast that WCAG 2.2 AA asks for. */
class ContrastTest {

  private static final double TEXT = 4.5;
  private static final double SHAPES = 3;
  private static final Pattern COLOUR = Pattern.compile("(-[a-z-]+): (#[0-9a-f]{6});");
  private static final List<String> PAPERS =
      List.of("-paper", "-paper-shelf", "-paper-sheet", "-paper-margin", "-chosen-paper");
  private static final List<String> INKS =
      List.of(
          "-ink", "-ink-quiet", "-position", "-spread", "-shape", "-right", "-wrong", "-coarse");

  @ParameterizedTest
  @ValueSource(strings = {".root {", ".assignment.dark {"})
  void textAndMarksCanBeReadOnEveryPaper(String theme) throws IOException {
    Map<String, String> colours = colours(theme);
    for (String paper : PAPERS) {
      for (String ink : INKS) {
        assertThat(contrast(colours.get(ink), colours.get(paper)))
            .as("%s on %s in %s", ink, paper, theme)
            .isGreaterThanOrEqualTo(TEXT);
      }
      for (String shape : List.of("-focus", "-line-strong")) {
        assertThat(contrast(colours.get(shape), colours.get(paper)))
            .as("%s on %s in %s", shape, paper, theme)
            .isGreaterThanOrEqualTo(SHAPES);
      }
    }
  }

  private static Map<String, String> colours(String block) throws IOException {
    String css;
    try (InputStream in =
        Objects.requireNonNull(
            StyleNames.class.getResourceAsStream("/promedio/desktop/paper.css"))) {
      css = new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
    int start = css.indexOf(block);
    Matcher matcher = COLOUR.matcher(css.substring(start, css.indexOf('}', start)));
    Map<String, String> colours = new HashMap<>();
    while (matcher.find()) {
      colours.put(matcher.group(1), matcher.group(2));
    }
    return colours;
  }

  /** WCAG 2.2: (L1 + 0.05) / (L2 + 0.05), L the relative luminance. */
  private static double contrast(String one, String other) {
    double first = luminance(one);
    double second = luminance(other);
    return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
  }

  private static double luminance(String colour) {
    int rgb = Integer.parseInt(colour.substring(1), 16);
    return 0.2126 * channel(rgb >> 16) + 0.7152 * channel(rgb >> 8) + 0.0722 * channel(rgb);
  }

  private static double channel(int value) {
    double share = (value & 0xFF) / 255.0;
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }
}
