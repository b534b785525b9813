package promedio.files;

import java.util.Arrays;
import java.util.ResourceBundle;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Sentence;

/** The sentences of this module, from the bundle {@code promedio.files.messages}. */
public final class Texts {

  private static final String BUNDLE = "promedio.files.messages";

  private Texts() {}

  /** {@return the exception of input that cannot be used, with the sentence of the key} */
  public static BadInputException refusal(String key, Object... arguments) {
    return new BadInputException(message(key, arguments));
  }

  /** {@return the same where another failure led to it} */
  public static BadInputException refusal(Throwable cause, String key, Object... arguments) {
    return new BadInputException(message(key, arguments), cause);
  }

  private static Message message(String key, Object... arguments) {
    return new Message(BUNDLE, key, Arrays.stream(arguments).map(String::valueOf).toList());
  }

  /** {@return whether there is a sentence of this key} */
  public static boolean has(String key) {
    return ResourceBundle.getBundle(BUNDLE).containsKey(key);
  }

  /** {@return the sentence of the key with the arguments put in} */
  public static String of(String key, Object... arguments) {
    String pattern = ResourceBundle.getBundle(BUNDLE).getString(key);
    return Sentence.of(pattern, Arrays.stream(arguments).map(String::valueOf).toArray());
  }
}
