package promedio.bench;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import promedio.core.table.ReadingChoices;
import promedio.core.table.Table;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.Progress;
import promedio.files.table.TableReader;

/**
 * Feeds the reader of tables with damaged files for some time: whatever comes, it must give a table
 * or a refusal, and soon.
 */
final class ReaderFuzz {

  private static final int SLOW_MILLIS = 2000;
  private static final int LONGEST = 20_000;
  private static final String[] PIECES = {
    "\n",
    "\r\n",
    "\r",
    "\"",
    "\"\"",
    ";",
    ",",
    "\t",
    "|",
    ".",
    "-",
    "−",
    "1/0",
    "1e999",
    "NA",
    "\u0000",
    "\uFEFF",
    "½",
    "=1+1",
    "<table>",
    "PK\u0003\u0004",
    "  ",
    "Total",
    "'",
    "1,234.5",
    "1.234,5",
    "2026-02-30",
    "\u00A0",
    "ä",
    "9".repeat(400),
    ",".repeat(300),
    "\n".repeat(50)
  };

  private ReaderFuzz() {}

  static void run(int seconds) throws IOException {
    List<byte[]> seeds = seeds();
    long seed = System.nanoTime();
    SplittableRandom random = new SplittableRandom(seed);
    long tables = 0;
    long refused = 0;
    long slowest = 0;
    long end = System.nanoTime() + seconds * 1_000_000_000L;
    while (System.nanoTime() < end) {
      byte[] input = damaged(seeds.get(random.nextInt(seeds.size())), random);
      long start = System.nanoTime();
      try {
        Table table =
            TableReader.read(DataSource.of("fuzz", input), ReadingChoices.NONE, Progress.NONE)
                .table();
        table.columns().forEach(column -> column.summary());
        tables++;
      } catch (RefusedFileException e) {
        refused++;
      } catch (IOException | RuntimeException | Error e) {
        Path kept = Files.write(Files.createTempFile("fuzz", ".bin"), input);
        throw new IllegalStateException("seed " + seed + ", input kept as " + kept, e);
      }
      long millis = (System.nanoTime() - start) / 1_000_000;
      slowest = Math.max(slowest, millis);
      if (millis > SLOW_MILLIS) {
        Path kept = Files.write(Files.createTempFile("slow", ".bin"), input);
        throw new IllegalStateException(millis + " ms, input kept as " + kept);
      }
    }
    System.out.printf(
        "%d s: %d tables, %d refusals, no crash; the slowest took %d ms (seed %d)%n",
        seconds, tables, refused, slowest, seed);
  }

  /** The files of the demo, some tables made up here, and the nasty ones where sources are. */
  private static List<byte[]> seeds() throws IOException {
    List<byte[]> seeds = new ArrayList<>();
    for (String name : List.of("trays.csv", "terraces.csv", "pears-per-basket.csv")) {
      try (InputStream in =
          ReaderFuzz.class.getResourceAsStream("/promedio/desktop/demo/" + name)) {
        seeds.add(in == null ? new byte[0] : in.readAllBytes());
      }
    }
    seeds.add("8 10 11 11\n12,5 13\n".getBytes(StandardCharsets.UTF_8));
    seeds.add("a;b\n1,5;x\n".getBytes(StandardCharsets.UTF_16LE));
    Path nasty =
        Path.of(System.getProperty("promedio.sources", "."))
            .resolve("files/src/test/resources/promedio/files/nasty");
    if (Files.isDirectory(nasty)) {
      try (Stream<Path> files = Files.list(nasty)) {
        for (Path file : files.toList()) {
          seeds.add(Files.readAllBytes(file));
        }
      }
    }
    return seeds;
  }

  private static byte[] damaged(byte[] seed, SplittableRandom random) {
    byte[] input = Arrays.copyOf(seed, Math.min(seed.length, LONGEST));
    int times = 1 + random.nextInt(8);
    for (int i = 0; i < times; i++) {
      int at = random.nextInt(input.length + 1);
      input =
          switch (random.nextInt(5)) {
            case 0 -> flipped(input, random);
            case 1 -> Arrays.copyOf(input, at);
            case 2 -> spliced(input, at, at, piece(random));
            case 3 -> {
              int to = Math.min(input.length, at + random.nextInt(40));
              yield spliced(input, at, to, new byte[0]);
            }
            default -> {
              int to = Math.min(input.length, at + random.nextInt(200));
              yield spliced(input, at, at, Arrays.copyOfRange(input, at, to));
            }
          };
    }
    return input;
  }

  private static byte[] flipped(byte[] input, SplittableRandom random) {
    if (input.length > 0) {
      input[random.nextInt(input.length)] = (byte) random.nextInt(256);
    }
    return input;
  }

  private static byte[] piece(SplittableRandom random) {
    return PIECES[random.nextInt(PIECES.length)].getBytes(StandardCharsets.UTF_8);
  }

  private static byte[] spliced(byte[] input, int from, int to, byte[] piece) {
    byte[] result = new byte[input.length - (to - from) + piece.length];
    System.arraycopy(input, 0, result, 0, from);
    System.arraycopy(piece, 0, result, from, piece.length);
    System.arraycopy(input, to, result, from + piece.length, input.length - to);
    return result;
  }
}
