package promedio.core.measure;

import java.util.List;
import java.util.stream.IntStream;
import promedio.core.number.Exact;
import promedio.core.rules.ModeRule;
import promedio.core.sample.Tally;

/** The values of highest frequency. */
final class Modes {

  private Modes() {}

  static Result of(Tally tally, ModeRule rule) {
    Exact highest = tally.highestFrequency();
    List<Exact> modes =
        IntStream.range(0, tally.size())
            .filter(i -> tally.frequency(i).equals(highest))
            .mapToObj(tally::value)
            .toList();
    boolean allEqual = modes.size() == tally.size() && modes.size() > 1;
    return switch (rule) {
      case NONE_WHEN_ALL_EQUAL ->
          allEqual ? Result.absent("all-equally-frequent") : new Result.Several(modes);
      case LIST_ALL -> new Result.Several(modes);
    };
  }
}
