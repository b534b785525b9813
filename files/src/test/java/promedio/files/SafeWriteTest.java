package promedio.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.files.assignment.FileClaim;

class SafeWriteTest {

  @TempDir private Path folder;

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void makesTheFoldersAndReplacesWhatIsThere() throws IOException {
    Path file = folder.resolve("a").resolve("b.txt");

    SafeWrite.write(file, bytes("first, which is longer"));
    SafeWrite.write(file, bytes("second"));

    assertThat(file).hasContent("second");
    assertThat(file.getParent()).isDirectoryNotContaining("glob:**.part");
  }

  @Test
  void whatCannotBeWrittenLeavesTheOldAndNoTrace() throws IOException {
    Path target = Files.createDirectories(folder.resolve("folder").resolve("full"));
    Files.writeString(target.resolve("file"), "kept");

    assertThatThrownBy(() -> SafeWrite.write(target, bytes("new"))).isInstanceOf(IOException.class);

    assertThat(target.resolve("file")).hasContent("kept");
    assertThat(target.getParent()).isDirectoryNotContaining("glob:**.part");
  }

  @Test
  void aFileIsClaimedByOneWindowAtATime() throws IOException {
    Path claims = folder.resolve("claims");
    Path file = Files.writeString(folder.resolve("pears.promedio"), "x");
    Optional<FileClaim> first = FileClaim.take(claims, file);

    assertThat(first).isPresent();
    assertThat(FileClaim.take(claims, folder.resolve(".").resolve("pears.promedio"))).isEmpty();
    assertThat(FileClaim.take(claims, folder.resolve("other.promedio"))).isPresent();

    first.get().close();
    assertThat(FileClaim.take(claims, file)).isPresent();
  }
}
