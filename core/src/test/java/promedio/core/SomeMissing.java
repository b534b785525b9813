package promedio.core;

import org.jspecify.annotations.Nullable;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.sample.Values;
import promedio.core.sample.ValuesBuilder;

/** Values for tests, of which some are missing. */
public final class SomeMissing {

  private SomeMissing() {}

  /** {@return the values; {@code null} is a missing one} */
  public static Values of(@Nullable Exact... values) {
    ValuesBuilder builder = new ValuesBuilder();
    for (Exact value : values) {
      if (value == null) {
        builder.addMissing();
      } else {
        builder.add(value);
      }
    }
    try {
      return builder.build();
    } catch (BadInputException e) {
      throw new AssertionError(e);
    }
  }
}
