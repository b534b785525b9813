package promedio.desktop.cli;

import java.util.Collections;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.Map;
import java.util.ResourceBundle;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.CommandSpec;
import promedio.core.message.Language;
import promedio.core.message.Texts;

/** The help of the command line in the language that is spoken; what it lacks is in English. */
final class HelpTexts extends ResourceBundle {

  private final Map<String, String> texts = new HashMap<>();

  /** Takes the texts of now. */
  private HelpTexts() {
    texts.putAll(Texts.file(Language.all().get(0), "help"));
    texts.putAll(Texts.file(Language.current(), "help"));
  }

  /**
   * Puts them into a command and those around it: only when one is told of, since it takes a while.
   */
  static void into(CommandSpec command) {
    command.root().commandLine().setResourceBundle(new HelpTexts());
  }

  @Override
  protected @Nullable Object handleGetObject(String key) {
    return texts.get(key);
  }

  @Override
  public Enumeration<String> getKeys() {
    return Collections.enumeration(texts.keySet());
  }
}
