package promedio.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.entry.ClassLine;
import promedio.core.marking.OwnMark;
import promedio.core.message.Language;
import promedio.core.message.Sentence;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;

/** All texts stand in the folder of their language; none is missing, idle or left in English. */
class LanguagesTest {

  private static final Path HOME = Path.of("").toAbsolutePath().getParent();

  /** The files with sentences that arguments are put into. */
  private static final List<String> SENTENCES =
      List.of("core", "files", "commands", "marks", "graph", "window");

  /** A key that is written out where its sentence is used. */
  private static final Pattern ASKED =
      Pattern.compile(
          "(?:Texts\\.of|Texts\\.message|Texts\\.refusal|Message\\.of|Controls\\.link|Controls\\.named)"
              + "\\(\\s*\"([^\"]+)\"\\s*[,)]");

  private static String sources;

  @BeforeAll
  static void readSources() throws IOException {
    StringBuilder all = new StringBuilder();
    for (String module : List.of("core", "files", "graph", "document", "desktop")) {
      try (Stream<Path> files = Files.walk(HOME.resolve(module + "/src/main/java"))) {
        for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
          all.append(Files.readString(file));
        }
      }
    }
    sources = all.toString();
  }

  private static Properties texts(String language, String file) {
    Properties texts = new Properties();
    Path path = HOME.resolve("languages").resolve(language).resolve(file + ".properties");
    try (var in = Files.newBufferedReader(path)) {
      texts.load(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return texts;
  }

  private static Properties sentences(String language) {
    Properties all = new Properties();
    SENTENCES.forEach(file -> all.putAll(texts(language, file)));
    return all;
  }

  @Test
  void everySentenceThatIsAskedForIsThere() {
    Set<String> asked = new TreeSet<>();
    Matcher matcher = ASKED.matcher(sources);
    while (matcher.find()) {
      asked.add(matcher.group(1));
    }

    assertThat(asked).hasSizeGreaterThan(500);
    assertThat(sentences("en").stringPropertyNames()).containsAll(asked);
  }

  @Test
  void aKeyStandsInOneFileOnly() {
    List<String> keys =
        SENTENCES.stream().flatMap(f -> texts("en", f).stringPropertyNames().stream()).toList();

    assertThat(keys).doesNotHaveDuplicates();
  }

  @Test
  void noSentenceIsIdle() {
    assertThat(sentences("en").stringPropertyNames())
        .allSatisfy(key -> assertThat(isUsed(key, sources)).as(key).isTrue());
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
  @ValueSource(strings = {"en", "es"})
  void everySentenceCanBeWrittenAndLosesNoApostrophe(String language) {
    Properties all = sentences(language);
    for (String key : all.stringPropertyNames()) {
      String sentence = all.getProperty(key);
      assertThat(sentence).as(key).isNotBlank();
      String written = Sentence.of(sentence, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10);
      assertThat(written).as(key).doesNotContain("{0}");
      assertThat(written.chars().filter(c -> c == '\'').count())
          .as(key)
          .isEqualTo(sentence.split("''", -1).length - 1L);
    }
  }

  /** The files of a folder whose keys another language has to have too. */
  private static final List<String> ALL_FILES =
      Stream.concat(SENTENCES.stream(), Stream.of("help", "typed", "how-to", "language")).toList();

  @Test
  void everyLanguageHasEveryText() {
    for (Language language : Language.all()) {
      for (String file : ALL_FILES) {
        assertThat(texts(language.code(), file).stringPropertyNames())
            .as("%s/%s", language.code(), file)
            .containsExactlyInAnyOrderElementsOf(texts("en", file).stringPropertyNames());
      }
    }
  }

  @Test
  void noLanguageLosesWhatIsPutIntoASentence() {
    Pattern argument = Pattern.compile("\\{(\\d)");
    Properties english = sentences("en");
    sentences("es")
        .forEach(
            (key, sentence) ->
                assertThat(found(argument, (String) sentence))
                    .as("%s = %s", key, sentence)
                    .isEqualTo(found(argument, english.getProperty((String) key))));
  }

  private static Set<String> found(Pattern pattern, String text) {
    return pattern.matcher(text).results().map(m -> m.group(1)).collect(Collectors.toSet());
  }

  @Test
  void noEnglishIsLeftInSpanish() {
    Pattern english =
        Pattern.compile(
            "(?i)\\b(the|of|and|is|are|with|from|this|which|values?|file|row|column|lower|upper"
                + "|missing|sample|table|answer|save|open|choose|type|between|below|above)\\b");
    for (String file : List.of("core", "files", "commands", "marks", "graph", "window", "how-to")) {
      texts("es", file)
          .forEach(
              (key, text) ->
                  assertThat(english.matcher(withoutCodes((String) text)).find())
                      .as("%s = %s", key, text)
                      .isFalse());
    }
  }

  /** Codes, keys and names of columns are the same in every language. */
  private static String withoutCodes(String text) {
    return text.replaceAll(
        "--[a-z-]+|«[a-z]+»|[a-z-]+=[a-z-]+|\\bid(, ?[a-z]+)+.*|\\w+\\.properties", "");
  }

  @Test
  void openClassesAreReadInTheWordsInWhichTheyAreWritten() {
    for (Language language : Language.all()) {
      Properties core = texts(language.code(), "core");
      for (String key : List.of("class.under", "class.over")) {
        String written = Sentence.of(core.getProperty(key), "10") + " 5";
        assertThat(new ClassLine(DecimalSign.of(language)).read(written))
            .as(written)
            .isInstanceOf(ClassLine.Read.class);
      }
    }
  }

  @Test
  void oneIsNeverFollowedByAPlural() {
    // "{0} values" of one value; what is never one says so by "at least", "to" or a fixed number.
    Pattern plural =
        Pattern.compile(
            "(?<!at least |than |to |the |its |= |<|\\} of )\\{\\d\\} "
                + "(values|rows|columns|entries|answers|cells|classes|samples|files|students)\\b");
    sentences("en")
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
    assertThat(Texts.of("import.counts", "1", 1)).startsWith("1 row and 1 column; ");
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
