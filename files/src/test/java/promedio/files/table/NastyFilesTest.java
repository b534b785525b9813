package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;
import promedio.files.report.ContentsJson;

/**
 * Files as they come to a student's store, each with what must come out of it in {@code
 * expected.json}.
 */
class NastyFilesTest {

  private static final ObjectMapper JSON = new ObjectMapper();

  @TempDir private Path folder;

  static byte[] bytes(String name) throws IOException {
    try (InputStream in =
        NastyFilesTest.class.getResourceAsStream("/promedio/files/nasty/" + name)) {
      return Objects.requireNonNull(in, name).readAllBytes();
    }
  }

  static Stream<Arguments> files() throws IOException {
    return JSON.readTree(bytes("expected.json")).properties().stream()
        .map(file -> Arguments.of(file.getKey(), file.getValue()));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("files")
  void isReadAsAPersonWould(String name, JsonNode expected) throws IOException {
    ObjectNode found = contents(name);

    for (Map.Entry<String, JsonNode> field : expected.properties()) {
      assertThat(found.path(field.getKey())).as(field.getKey()).isEqualTo(field.getValue());
    }
  }

  private ObjectNode contents(String name) throws IOException {
    Path file = Files.write(folder.resolve(name), bytes(name));
    try {
      DataSource source = DataSource.of(file);
      ReadTable read = TableReader.read(source, ReadingChoices.NONE, Progress.NONE);
      return (ObjectNode) JSON.readTree(ContentsJson.of(read).toString());
    } catch (RefusedFileException e) {
      return ContentsJson.refused(name, e.getMessage());
    }
  }
}
