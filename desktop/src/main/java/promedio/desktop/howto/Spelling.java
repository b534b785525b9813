package promedio.desktop.howto;

/** How far two spellings are apart. */
final class Spelling {

  private Spelling() {}

  /**
   * {@return how many letters have to be put in, left out, replaced or swapped with their neighbour
   * to make one of the other}; more than the most where it is more
   */
  static int distance(String one, String other, int most) {
    int[] before = new int[other.length() + 1];
    int[] last = new int[other.length() + 1];
    for (int j = 0; j <= other.length(); j++) {
      last[j] = j;
    }
    for (int i = 1; i <= one.length(); i++) {
      int[] now = new int[other.length() + 1];
      now[0] = i;
      int least = i;
      for (int j = 1; j <= other.length(); j++) {
        int replaced = last[j - 1] + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
        now[j] = Math.min(replaced, 1 + Math.min(last[j], now[j - 1]));
        boolean swapped =
            i > 1
                && j > 1
                && one.charAt(i - 1) == other.charAt(j - 2)
                && one.charAt(i - 2) == other.charAt(j - 1);
        if (swapped) {
          now[j] = Math.min(now[j], before[j - 2] + 1);
        }
        least = Math.min(least, now[j]);
      }
      if (least > most) {
        return most + 1;
      }
      before = last;
      last = now;
    }
    return last[other.length()];
  }
}
