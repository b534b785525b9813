package promedio.core.message;

import java.util.List;
import java.util.ResourceBundle;

/**
 * A sentence for a person: a key of the bundle {@code promedio.core.messages} and what is put into
 * it.
 *
 * @param key the key in the bundle
 * @param arguments what stands for {0}, {1}, … in the sentence
 */
public record Message(String key, List<String> arguments) {

  public Message {
    arguments = List.copyOf(arguments);
  }

  /** {@return the message of this key with these arguments} */
  public static Message of(String key, String... arguments) {
    return new Message(key, List.of(arguments));
  }

  /** {@return the sentence in the language of the default locale} */
  public String text() {
    String pattern = ResourceBundle.getBundle("promedio.core.messages").getString(key);
    return Sentence.of(pattern, arguments.toArray());
  }
}
