package promedio.desktop;

import java.util.Arrays;
import java.util.List;
import java.util.ResourceBundle;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Sentence;

/** The sentences of the program, from the bundle {@code promedio.desktop.messages}. */
public final class Texts {

  private static final String BUNDLE = "promedio.desktop.messages";

  private Texts() {}

  /** {@return the sentence of the key with the arguments put in} */
  public static String of(String key, Object... arguments) {
    return Sentence.of(bundle().getString(key), arguments);
  }

  /** {@return the exception of input that cannot be used, with the sentence of the key} */
  public static BadInputException refusal(String key, Object... arguments) {
    List<String> texts = Arrays.stream(arguments).map(String::valueOf).toList();
    return new BadInputException(new Message(BUNDLE, key, texts));
  }

  /** {@return whether there is a sentence of the key} */
  public static boolean has(String key) {
    return bundle().containsKey(key);
  }

  private static ResourceBundle bundle() {
    return ResourceBundle.getBundle(BUNDLE);
  }
}
