package promedio.core.message;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The files of the folder {@code languages}: one folder for each language, with the same files and
 * the same keys in each.
 */
final class LanguageFiles {

  private static final String FOLDER = "/promedio/languages/";

  /**
   * Those with the sentences, in the order in which a key is looked for: a short command needs the
   * first ones alone, and is not to wait for the texts of the window.
   */
  private static final List<String> SENTENCES =
      List.of("core", "files", "commands", "marks", "graph", "window");

  private static final Map<String, Properties> READ = new ConcurrentHashMap<>();

  private LanguageFiles() {}

  /** {@return the languages that have a folder, as the list of them says} */
  static List<Language> languages() {
    List<Language> all = new ArrayList<>();
    for (String code : listed("codes")) {
      Properties own = file(code + "/language");
      char sign = own.getProperty("decimal-sign").charAt(0);
      all.add(new Language(code, own.getProperty("name"), sign));
    }
    return List.copyOf(all);
  }

  /** {@return the codes of the languages of which typed words are read} */
  static List<String> typed() {
    return listed("typed");
  }

  private static List<String> listed(String which) {
    return List.of(file("languages").getProperty(which).split(" "));
  }

  /** {@return the sentence of the key in the language}; nothing where there is none */
  static Optional<String> sentence(String language, String key) {
    return SENTENCES.stream()
        .map(name -> file(language + "/" + name).getProperty(key))
        .filter(Objects::nonNull)
        .findFirst();
  }

  /** {@return a file of texts, without its ending} */
  static Properties file(String name) {
    return READ.computeIfAbsent(name, LanguageFiles::read);
  }

  private static Properties read(String name) {
    Properties read = new Properties();
    String path = FOLDER + name + ".properties";
    try (InputStream bytes = LanguageFiles.class.getResourceAsStream(path);
        Reader reader =
            new InputStreamReader(
                Objects.requireNonNull(bytes, () -> "there is no " + path),
                StandardCharsets.UTF_8)) {
      read.load(reader);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return read;
  }
}
