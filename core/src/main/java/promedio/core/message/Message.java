package promedio.core.message;

import java.util.List;

/**
 * A sentence for a person: its key, and what is put into it. It is put into words when it is told,
 * in the language that is spoken then.
 *
 * @param key the key among the texts
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

  /** {@return the sentence in the language that is spoken} */
  public String text() {
    return Texts.of(key, arguments.toArray());
  }
}
