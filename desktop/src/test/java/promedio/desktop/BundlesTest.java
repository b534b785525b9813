package promedio.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.marking.OwnMark;
import promedio.core.message.Sentence;

/** All sentences stand in bundles, so that another language is a file; none is missing or idle. */
class BundlesTest {

  private static final Path HOME = Path.of("").toAbsolutePath().getParent();

  /** A key of the module's own bundle that is written out where it is used. */
  private static final Pattern OWN =
      Pattern.compile("(?:Texts\\.of|Controls\\.link|Controls\\.named)\\(\\s*\"([^\"]+)\"\\s*[,)]");

  /** A key of the core's bundle; any module may say what core would say. */
  private static final Pattern OF_CORE = Pattern.compile("Message\\.of\\(\\s*\"([^\"]+)\"\\s*[,)]");

  private static final List<String> SOURCES = new ArrayList<>();

  @BeforeAll
  static void readSources() throws IOException {
    for (String module : List.of("core", "files", "graph", "desktop")) {
      SOURCES.add(sources(module));
    }
  }

  private static String sources(String module) throws IOException {
    StringBuilder all = new StringBuilder();
    try (Stream<Path> files = Files.walk(HOME.resolve(module + "/src/main/java"))) {
      for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
        all.append(Files.readString(file));
      }
    }
    return all.toString();
  }

  private static String source(String module) {
    return SOURCES.get(List.of("core", "files", "graph", "desktop").indexOf(module));
  }

  private static Properties bundle(String module) throws IOException {
    Properties bundle = new Properties();
    String path = module + "/src/main/resources/promedio/" + module + "/messages.properties";
    try (var in = Files.newBufferedReader(HOME.resolve(path))) {
      bundle.load(in);
    }
    return bundle;
  }

  private static Set<String> asked(Pattern pattern, String module) {
    Set<String> asked = new TreeSet<>();
    Matcher matcher = pattern.matcher(source(module));
    while (matcher.find()) {
      asked.add(matcher.group(1));
    }
    return asked;
  }

  @ParameterizedTest
  @ValueSource(strings = {"files", "graph", "desktop"})
  void everySentenceThatIsAskedForIsThere(String module) throws IOException {
    assertThat(bundle(module).stringPropertyNames()).containsAll(asked(OWN, module));
    assertThat(bundle("core").stringPropertyNames()).containsAll(asked(OF_CORE, module));
    assertThat(asked(OWN, module)).isNotEmpty();
  }

  @Test
  void everySentenceOfTheCoreIsThere() throws IOException {
    assertThat(bundle("core").stringPropertyNames()).containsAll(asked(OF_CORE, "core"));
    assertThat(asked(OF_CORE, "core")).hasSizeGreaterThan(15);
  }

  @ParameterizedTest
  @ValueSource(strings = {"core", "files", "graph", "desktop"})
  void noSentenceIsIdle(String module) throws IOException {
    // Any module may say what the core would say.
    String source = module.equals("core") ? String.join("", SOURCES) : source(module);
    List<String> idle =
        bundle(module).stringPropertyNames().stream().filter(key -> !isUsed(key, source)).toList();

    assertThat(idle).isEmpty();
  }

  /** A key is written out, or begins with one part that is and ends with something that varies. */
  private static boolean isUsed(String key, String source) {
    if (source.contains('"' + key + '"')) {
      return true;
    }
    for (int end = key.length() - 1; end > 0; end--) {
      char last = key.charAt(end - 1);
      boolean part = last == '.' || last == '-';
      if (part && source.contains('"' + key.substring(0, end) + '"')) {
        return true;
      }
      boolean varies = key.charAt(end) == '.' || key.charAt(end) == '-';
      if (varies
          && source.contains('"' + key.substring(0, end) + '"')
          && source.contains('"' + key.substring(end) + '"')) {
        return true;
      }
    }
    return false;
  }

  @ParameterizedTest
  @ValueSource(strings = {"core", "files", "graph", "desktop"})
  void everySentenceCanBeWrittenAndLosesNoApostrophe(String module) throws IOException {
    Properties bundle = bundle(module);
    for (String key : bundle.stringPropertyNames()) {
      String sentence = bundle.getProperty(key);
      assertThat(sentence).as(key).isNotBlank();
      String written = Sentence.of(sentence, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10);
      assertThat(written).as(key).doesNotContain("{0}");
      assertThat(written.chars().filter(c -> c == '\'').count())
          .as(key)
          .isEqualTo(sentence.split("''", -1).length - 1L);
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"core", "files", "graph", "desktop"})
  void oneIsNeverFollowedByAPlural(String module) throws IOException {
    // "{0} values" of one value; what is never one says so by "at least", "to" or a fixed number.
    Pattern plural =
        Pattern.compile(
            "(?<!at least |than |to |the |its |= |<|\\} of )\\{\\d\\} "
                + "(values|rows|columns|entries|answers|cells|classes|samples|files|students)\\b");
    bundle(module)
        .forEach(
            (key, sentence) ->
                assertThat(plural.matcher((String) sentence).find())
                    .as("%s = %s", key, sentence)
                    .isFalse());
  }

  @Test
  void aNumberChoosesItsWordsAndIsNeverGroupedByTheMachine() {
    String rows = "{0} {0,choice,0#rows|1#row|1<rows}";
    assertThat(Sentence.of(rows, 1)).isEqualTo("1 row");
    assertThat(Sentence.of(rows, "1")).isEqualTo("1 row");
    assertThat(Sentence.of(rows, "389,724")).isEqualTo("389,724 rows");
    assertThat(Sentence.of(rows, 389_724)).isEqualTo("389724 rows");
    assertThat(Texts.of("graph.outside", "5", "1")).isEqualTo("Σf = 5, and 1 value lies outside");
    assertThat(Texts.of("bring.counts", "1", 1)).startsWith("1 row and 1 column; ");
  }

  @Test
  void whatAnOwnNumberIsWorthHasAWordEach() {
    for (OwnMark.Worth worth : OwnMark.Worth.values()) {
      assertThat(Texts.has("own." + worth.code())).as(worth.code()).isTrue();
    }
  }

  @Test
  void noWordsForPeopleStandInTheViews() throws IOException {
    // What people read begins with a capital and has spaces; keys and styles never do.
    Pattern words = Pattern.compile("\"[A-Z][a-z]+ [a-z]+ [^\"]*\"");
    List<String> found = new ArrayList<>();
    Path views = HOME.resolve("desktop/src/main/java/promedio/desktop/window");
    try (Stream<Path> files = Files.walk(views)) {
      for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
        Matcher matcher = words.matcher(Files.readString(file));
        while (matcher.find()) {
          found.add(file.getFileName() + " " + matcher.group());
        }
      }
    }

    assertThat(found).isEmpty();
  }
}
