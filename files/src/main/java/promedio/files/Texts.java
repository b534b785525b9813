package promedio.files;

import java.util.Arrays;
import java.util.ResourceBundle;
import promedio.core.message.Sentence;

/** The sentences of this module, from the bundle {@code promedio.files.messages}. */
public final class Texts {

  private Texts() {}

  /** {@return whether there is a sentence of this key} */
  public static boolean has(String key) {
    return ResourceBundle.getBundle("promedio.files.messages").containsKey(key);
  }

  /** {@return the sentence of the key with the arguments put in} */
  public static String of(String key, Object... arguments) {
    String pattern = ResourceBundle.getBundle("promedio.files.messages").getString(key);
    return Sentence.of(pattern, Arrays.stream(arguments).map(String::valueOf).toArray());
  }
}
