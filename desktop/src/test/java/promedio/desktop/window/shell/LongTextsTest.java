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
  private static final int WORD = 9;

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

  /** Words of usual length are added, so that what a text asks to be put in stays in it. */
  private static String lengthened(String line) {
    boolean text = line.matches("[^#=]+ = .*\\p{L}{2}.*");
    boolean heads = line.contains("|") && !line.contains("{");
    if (!text || heads) {
      return line;
    }
    int wanted = (int) Math.ceil((line.length() - line.indexOf(" = ") - 3) * LONGER);
    StringBuilder longer = new StringBuilder(line);
    for (int added = 0; added < wanted; added++) {
      longer.append(added % WORD == WORD - 1 ? ' ' : added % 2 == 0 ? 'e' : 'n');
    }
    return longer.toString();
  }

  @Test
  void itIsSpokenIndeed() {
    assertThat(find("#assignment-menu", MenuButton.class).getText()).isEqualTo("Assignmentenen");
  }
}
