package promedio.core.message;

import java.util.List;
import java.util.ResourceBundle;

/**
 * A sentence for a person: a key of a bundle and what is put into it.
 *
 * @param bundle the bundle, such as {@code promedio.core.messages}
 * @param key the key in the bundle
 * @param arguments what stands for {0}, {1}, … in the sentence
 */
public record Message(String bundle, String key, List<String> arguments) {

  private static final String CORE = "promedio.core.messages";

  public Message {
    arguments = List.copyOf(arguments);
  }

  /** {@return the message of this key of core with these arguments} */
  public static Message of(String key, String... arguments) {
    return new Message(CORE, key, List.of(arguments));
  }

  /** {@return the sentence in the language of the default locale} */
  public String text() {
    return Sentence.of(ResourceBundle.getBundle(bundle).getString(key), arguments.toArray());
  }
}
