package promedio.graph;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sizes of pictures as people write them, and the formats that endings name. */
class PaperTest {

  @ParameterizedTest
  @ValueSource(strings = {"720x450", "720×450", " 720 x 450 ", "720*450"})
  void aSizeIsTwoSidesInPoints(String text) {
    assertThat(Paper.read(text)).contains(new Paper(720, 450));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "720", "99x450", "720x5001", "9999x9999", "720x450x2", "axb", "-720x450"})
  void whatIsNoSizeIsNone(String text) {
    assertThat(Paper.read(text)).isEmpty();
  }

  @Test
  void paperBeyondTheBoundsCannotBeMade() {
    assertThatThrownBy(() -> new Paper(99, 450)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> new Paper(720, 5001)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void aPictureOfTooManyDotsIsNotMade() {
    assertThat(new Paper(640, 320).holds(600)).isTrue();
    assertThat(new Paper(5000, 5000).holds(144)).isTrue();
    assertThat(new Paper(5000, 5000).holds(300)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"a.png,PNG", "A.PDF,PDF", "odd.name.Svg,SVG"})
  void theEndingNamesTheFormat(String file, PictureFormat format) {
    assertThat(PictureFormat.of(Path.of(file))).contains(format);
  }

  @Test
  void otherEndingsNameNone() {
    assertThat(PictureFormat.of(Path.of("a.bmp"))).isEmpty();
    assertThat(PictureFormat.of(Path.of("png"))).isEmpty();
  }
}
