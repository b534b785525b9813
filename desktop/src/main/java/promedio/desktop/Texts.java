package promedio.desktop;

import java.util.ResourceBundle;
import promedio.core.message.Sentence;

/** The sentences of the program, from the bundle {@code promedio.desktop.messages}. */
public final class Texts {

  private Texts() {}

  /** {@return the sentence of the key with the arguments put in} */
  public static String of(String key, Object... arguments) {
    return Sentence.of(bundle().getString(key), arguments);
  }

  /** {@return whether there is a sentence of the key} */
  public static boolean has(String key) {
    return bundle().containsKey(key);
  }

  private static ResourceBundle bundle() {
    return ResourceBundle.getBundle("promedio.desktop.messages");
  }
}
