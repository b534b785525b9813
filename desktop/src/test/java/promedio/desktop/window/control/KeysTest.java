package promedio.desktop.window.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Field;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import javafx.scene.input.KeyCombination;
import org.junit.jupiter.api.Test;
import promedio.core.message.Texts;

/** The keys of the window. */
class KeysTest {

  private static List<KeyCombination> all() throws IllegalAccessException {
    List<KeyCombination> keys = new ArrayList<>();
    for (Field field : Keys.class.getDeclaredFields()) {
      if (KeyCombination.class.isAssignableFrom(field.getType())) {
        keys.add((KeyCombination) field.get(null));
      }
    }
    return keys;
  }

  @Test
  void noTwoThingsAreDoneByTheSameKey() throws IllegalAccessException {
    assertThat(all()).hasSizeGreaterThan(20).doesNotHaveDuplicates();
  }

  @Test
  void everyKeyIsListedOnItsSheetWithWhatItDoes() throws IllegalAccessException {
    List<String> listed = Keys.lines().stream().map(Keys.Line::keys).toList();
    List<KeyCombination> unlisted = new ArrayList<>(all());
    unlisted.removeIf(key -> listed.contains(key.getDisplayText()));

    // Other keyboards have other keys for the same two things.
    assertThat(unlisted).containsExactlyInAnyOrder(Keys.REDO_OTHER, Keys.LARGER_PLUS);
    for (Keys.Line line : Keys.lines()) {
      assertThat(Texts.of(line.key())).isNotBlank();
    }
    assertThat(new HashSet<>(listed)).hasSameSizeAs(listed);
  }
}
