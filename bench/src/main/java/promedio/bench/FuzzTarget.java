package promedio.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.FromQuestion;
import promedio.core.assignment.Item;
import promedio.core.calculation.Calculation;
import promedio.core.calculation.CalculationException;
import promedio.core.calculation.Scratch;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedCategories;
import promedio.core.entry.TypedClasses;
import promedio.core.entry.TypedTable;
import promedio.core.entry.TypedValues;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.question.Change;
import promedio.core.question.PrintedQuestion;
import promedio.core.question.QuestionDraft;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.demo.DemoFiles;
import promedio.files.RefusedFileException;
import promedio.files.assignment.AssignmentFile;
import promedio.files.report.PrintedQuestionJson;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/** What damaged input is fed to. Each takes it, or refuses it in words. */
enum FuzzTarget {
  /** Tables of every format. */
  TABLES {
    @Override
    Trial trial(SplittableRandom random) {
      Damage damage = new Damage(random, 8, pieces(TABLE_PIECES));
      List<byte[]> seeds = tables();
      return () -> {
        byte[] input = damage.of(seeds);
        return new Case(input, () -> isTable(input));
      };
    }
  },
  /** Assignment files: what stands in their documents, and the packed file itself. */
  DOCUMENTS {
    @Override
    Trial trial(SplittableRandom random) {
      Damage damage = new Damage(random, 3, pieces(JSON_PIECES));
      byte[] whole = saved();
      Map<String, byte[]> parts = unpacked(whole);
      return () -> {
        byte[] input;
        if (random.nextInt(10) == 0) {
          input = damage.of(List.of(whole));
        } else {
          Map<String, byte[]> changed = new LinkedHashMap<>(parts);
          List<String> names = List.copyOf(parts.keySet());
          String name =
              random.nextInt(4) > 0 ? "assignment.json" : names.get(random.nextInt(names.size()));
          changed.put(name, damage.of(List.of(parts.get(name))));
          input = packed(changed);
        }
        return new Case(input, () -> isDocument(input));
      };
    }
  },
  /** Lines of JSON: questions with answers to mark, samples, and areas of curves. */
  QUESTIONS {
    @Override
    Trial trial(SplittableRandom random) {
      Damage damage = new Damage(random, 3, pieces(JSON_PIECES));
      return () -> {
        String line = damage.text(QUESTION_SEEDS);
        return Case.of(line, () -> HostileInput.isAnswered(line));
      };
    }
  },
  /** Formulas over the columns of a table, and scratch paper. */
  FORMULAS {
    @Override
    Trial trial(SplittableRandom random) {
      Damage damage = new Damage(random, 3, pieces(FORMULA_PIECES));
      Table table = table(DemoFiles.bytes("trays.csv"));
      Map<String, Exact> known = Map.of("n", Exact.of(4), "x̄", Exact.of(10));
      return () -> {
        String formula = damage.text(FORMULA_SEEDS);
        return Case.of(formula, () -> isFormula(formula, table, known));
      };
    }
  },
  /** What is typed into fields: values, tables, classes, categories. */
  TYPED {
    @Override
    Trial trial(SplittableRandom random) {
      Damage damage = new Damage(random, 3, pieces(TYPED_PIECES));
      return () -> {
        String text = damage.text(TYPED_SEEDS);
        int way = random.nextInt(4);
        DecimalSign sign = random.nextBoolean() ? DecimalSign.POINT : DecimalSign.COMMA;
        return Case.of(text, () -> isTyped(text, way, sign));
      };
    }
  },
  /** Questions as they are printed, which become the data and parts of an assignment. */
  PRINTED {
    @Override
    Trial trial(SplittableRandom random) {
      Damage damage = new Damage(random, 4, pieces(PRINTED_PIECES));
      return () -> {
        String text = damage.text(PRINTED_SEEDS);
        return Case.of(text, () -> isQuestion(text));
      };
    }
  },
  /** Printed questions as PDF files. */
  PDF {
    @Override
    Trial trial(SplittableRandom random) {
      Damage damage = new Damage(random, 6, pieces(PDF_PIECES));
      List<byte[]> seeds = List.of(HostileInput.pdf());
      return () -> {
        byte[] input = damage.of(seeds);
        return new Case(input, () -> HostileInput.isPdf(input));
      };
    }
  },
  /** Workbooks: what stands in their parts, packed again. */
  WORKBOOKS {
    @Override
    Trial trial(SplittableRandom random) {
      Damage damage = new Damage(random, 3, pieces(XML_PIECES));
      Map<String, byte[]> parts = unpacked(HostileInput.workbook(DemoFiles.bytes("trays.csv")));
      List<String> names = List.copyOf(parts.keySet());
      return () -> {
        Map<String, byte[]> changed = new LinkedHashMap<>(parts);
        String name = names.get(random.nextInt(names.size()));
        changed.put(name, damage.of(List.of(parts.get(name))));
        byte[] input = packed(changed);
        return new Case(input, () -> isTable(input));
      };
    }
  },
  /** Documents of extreme numbers, which are handed in, saved and read again. */
  EXTREMES {
    @Override
    Trial trial(SplittableRandom random) {
      return () -> {
        Assignment made = HostileInput.extremes(random);
        return Case.of(made.toString(), () -> HostileInput.isHandedIn(made, SCRATCH));
      };
    }
  };

  /** Takes one input. */
  @FunctionalInterface
  interface Taking {
    /** {@return whether it was taken; otherwise it was refused in words} */
    boolean take() throws Exception;
  }

  /**
   * One damaged input.
   *
   * @param input its bytes, to be kept where something goes wrong
   * @param taking what is done with it
   */
  @SuppressWarnings("ArrayRecordComponent") // compared by nobody
  record Case(byte[] input, Taking taking) {

    static Case of(String text, Taking taking) {
      return new Case(text.getBytes(StandardCharsets.UTF_8), taking);
    }
  }

  /** Makes one case after the other. */
  @FunctionalInterface
  interface Trial {
    Case next();
  }

  private static final String COMMON =
      "\n~;~,~.~-~−~1/0~1e999~\u0000~½~ ~0~9~×~(~)~ä~\u00A0~'~\"~1×99999~1e310~1e-310";
  private static final String TABLE_PIECES =
      COMMON
          + "~\r\n~\r~\"\"~\t~|~NA~\uFEFF~=1+1~<table>~<tr><td>~PK\u0003\u0004~  ~Total~1,234.5"
          + "~1.234,5~2026-02-30~€ 3~12 kg~7 g~12,34,567~\u200B~<!DOCTYPE html>";
  private static final String JSON_PIECES =
      COMMON
          + "~null~true~[]~{}~[~]~{~}~:~2147483648~-1~6.9~\"\\u0000\"~\"\"~\"id\":1,~\"kind\":\"linked\""
          + "~[[[[[[[[~1e401~\"values\"~\"table\":9,~\\ud800~\"places\":99";
  private static final String PDF_PIECES =
      COMMON
          + "~obj~endobj~stream\n~endstream~<<~>>~/Kids~/Parent~/Count 99999~/Length 9~/Filter~0 R~1 0 R"
          + "~xref~trailer~/Font~Do~Tj~/Encrypt~%%EOF~startxref";
  private static final String XML_PIECES =
      COMMON
          + "~<~>~</row>~<row>~<c>~<v>~</v>~r=\"A1048577\"~r=\"ZZZ9\"~t=\"s\"~&#0;~&lt;~<!DOCTYPE x>~]]>"
          + "~<row r=\"9999999\">~<!--~7777777777";
  private static final String FORMULA_PIECES =
      COMMON
          + "~√~^~²~³~|~+~/~÷~*~<~>~=~≤~and ~or ~not ~between ~one of ~is missing~z(~rank(~round("
          + "~mean(~ln(~log(~weight~row~\"~«~2^9999.5~9^9^9~x̄~√√√√√√√√~--------";
  private static final String TYPED_PIECES =
      COMMON
          + "~3,5~1,234~x3~–~10–19 5~under 10 3~60 and over 4~cumulative\n~n = 40\n~25%~plum~plum: 3"
          + "~2/3~84 2/3~1/777777777777777777777~—~?";
  private static final String PRINTED_PIECES =
      COMMON
          + "~Find the mean~(a) ~b) ~1. ~to two decimal places~| 3 | 4 |~|---|~118, 131, 124~x 1 2 3\nf 4 5 6"
          + "~less than 20~10–19 ~Calcula la mediana~desviación típica~the following data:~(1, 2), (3, 5)"
          + "~population~for the north terrace~7 | 1 3 5~H0~regression~\t~\f";
  private static final List<String> PRINTED_SEEDS =
      List.of(
          "The weights of 6 pears are 118, 131, 124.5, 139, 121 and 126 g.\n(a) Find the mean.\n"
              + "(b) Find the standard deviation to 2 decimal places.",
          "Pears per basket\nx  36 37 38 39\nf   3  9 12  4\nCalculate the median and the quartiles.",
          "| weight | pears |\n|---|---|\n| 100–109 | 4 |\n| 110–119 | 11 |\n| 120–129 | 7 |\n"
              + "1) Estimate the mean. 2) Which is the modal class?",
          "Los pesos de cinco peras son 12,5; 13; 12,75; 14 y 13,5.\na) Calcula la media.\n"
              + "b) Halla la varianza con dos decimales.",
          "Points (1, 2), (2, 3), (3, 5), (4, 4). Find the correlation and the line of regression.",
          "Scab: 14, bruised: 21, too small: 9. What is the mode?");
  private static final List<String> QUESTION_SEEDS =
      List.of(
          "{\"id\":\"a1\",\"values\":[\"8\",\"10\",\"11\"],\"measure\":\"variance\",\"answer\":\"2.33\"}",
          "{\"id\":2,\"frequencies\":[[\"1\",\"4\"],[\"2\",\"7\"]],\"measure\":\"sd\",\"answer\":\"0.5\"}",
          "{\"id\":\"c\",\"classes\":[[\"10\",\"19\",\"5\"],[\"20\",\"29\",\"8\"]],"
              + "\"measure\":\"median\",\"answer\":\"21\",\"rules\":{\"divisor\":\"n\",\"places\":2}}",
          "{\"id\":4,\"distribution\":\"f\",\"df\":[\"3\",\"20\"],\"area\":\"0.95\"}",
          "{\"id\":5,\"pairs\":[[\"1\",\"2\"],[\"2\",\"3\"],[\"4\",\"4\"]],\"measure\":\"prediction\","
              + "\"with\":{\"x\":\"3\"},\"answer\":\"3.2\"}",
          "{\"id\":6,\"groups\":[[\"a\",[\"1\",\"2\"]],[\"b\",[\"3\",\"5\"]]],\"measure\":\"t_two_p\",\"answer\":\"0.1\"}",
          "{\"id\":7,\"categories\":[[\"red\",\"30\"],[\"blue\",\"20\"]],\"measure\":\"fit_chi_squared\","
              + "\"with\":{\"expected\":\"1,2\"},\"answer\":\"16\"}",
          "{\"id\":8,\"cross\":[[\"3\",\"4\"],[\"5\",\"6\"]],\"rows\":[\"x\",\"y\"],\"columns\":[\"a\",\"b\"],"
              + "\"measure\":\"chi_squared_p\",\"answer\":\"0.9\"}");
  private static final List<String> FORMULA_SEEDS =
      List.of(
          "(weight − 3) ÷ 1000",
          "√length + ln(crates)^2",
          "z(weight; n) > 1 and weight between 3 and 200",
          "variety one of Blanca, Ercolini or weight is not missing",
          "|3 − x̄| · n^2 / 7",
          "round(weight / 3; 2) − rank(weight)");
  private static final List<String> TYPED_SEEDS =
      List.of(
          "131 118.5 — 12.5×3 2/3 84 2/3; 7,\n9",
          "3 12\n4 7\n5 2",
          "10–19 5\n20–29 8\n30–39 4\nn = 17",
          "under 10 3\n10–20 5\n20 and over 4",
          "plum, pear, plum; quince 3");

  private static boolean isQuestion(String text) {
    QuestionDraft draft = QuestionDraft.of(text);
    PrintedQuestion question = draft.question();
    Assignment taken = FromQuestion.taken(Assignment.empty("Pears"), question);
    // Somebody takes away the first things that were understood.
    for (int i = 0; i < 5 && !draft.question().marks().isEmpty(); i++) {
      draft = draft.changed(draft.question().marks().get(0), Change.removed());
      FromQuestion.taken(Assignment.empty("Pears"), draft.question());
    }
    return !PrintedQuestionJson.of(question).isEmpty()
        && taken.parts().size() <= question.parts().size()
        && !question.data().isEmpty();
  }

  private static List<String> pieces(String parted) {
    List<String> pieces = new ArrayList<>(List.of(parted.split("~")));
    pieces.add("9".repeat(400));
    pieces.add(",".repeat(300));
    pieces.add("\n".repeat(50));
    pieces.add("(".repeat(300));
    return pieces;
  }

  abstract Trial trial(SplittableRandom random);

  private static boolean isTable(byte[] input) throws IOException {
    try {
      table(input).columns().forEach(column -> column.summary());
      return true;
    } catch (UncheckedIOException e) {
      return false;
    }
  }

  static Table table(byte[] input) {
    try {
      return TableReader.read(DataSource.of("fuzz", input), ReadingChoices.NONE, Progress.NONE)
          .table();
    } catch (RefusedFileException e) {
      throw new UncheckedIOException(new IOException(e.getMessage(), e));
    }
  }

  /** What is opened is worked with as the window does, and can be saved and opened again. */
  private static boolean isDocument(byte[] input) throws IOException, RefusedFileException {
    Path file = Files.write(SCRATCH, input);
    Assignment opened;
    try {
      opened = AssignmentFile.open(file, (fingerprint, path) -> false).assignment();
    } catch (RefusedFileException e) {
      return false;
    }
    for (Item item : opened.items()) {
      Data data = item.source().read(opened.sign()).data();
      all(data, opened.rules());
      item.classes().group(data, opened.rules(), opened.sign());
    }
    AssignmentFile.write(opened, file);
    if (!AssignmentFile.open(file, (fingerprint, path) -> true).assignment().equals(opened)) {
      throw new IllegalStateException("saved and opened again it is another one");
    }
    return true;
  }

  private static void all(Data data, CourseRules rules) {
    Computation measures = Computation.of(data, rules);
    for (Measure measure : Measures.all()) {
      measures.result(measure);
    }
  }

  private static boolean isFormula(String formula, Table table, Map<String, Exact> known) {
    boolean taken = false;
    try {
      Calculation.read(formula, table).column("made");
      taken = true;
    } catch (CalculationException e) {
      // It may be one for scratch paper.
    }
    try {
      Scratch.of(formula, known);
      return true;
    } catch (CalculationException e) {
      return taken;
    }
  }

  private static boolean isTyped(String text, int way, DecimalSign sign) {
    Typed typed =
        switch (way) {
          case 0 -> TypedValues.read(text, sign);
          case 1 -> TypedTable.read(text, sign);
          case 2 -> TypedClasses.read(text, sign);
          default -> TypedCategories.read(text, sign);
        };
    all(typed.data(), CourseRules.DEFAULTS);
    return typed.problem().isEmpty();
  }

  private static final Path SCRATCH = scratch();

  private static Path scratch() {
    try {
      Path file = Files.createTempFile("fuzz", ".promedio");
      file.toFile().deleteOnExit();
      return file;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static byte[] saved() {
    try {
      Path file = Files.createTempFile("seed", ".promedio");
      AssignmentFile.write(DemoAssignment.create(), file);
      byte[] bytes = Files.readAllBytes(file);
      Files.delete(file);
      return bytes;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Map<String, byte[]> unpacked(byte[] file) {
    Map<String, byte[]> parts = new LinkedHashMap<>();
    // By the list at its end: lengths before each part are not filled in by every program.
    try {
      Files.write(SCRATCH, file);
      try (ZipFile zip = new ZipFile(SCRATCH.toFile())) {
        for (ZipEntry entry : Collections.list(zip.entries())) {
          parts.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return parts;
  }

  private static byte[] packed(Map<String, byte[]> parts) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      zip.setLevel(1);
      for (Map.Entry<String, byte[]> part : parts.entrySet()) {
        zip.putNextEntry(new ZipEntry(part.getKey()));
        zip.write(part.getValue());
        zip.closeEntry();
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  /** The files of the demo, some tables made up here, and the nasty ones where sources are. */
  private static List<byte[]> tables() {
    List<byte[]> seeds = new ArrayList<>();
    List.of("trays.csv", "terraces.csv", "pears-per-basket.csv")
        .forEach(name -> seeds.add(DemoFiles.bytes(name)));
    seeds.add("8 10 11 11\n12,5 13\n".getBytes(StandardCharsets.UTF_8));
    seeds.add("a;b\n1,5;x\n".getBytes(StandardCharsets.UTF_16LE));
    seeds.add("n;price;w\n1;€ 3,50;12 kg\n2;€ 4,00;7 kg\n".getBytes(StandardCharsets.UTF_8));
    Path nasty =
        Path.of(System.getProperty("promedio.sources", "."))
            .resolve("files/src/test/resources/promedio/files/nasty");
    if (Files.isDirectory(nasty)) {
      try (Stream<Path> files = Files.list(nasty)) {
        for (Path file : files.toList()) {
          try (InputStream in = Files.newInputStream(file)) {
            seeds.add(in.readAllBytes());
          }
        }
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return seeds;
  }
}
