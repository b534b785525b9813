package promedio.bench;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.SplittableRandom;
import java.util.function.Predicate;
import promedio.bench.FuzzTarget.Case;
import promedio.bench.FuzzTarget.Trial;

/**
 * Feeds damaged input to all that takes input from outside: whatever comes, it must be taken or
 * refused in words, and soon.
 */
final class Fuzz {

  private static final int SLOW_MILLIS = 3000;

  /** So often a slow input is given at the most. */
  private static final int MOST_TIMES = 3;

  private static final long SECOND = 1_000_000_000L;

  private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

  private final long seed = System.nanoTime();
  private final SplittableRandom random = new SplittableRandom(seed);
  private long taken;
  private long refused;
  private long slowest;

  private Fuzz() {}

  /**
   * Runs what the arguments say: {@code SECONDS} of everything in turns, or {@code TARGET TIMES},
   * or {@code TARGET SECONDSs} as in {@code pdf 600s}.
   */
  static void run(List<String> arguments) throws IOException {
    if (arguments.size() == 2) {
      FuzzTarget target = FuzzTarget.valueOf(arguments.get(0).toUpperCase(Locale.ROOT));
      String much = arguments.get(1);
      if (much.endsWith("s")) {
        run(target, inSeconds(Long.parseLong(much.substring(0, much.length() - 1)) * SECOND));
      } else {
        long times = Long.parseLong(much);
        run(target, fuzz -> fuzz.taken + fuzz.refused < times);
      }
      return;
    }
    int seconds = arguments.isEmpty() ? 600 : Integer.parseInt(arguments.get(0));
    for (FuzzTarget target : FuzzTarget.values()) {
      run(target, inSeconds(seconds * SECOND / FuzzTarget.values().length));
    }
  }

  private static Predicate<Fuzz> inSeconds(long nanos) {
    long end = System.nanoTime() + nanos;
    return fuzz -> System.nanoTime() < end;
  }

  private static void run(FuzzTarget target, Predicate<Fuzz> goesOn) throws IOException {
    Fuzz fuzz = new Fuzz();
    Trial trial = target.trial(fuzz.random);
    while (goesOn.test(fuzz)) {
      fuzz.take(trial.next());
    }
    fuzz.tell(target);
  }

  private void take(Case one) throws IOException {
    long millis = Long.MAX_VALUE;
    // Slow is what is slow each time: a busy machine takes long over anything.
    for (int time = 0; time < MOST_TIMES && millis > SLOW_MILLIS; time++) {
      long start = THREADS.getCurrentThreadCpuTime();
      boolean was = isTaken(one);
      millis = Math.min(millis, (THREADS.getCurrentThreadCpuTime() - start) * 1000 / SECOND);
      taken += was && time == 0 ? 1 : 0;
      refused += !was && time == 0 ? 1 : 0;
    }
    slowest = Math.max(slowest, millis);
    if (millis > SLOW_MILLIS) {
      Path kept = Files.write(Files.createTempFile("slow", ".bin"), one.input());
      throw new IllegalStateException(millis + " ms, input kept as " + kept);
    }
  }

  private boolean isTaken(Case one) throws IOException {
    try {
      return one.taking().take();
    } catch (Exception | Error e) {
      Path kept = Files.write(Files.createTempFile("fuzz", ".bin"), one.input());
      throw new IllegalStateException("seed " + seed + ", input kept as " + kept, e);
    }
  }

  private void tell(FuzzTarget target) {
    System.out.printf(
        "%s: %d inputs, %d taken, %d refused, no crash; the slowest took %d ms (seed %d)%n",
        target.name().toLowerCase(Locale.ROOT), taken + refused, taken, refused, slowest, seed);
  }
}
