package promedio.core.question;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Questions as they are printed, and what is understood of them. */
class PrintedQuestionTest {

  /** A text, and what is found in it, as it stands in the file of texts. */
  record Case(String text, String found) {
    @Override
    public String toString() {
      return text.lines().findFirst().orElse("");
    }
  }

  static Stream<Case> cases() throws IOException {
    try (InputStream in =
        Objects.requireNonNull(PrintedQuestionTest.class.getResourceAsStream("questions.txt"))) {
      String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      List<Case> cases = new ArrayList<>();
      for (String each : all.split("\n=====\n", -1)) {
        String[] sides = each.split("\n-----\n", -1);
        cases.add(new Case(sides[0], sides[1].strip()));
      }
      return cases.stream();
    }
  }

  @ParameterizedTest
  @MethodSource("cases")
  void dataPartsPlacesAndRulesAreFound(Case printed) {
    assertThat(shown(PrintedQuestion.read(printed.text()))).isEqualTo(printed.found());
  }

  /** A point before it is none of its own. */
  @Test
  void aListBeginsWithItsFirstNumberWhateverStandsBefore() {
    PrintedQuestion read =
        PrintedQuestion.read("Weights: see below. , 9, 15, 11, 8. Find the mean.");

    assertThat(read.data().get(0).values()).containsExactly("9", "15", "11", "8");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Weights (g): 118.5, 131, 124. Find the mean. | g",
        "Nine pears weigh (in °Bx): 11, 12, 13. Find the mean. | °Bx",
        "Length [cm] = 4, 5, 6, find the mean. | cm",
        "'Weights (g): 118, 131, 124\nFind the mean.' | g",
        "The lengths were 12 cm, 15 cm and 20 cm. Find the mean. | cm",
        "Las cestas pesan 12 kg, 15 kg y 20 kg. Halla la media. | kg",
        "Values (x): 4, 5, 6, find the mean. | ''",
        "Values (see page two): 4, 5, 6, find the mean. | ''",
        "They took 12, 15 and 20 years; find the mean. | years",
        "The weights (g) of ten pears are 118, 131, 124. Find the mean. | g",
        "'The weights, in g, of these pears:\n118, 131, 124\nFind the mean.' | g",
        "The times in minutes of three baskets were 12, 15, 20. Find the mean. | minutes",
        "Los pesos (en kg) de tres cajones son 12, 13 y 15. Calcula la media. | kg",
        "Trees grow in years. Sugar: 11, 12, 13. Find the mean. | ''",
        "In spring (see page two) they were 11, 12, 13. Find the mean. | ''"
      })
  void theUnitStandsInBracketsBeforeTheListOrBehindIt(String text, String unit) {
    assertThat(PrintedQuestion.read(text).data().get(0).unit()).isEqualTo(unit);
  }

  /** What was found in few words: data, rules of all, then part by part. */
  static String shown(PrintedQuestion question) {
    List<String> lines = new ArrayList<>();
    for (FoundData data : question.data()) {
      String name = Stream.of(data.name(), data.second()).collect(Collectors.joining(" / "));
      String rows =
          data.rows().stream().map(PrintedQuestionTest::cells).collect(Collectors.joining("; "));
      lines.add(data.kind().code() + " [" + name + "] " + rows);
    }
    if (!question.rules().isEmpty()) {
      lines.add("rules " + new TreeMap<>(question.rules()));
    }
    for (PrintedQuestion.Part part : question.parts()) {
      lines.add(part(part));
    }
    return String.join("\n", lines);
  }

  private static String cells(List<String> row) {
    return row.stream().map(cell -> cell.isEmpty() ? "·" : cell).collect(Collectors.joining(" "));
  }

  private static String part(PrintedQuestion.Part part) {
    String asked =
        part.asked().stream()
            .map(
                each ->
                    each.with().isEmpty() ? each.measure() : each.measure() + each.with().values())
            .collect(Collectors.joining(", "));
    String shown =
        "("
            + part.label()
            + ") "
            + asked
            + (part.asked().isEmpty() ? "" : " of " + part.data())
            + part.places().map(places -> " places " + places).orElse("")
            + part.digits().map(digits -> " digits " + digits).orElse("")
            + (part.rules().isEmpty() ? "" : " " + new TreeMap<>(part.rules()));
    return shown.strip();
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "   \n\n ", "Nothing to see.", "(a) (b) (c)", "1. 2. 3."})
  void aTextWithoutDataHasNoneAndAsksNothing(String text) {
    PrintedQuestion read = PrintedQuestion.read(text);

    assertThat(read.data()).isEmpty();
    assertThat(read.parts()).allMatch(part -> part.asked().isEmpty());
  }

  @Test
  void noNumberIsFoundThatIsNotInTheText() throws IOException {
    cases()
        .forEach(
            each ->
                PrintedQuestion.read(each.text()).data().stream()
                    .filter(data -> data.kind() == FoundData.Kind.RAW)
                    .flatMap(data -> data.values().stream())
                    .filter(value -> !value.isEmpty() && !each.text().contains("stem"))
                    .forEach(
                        value ->
                            assertThat(
                                    each.text()
                                        .replace(',', '.')
                                        .replaceAll("(?<=\\d)\\.(?=\\d{3})", ""))
                                .contains(value.replace("-", ""))));
  }

  @Test
  void aLongTextOfAnythingIsReadToItsEnd() {
    List<String> pieces =
        List.of(
            "1, ",
            "(a) ",
            "mean ",
            "10–19 5\n",
            "| 3 | 4 |\n",
            "a ",
            "((",
            "- ",
            "x: ",
            "\n",
            "12 ");
    Random random = new Random(1);
    for (int kind = 0; kind < 12; kind++) {
      StringBuilder text = new StringBuilder();
      while (text.length() < 100_000) {
        text.append(pieces.get(kind == 11 ? random.nextInt(pieces.size()) : kind));
      }
      assertThat(PrintedQuestion.read(text.toString())).isNotNull();
    }
  }

  @Test
  void whateverIsPastedIsReadWithoutAFailure() throws IOException {
    List<String> texts = cases().map(Case::text).toList();
    Random random = new Random(7);
    for (int i = 0; i < 400; i++) {
      StringBuilder text = new StringBuilder(texts.get(random.nextInt(texts.size())));
      for (int change = 0; change < 6; change++) {
        int at = random.nextInt(text.length());
        switch (random.nextInt(4)) {
          case 0 -> text.deleteCharAt(at);
          case 1 -> text.insert(at, texts.get(random.nextInt(texts.size())), 0, 20);
          case 2 -> text.setCharAt(at, "\n\t|()–,;:%0.\u0001".charAt(random.nextInt(13)));
          default -> text.insert(at, random.nextInt(100_000));
        }
      }
      assertThat(PrintedQuestion.read(text.toString())).isNotNull();
    }
  }

  @Test
  void aNumberLongerThanAnyIsKeptInThePartAndKeepsNobodyWaiting() {
    String nines = "9".repeat(9_000);
    PrintedQuestion question =
        assertTimeoutPreemptively(
            Duration.ofSeconds(10),
            () -> PrintedQuestion.read("Weights: 118, 131, 124.\n(a) Find F" + nines + " mean."));

    assertThat(question.parts().get(0).text()).contains(nines);
    assertThat(question.data().get(0).values()).containsExactly("118", "131", "124");
  }
}
