package promedio.files.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.sample.Data;
import promedio.files.RefusedFileException;

/**
 * Assignments that were damaged, or made to do harm: each is refused in words, or opened with all
 * that is in it, soon and without filling the memory.
 */
class HostileAssignmentsTest {

  /** Generous, since other work may run beside; what hangs, hangs for minutes. */
  private static final Duration SOON = Duration.ofSeconds(20);

  private static final String ITEM =
      "{\"id\":1,\"name\":\"a\",\"unit\":\"g\",\"note\":\"\",\"kind\":\"values\","
          + "\"text\":\"8 10 11\"}";
  private static final String TABLE =
      "{\"id\":1,\"name\":\"t\",\"original\":{\"name\":\"t.csv\",\"part\":\"tables/1.data\"},"
          + "\"reading\":{},\"kinds\":{},\"steps\":[]}";
  private static final String PART =
      "{\"id\":1,\"text\":\"Find\",\"item\":1,\"questions\":[1],\"places\":2}";
  private static final String QUESTION =
      "{\"id\":1,\"task\":\"mean\",\"item\":1,\"places\":2,\"answer\":\"9.67\",\"tries\":[\"9\"],"
          + "\"workings\":{\"shortcut\":{\"mean\":\"9.67\"}}}";
  private static final String OLD_PART =
      "{\"id\":1,\"text\":\"Find\",\"item\":1,\"measures\":[\"mean\"],\"places\":2}";
  private static final String DOCUMENT =
      "{\"version\":15,\"title\":\"T\",\"course\":\"\",\"rules\":{\"divisor\":\"n\"},"
          + "\"methods\":{\"sd\":\"shortcut\"},\"decimal\":\".\",\"covered\":false,"
          + "\"next\":{\"item\":2,\"table\":2,\"part\":2,\"question\":2},\"items\":["
          + ITEM
          + "],\"tables\":["
          + TABLE
          + "],\"questions\":["
          + QUESTION
          + "],\"parts\":["
          + PART
          + "]}";

  @TempDir private Path folder;

  /** What must come of a file. */
  private enum Fate {
    OPENED,
    REFUSED
  }

  @SuppressWarnings("ArrayRecordComponent") // compared by nobody
  private record Hostile(Fate fate, byte[] bytes) {}

  private static final Map<String, Hostile> KINDS = new LinkedHashMap<>();

  private static void put(String name, Fate fate, String document) {
    put(name, fate, document.getBytes(StandardCharsets.UTF_8), "weight,h\n1,2\n3,4\n");
  }

  private static void put(String name, Fate fate, byte[] document, String table) {
    KINDS.put(
        name,
        new Hostile(
            fate,
            zip(
                "assignment.json",
                document,
                "tables/1.data",
                table.getBytes(StandardCharsets.UTF_8))));
  }

  private static void changed(String name, Fate fate, String from, String to) {
    assertThat(DOCUMENT).as(name).contains(from);
    put(name, fate, DOCUMENT.replace(from, to));
  }

  private static void withTable(String name, Fate fate, String table) {
    put(name, fate, DOCUMENT.getBytes(StandardCharsets.UTF_8), table);
  }

  private static void withSteps(String name, Fate fate, String steps) {
    changed(name, fate, "\"steps\":[]", "\"steps\":[" + steps + "]");
  }

  static {
    put("as it should be", Fate.OPENED, DOCUMENT);
    // Fields that are missing, null, doubled or of another type.
    for (String field :
        new String[] {
          "title",
          "course",
          "rules",
          "methods",
          "decimal",
          "next",
          "items",
          "tables",
          "questions",
          "parts"
        }) {
      put(field + " is missing", Fate.REFUSED, DOCUMENT.replace("\"" + field + "\":", "\"x\":"));
      put(
          field + " is null",
          Fate.REFUSED,
          DOCUMENT.replaceFirst("\"" + field + "\":", "\"" + field + "\":null,\"y\":"));
    }
    changed("version 6.9", Fate.REFUSED, "\"version\":15", "\"version\":6.9");
    changed("version true", Fate.REFUSED, "\"version\":15", "\"version\":true");
    changed("version 2^32 + 6", Fate.REFUSED, "\"version\":15", "\"version\":4294967302");
    changed("version in words", Fate.REFUSED, "\"version\":15", "\"version\":\"7\"");
    changed("version 16", Fate.REFUSED, "\"version\":15", "\"version\":16");
    changed("version below 0", Fate.REFUSED, "\"version\":15", "\"version\":-7");
    changed("items are an object", Fate.REFUSED, "\"items\":[", "\"items\":{\"a\":[");
    changed("an item is a number", Fate.REFUSED, ITEM, "3");
    changed("an item occurs twice", Fate.REFUSED, ITEM, ITEM + "," + ITEM);
    changed("a field occurs twice", Fate.REFUSED, "\"note\":\"\"", "\"note\":\"\",\"note\":\"b\"");
    changed("an unknown field", Fate.REFUSED, "\"note\":\"\"", "\"note\":\"\",\"nota\":\"b\"");
    changed("an answer is missing", Fate.REFUSED, "\"answer\":", "\"answr\":");
    changed("an answer is a number", Fate.REFUSED, "\"answer\":\"9.67\"", "\"answer\":9.67");
    changed("an answer to no measure", Fate.REFUSED, "\"task\":\"mean\"", "\"task\":\"meen\"");
    changed("a note is null", Fate.REFUSED, "\"note\":\"\"", "\"note\":null");
    changed("a kind that is none", Fate.REFUSED, "\"kind\":\"values\"", "\"kind\":\"cloud\"");
    changed("an id below 0", Fate.REFUSED, "{\"id\":1,\"name\":\"a\"", "{\"id\":-1,\"name\":\"a\"");
    changed(
        "the largest id",
        Fate.REFUSED,
        "{\"id\":1,\"name\":\"a\"",
        "{\"id\":2147483647,\"name\":\"a\"");
    changed("a next id below 1", Fate.REFUSED, "{\"item\":2", "{\"item\":-2147483648");
    changed("a rule that is none", Fate.REFUSED, "\"divisor\":\"n\"", "\"divisor\":\"m\"");
    changed("a rule that is no text", Fate.REFUSED, "\"divisor\":\"n\"", "\"places\":2");
    changed("places beyond 12", Fate.REFUSED, "\"divisor\":\"n\"", "\"places\":\"99\"");
    changed("carry in words", Fate.REFUSED, "\"divisor\":\"n\"", "\"carry\":\"two\"");
    changed("a method that is none", Fate.REFUSED, "shortcut", "magic");
    changed("a decimal sign that is none", Fate.REFUSED, "\"decimal\":\".\"", "\"decimal\":\"x\"");
    changed("a part with 99 places", Fate.REFUSED, "\"places\":2", "\"places\":99");
    changed("a part that asks no question", Fate.REFUSED, "[1]", "[7]");
    changed("a part that asks in words", Fate.REFUSED, "[1]", "[\"mean\"]");
    changed("questions about an item that is gone", Fate.OPENED, "\"item\":1,", "\"item\":9,");
    changed("a question occurs twice", Fate.REFUSED, QUESTION, QUESTION + "," + QUESTION);
    changed(
        "a percentile beyond 100",
        Fate.REFUSED,
        "\"task\":\"mean\"",
        "\"task\":\"percentile 101\"");
    changed("own workings by no method", Fate.REFUSED, "\"shortcut\":{", "\"magic\":{");
    changed("a part occurs twice", Fate.REFUSED, PART, PART + "," + PART);
    changed("a table occurs twice", Fate.REFUSED, TABLE, TABLE + "," + TABLE);
    changed("a part of the zip that is not there", Fate.REFUSED, "tables/1.data", "tables/9.data");
    changed("an original without a place", Fate.REFUSED, "\"part\":\"tables/1.data\"", "\"x\":1");
    changed("a reading that is none", Fate.REFUSED, "\"reading\":{}", "\"reading\":{\"a\":\"b\"}");
    changed(
        "a kind of column that is none", Fate.REFUSED, "\"kinds\":{}", "\"kinds\":{\"x\":\"y\"}");
    changed(
        "categories with a negative frequency",
        Fate.REFUSED,
        "\"kind\":\"values\",\"text\":\"8 10 11\"",
        "\"kind\":\"linked\",\"table\":9,\"column\":\"c\",\"groups\":\"\",\"group\":\"\","
            + "\"missing\":0,\"categories\":[[\"plum\",\"-3\"]]");
    changed(
        "values of a link that are no numbers",
        Fate.REFUSED,
        "\"kind\":\"values\",\"text\":\"8 10 11\"",
        "\"kind\":\"linked\",\"table\":9,\"column\":\"c\",\"groups\":\"\",\"group\":\"\","
            + "\"unreadable\":0,\"part\":\"tables/1.data\"");
    changed(
        "a graph of no kind", Fate.REFUSED, "\"note\":", "\"graph\":{\"kind\":\"pie\"},\"note\":");
    changed(
        "classes by nothing known",
        Fate.REFUSED,
        "\"note\":",
        "\"classes\":{\"by\":\"luck\",\"numbers\":\"\"},\"note\":");
    changed("own workings are a list", Fate.REFUSED, "{\"shortcut\":{\"mean\":\"9.67\"}}", "[]");
    changed("scratch paper of numbers", Fate.REFUSED, "\"note\":", "\"scratch\":[3],\"note\":");
    changed("tries are text", Fate.REFUSED, "[\"9\"]", "\"9\"");
    old("as it was", Fate.OPENED, "mean", "mean");
    old("an answer to no measure", Fate.REFUSED, "{\"mean\":", "{\"meen\":");
    old("a part that asks nothing known", Fate.REFUSED, "[\"mean\"]", "[\"luck\"]");
    old("an own working of nothing", Fate.REFUSED, "sd by shortcut", "sd");
    old("an own working by no method", Fate.REFUSED, "sd by shortcut", "sd by magic");
    old("tries are text", Fate.REFUSED, "[\"9\"]", "\"9\"");
    old("a part occurs twice", Fate.REFUSED, OLD_PART, OLD_PART + "," + OLD_PART);
    // Referred files.
    referred("a path with a NUL", "a\\u0000b");
    referred("a device without end", "/dev/zero");
    referred("a path that is empty", "");
    referred("a file of the system", "/etc/hostname");
    // Text and packing.
    put("no JSON", Fate.REFUSED, "{");
    put("two documents", Fate.REFUSED, DOCUMENT + DOCUMENT);
    put("a list", Fate.REFUSED, "[]");
    put("nothing", Fate.REFUSED, "");
    byte[] broken = DOCUMENT.getBytes(StandardCharsets.UTF_8);
    broken[DOCUMENT.indexOf("Find")] = (byte) 0xff;
    put("text that is no UTF-8", Fate.REFUSED, broken, "a,b\n1,2\n");
    put("nested deep", Fate.REFUSED, "[".repeat(100_000));
    put("122 KB of nodes", Fate.REFUSED, "[" + "[],".repeat(30_000_000) + "[]]");
    put("a million fields", Fate.REFUSED, fields(1_500_000));
    put("a document without end", Fate.REFUSED, " ".repeat(70 << 20) + DOCUMENT);
    KINDS.put("a part that occurs twice", new Hostile(Fate.REFUSED, twice()));
    KINDS.put("a name that is no UTF-8", new Hostile(Fate.REFUSED, foreignName()));
    KINDS.put(
        "no zip",
        new Hostile(Fate.REFUSED, "PK and then nothing".getBytes(StandardCharsets.UTF_8)));
    // Formulas, steps and tables.
    withSteps("a formula nested deep", Fate.OPENED, compute("(".repeat(50_000)));
    withSteps("a formula of many signs", Fate.OPENED, compute("-".repeat(3000) + "weight"));
    withSteps("a formula that grows", Fate.OPENED, compute("2^99999 × ".repeat(150) + "2"));
    withSteps("a formula of a huge power", Fate.OPENED, compute("2^99999999.5"));
    withSteps("thousands of steps", Fate.REFUSED, many(compute("weight")));
    withSteps("a step of no kind", Fate.REFUSED, "{\"do\":\"fly\"}");
    withSteps("a step without its fields", Fate.REFUSED, "{\"do\":\"sort\"}");
    withSteps("a step that is null", Fate.REFUSED, "null");
    withSteps("a step with a null", Fate.REFUSED, "{\"do\":\"choose\",\"columns\":null}");
    withSteps("stacking again and again", Fate.OPENED, stacking());
    withTable("a table of nested web tables", Fate.REFUSED, "<table><tr><td>".repeat(5000));
    withTable("a list in one endless line", Fate.OPENED, "1,".repeat(300_000));
    withTable("a table that is none", Fate.REFUSED, "\u0000\u0001");
    withTable("an empty table", Fate.REFUSED, "");
    KINDS.put("a sheet of repeated cells", new Hostile(Fate.REFUSED, repeatedCells()));
    // What is typed.
    typed("copies without end", "1×99999 ".repeat(3000));
    typed("fractions without a common denominator", fractions());
    typed("numbers of a thousand digits", ("9".repeat(999) + " ").repeat(300));
    typed("the largest powers", "1e310 1e-310 ".repeat(500));
  }

  /** A document of version 8, which kept answers with its items. */
  private static void old(String name, Fate fate, String from, String to) {
    String item =
        ITEM.replace(
            "\"text\":",
            "\"answers\":{\"mean\":\"9.67\"},\"tries\":{\"mean\":[\"9\"]},"
                + "\"workings\":{\"sd by shortcut\":{\"mean\":\"9\"}},\"text\":");
    String document =
        DOCUMENT
            .replace("\"version\":15", "\"version\":8")
            .replace(ITEM, item)
            .replace("\"questions\":[" + QUESTION + "],", "")
            .replace(PART, OLD_PART);
    assertThat(document).as(name).contains(from);
    put("before version 9, " + name, fate, document.replace(from, to));
  }

  private static void referred(String name, String path) {
    changed(
        name,
        Fate.OPENED,
        "\"name\":\"t.csv\",\"part\":\"tables/1.data\"",
        "\"path\":\"" + path + "\",\"fingerprint\":\"0\"");
  }

  private static void typed(String name, String text) {
    changed(name, Fate.OPENED, "8 10 11", text);
  }

  private static String compute(String formula) {
    return "{\"do\":\"compute\",\"into\":\"made\",\"formula\":\"" + formula + "\"}";
  }

  private static String many(String step) {
    return (step + ",").repeat(5000) + step;
  }

  private static String stacking() {
    StringBuilder steps = new StringBuilder();
    for (int i = 0; i < 30; i++) {
      steps
          .append(i == 0 ? "" : ",")
          .append("{\"do\":\"compute\",\"into\":\"c\",\"formula\":\"")
          .append(i == 0 ? "weight" : "v" + (i - 1))
          .append("\"},{\"do\":\"compute\",\"into\":\"d\",\"formula\":\"c\"},")
          .append("{\"do\":\"stack\",\"columns\":[\"c\",\"d\"],\"value\":\"v" + i + "\",")
          .append("\"group\":\"g" + i + "\"}");
    }
    return steps.toString();
  }

  private static String fields(int count) {
    StringBuilder fields = new StringBuilder("{\"version\":15");
    for (int i = 0; i < count; i++) {
      fields.append(",\"f").append(i).append("\":0");
    }
    return fields.append('}').toString();
  }

  private static String fractions() {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < 30; i++) {
      text.append("1/").append("7".repeat(299 - i)).append("1 ");
    }
    return text.toString();
  }

  private static byte[] repeatedCells() {
    String cells =
        "<office:d xmlns:office=\"o\" xmlns:table=\"t\" xmlns:text=\"x\"><table:table"
            + " table:name=\"S\"><table:table-row table:number-rows-repeated=\"1000000\">"
            + "<table:table-cell table:number-columns-repeated=\"16000\"><text:p>1</text:p>"
            + "</table:table-cell></table:table-row></table:table></office:d>";
    byte[] book =
        zip(
            "mimetype",
            "application/vnd.oasis.opendocument.spreadsheet".getBytes(StandardCharsets.UTF_8),
            "content.xml",
            cells.getBytes(StandardCharsets.UTF_8));
    return zip("assignment.json", DOCUMENT.getBytes(StandardCharsets.UTF_8), "tables/1.data", book);
  }

  private static byte[] zip(String name, byte[] content, String other, byte[] otherContent) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.putNextEntry(new ZipEntry(name));
      zip.write(content);
      zip.closeEntry();
      zip.putNextEntry(new ZipEntry(other));
      zip.write(otherContent);
      zip.closeEntry();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    return bytes.toByteArray();
  }

  /** The library refuses to write the same name twice, so it is changed afterwards. */
  private static byte[] twice() {
    byte[] document = DOCUMENT.getBytes(StandardCharsets.UTF_8);
    return renamed(zip("assignment.json", document, "assignment.jsox", document), "jsox", "json");
  }

  private static byte[] foreignName() {
    byte[] file = zip("assignment.json", new byte[0], "tables/xx", new byte[0]);
    return renamed(file, "xx", "\u00ff\u00fe");
  }

  private static byte[] renamed(byte[] file, String from, String to) {
    String text = new String(file, StandardCharsets.ISO_8859_1);
    return text.replace(from, to).getBytes(StandardCharsets.ISO_8859_1);
  }

  static Stream<Arguments> kinds() {
    return KINDS.keySet().stream().map(Arguments::of);
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("kinds")
  void isOpenedOrRefusedInWords(String name) throws IOException {
    Hostile hostile = KINDS.get(name);
    Path file = Files.write(folder.resolve("hostile.promedio"), hostile.bytes());

    assertTimeoutPreemptively(SOON, () -> take(name, hostile.fate(), file));
  }

  private static void take(String name, Fate fate, Path file) {
    try {
      Assignment opened = AssignmentFile.open(file, (fingerprint, path) -> false).assignment();
      for (Item item : opened.items()) {
        Data data = item.source().read(opened.sign()).data();
        Computation measures = Computation.of(data, opened.rules());
        for (Measure measure : Measures.all()) {
          assertThat(measures.result(measure)).isNotNull();
        }
      }
      assertThat(fate).as(name).isEqualTo(Fate.OPENED);
    } catch (RefusedFileException e) {
      assertThat(fate).as("%s: %s", name, e.getMessage()).isEqualTo(Fate.REFUSED);
      assertThat(e.getMessage())
          .startsWith("hostile.promedio: ")
          .doesNotContain("java.")
          .doesNotContain("null")
          .doesNotContain("Exception")
          .hasSizeLessThan(600);
    }
  }

  @Test
  void thereAreKindsEnough() {
    assertThat(KINDS).hasSizeGreaterThan(75);
  }

  @Test
  @EnabledOnOs({OS.LINUX, OS.MAC})
  void aPipeIsNoAssignmentAndIsNotWaitedFor() throws Exception {
    Path pipe = folder.resolve("pipe.promedio");
    assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor()).isZero();

    assertTimeoutPreemptively(
        SOON,
        () -> {
          try {
            AssignmentFile.read(pipe);
          } catch (RefusedFileException e) {
            assertThat(e.getMessage()).contains("a device or a pipe");
          }
        });
  }
}
