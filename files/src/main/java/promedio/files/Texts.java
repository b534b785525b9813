package promedio.files;

import java.text.MessageFormat;
import java.util.Arrays;
import java.util.ResourceBundle;

/** The sentences of this module, from the bundle {@code promedio.files.messages}. */
public final class Texts {

  private Texts() {}

  /** {@return the sentence of the key with the arguments put in} */
  public static String of(String key, Object... arguments) {
    String pattern = ResourceBundle.getBundle("promedio.files.messages").getString(key);
    // As texts, so that no number of a line is grouped like an amount.
    return new MessageFormat(pattern)
        .format(Arrays.stream(arguments).map(String::valueOf).toArray());
  }
}
