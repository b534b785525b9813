package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.MenuButton;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import promedio.core.message.Language;

/**
 * All of {@link AnySizeTest} in a language that says everything in 40 % more letters, as German
 * does beside English: it is made here from the English texts.
 */
class LongTextsTest extends AnySizeTest {

  private static final double LONGER = 0.4;

  @BeforeAll
  static void speakLong() throws IOException {
    Path english = Path.of("").toAbsolutePath().resolveSibling("languages").resolve("en");
    Path made = Path.of("target/test-classes/promedio/languages/long");
    Files.createDirectories(made);
    try (Stream<Path> files = Files.list(english)) {
      for (Path file : files.toList()) {
        List<String> lines =
            Files.readAllLines(file).stream().map(LongTextsTest::lengthened).toList();
        Files.write(made.resolve(file.getFileName()), lines);
      }
    }
    Language.speak(new Language("long", "Long", '.'));
  }

  @AfterAll
  static void speakEnglishAgain() {
    Language.speak(Language.of("en").orElseThrow());
  }

  /** The last word of a text is made longer, so that what it asks to be put in stays in it. */
  private static String lengthened(String line) {
    boolean text = line.matches("[^#=]+ = .*\\p{L}{2}.*");
    boolean heads = line.contains("|") && !line.contains("{");
    if (!text || heads) {
      return line;
    }
    int length = line.length() - line.indexOf(" = ") - 3;
    return line + "en".repeat((int) Math.ceil(length * LONGER / 2));
  }

  @Test
  void itIsSpokenIndeed() {
    assertThat(find("#assignment-menu", MenuButton.class).getText()).isEqualTo("Assignmentenen");
  }
}
