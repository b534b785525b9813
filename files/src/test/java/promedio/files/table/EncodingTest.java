package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.Reader;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EncodingTest {

  private static final String TEXT = "variety;g\nAbate Fétel;131,5\n";

  @ParameterizedTest
  @CsvSource({
    "UTF-8, UTF-8, ''",
    "UTF-8, UTF-8, mark",
    "UTF-16LE, UTF-16, mark",
    "UTF-16LE, UTF-16, ''",
    "UTF-16BE, UTF-16BE, mark",
    "UTF-16BE, UTF-16BE, ''",
    "windows-1252, Windows-1252, ''"
  })
  void isFoundByItsBytesAndReadsThemWithoutAMark(String written, String found, String mark)
      throws IOException {
    byte[] bytes = ((mark.isEmpty() ? "" : "\uFEFF") + TEXT).getBytes(Charset.forName(written));

    Encoding encoding = Encoding.find(bytes);

    assertThat(encoding.code()).isEqualTo(found);
    assertThat(encoding.decode(bytes)).isEqualTo(TEXT);
    assertThat(whole(encoding, bytes)).isEqualTo(TEXT);
  }

  private static String whole(Encoding encoding, byte[] bytes) throws IOException {
    StringBuilder text = new StringBuilder();
    try (Reader reader = encoding.reader(new ByteArrayInputStream(bytes))) {
      for (int c = reader.read(); c >= 0; c = reader.read()) {
        text.append((char) c);
      }
    }
    return text.toString();
  }

  @Test
  void aCharacterCutThroughByTheEndOfTheHeadIsNoFault() {
    byte[] bytes = TEXT.getBytes(StandardCharsets.UTF_8);
    int inside = TEXT.indexOf('é') + 1;

    assertThat(Encoding.find(Arrays.copyOf(bytes, inside))).isEqualTo(Encoding.UTF_8);
  }

  @Test
  void whatIsNoUtf8EndsTheReadingAsUtf8() {
    byte[] western = TEXT.getBytes(Charset.forName("windows-1252"));

    assertThatThrownBy(() -> whole(Encoding.UTF_8, western))
        .isInstanceOf(CharacterCodingException.class);
    assertThat(Encoding.ofCode("utf-16le")).contains(Encoding.UTF_16);
    assertThat(Encoding.ofCode("latin-9")).isEmpty();
  }
}
