package promedio.files;

import java.text.MessageFormat;
import java.util.ResourceBundle;

/** The sentences of this module, from the bundle {@code promedio.files.messages}. */
public final class Texts {

  private Texts() {}

  /** {@return the sentence of the key with the arguments put in} */
  public static String of(String key, Object... arguments) {
    String pattern = ResourceBundle.getBundle("promedio.files.messages").getString(key);
    return new MessageFormat(pattern).format(arguments);
  }
}
