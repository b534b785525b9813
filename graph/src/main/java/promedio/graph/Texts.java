package promedio.graph;

import java.util.Arrays;
import java.util.ResourceBundle;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Sentence;

/** The sentences of this module, from the bundle {@code promedio.graph.messages}. */
final class Texts {

  private static final String BUNDLE = "promedio.graph.messages";

  private Texts() {}

  /** {@return the exception of input that cannot be used, with the sentence of the key} */
  static BadInputException refusal(String key, Object... arguments) {
    return new BadInputException(message(key, arguments));
  }

  private static Message message(String key, Object... arguments) {
    return new Message(BUNDLE, key, Arrays.stream(arguments).map(String::valueOf).toList());
  }

  /** {@return the sentence of the key with the arguments put in} */
  static String of(String key, Object... arguments) {
    String pattern = ResourceBundle.getBundle(BUNDLE).getString(key);
    return Sentence.of(pattern, Arrays.stream(arguments).map(String::valueOf).toArray());
  }
}
