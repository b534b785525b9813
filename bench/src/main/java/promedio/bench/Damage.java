package promedio.bench;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/** Damages inputs at random, with pieces that are known to be trouble. */
final class Damage {

  private static final int LONGEST = 20_000;

  private final SplittableRandom random;
  private final int most;
  private final List<String> pieces;

  /**
   * Makes one.
   *
   * @param most how often an input is damaged at most
   * @param pieces what is put in here and there
   */
  Damage(SplittableRandom random, int most, List<String> pieces) {
    this.most = most;
    this.random = random;
    this.pieces = pieces;
  }

  /** {@return a damaged copy of one of the seeds} */
  byte[] of(List<byte[]> seeds) {
    byte[] seed = seeds.get(random.nextInt(seeds.size()));
    byte[] input = Arrays.copyOf(seed, Math.min(seed.length, LONGEST));
    int times = 1 + random.nextInt(most);
    for (int i = 0; i < times; i++) {
      int at = random.nextInt(input.length + 1);
      input =
          switch (random.nextInt(6)) {
            case 0 -> flipped(input);
            case 1 -> random.nextInt(4) == 0 ? Arrays.copyOf(input, at) : flipped(input);
            case 2, 3 -> spliced(input, at, at, piece());
            case 4 -> {
              int to = Math.min(input.length, at + random.nextInt(40));
              yield spliced(input, at, to, random.nextBoolean() ? new byte[0] : piece());
            }
            default -> {
              int to = Math.min(input.length, at + random.nextInt(200));
              yield spliced(input, at, at, Arrays.copyOfRange(input, at, to));
            }
          };
    }
    return input;
  }

  /** {@return the damaged copy as text} */
  String text(List<String> seeds) {
    List<byte[]> bytes = seeds.stream().map(s -> s.getBytes(StandardCharsets.UTF_8)).toList();
    return new String(of(bytes), StandardCharsets.UTF_8);
  }

  private byte[] flipped(byte[] input) {
    if (input.length > 0) {
      input[random.nextInt(input.length)] = (byte) random.nextInt(256);
    }
    return input;
  }

  private byte[] piece() {
    return pieces.get(random.nextInt(pieces.size())).getBytes(StandardCharsets.UTF_8);
  }

  private static byte[] spliced(byte[] input, int from, int to, byte[] piece) {
    byte[] result = new byte[input.length - (to - from) + piece.length];
    System.arraycopy(input, 0, result, 0, from);
    System.arraycopy(piece, 0, result, from, piece.length);
    System.arraycopy(input, to, result, from + piece.length, input.length - to);
    return result;
  }
}
