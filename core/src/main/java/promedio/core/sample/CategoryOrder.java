package promedio.core.sample;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/** In which order categories are listed and drawn. */
public enum CategoryOrder {
  /** As they first came, or as a column gives them. */
  GIVEN,
  /** The most frequent first; equally frequent ones stay as they came. */
  FREQUENCY,
  /** By their letters, without regard to capitals. */
  NAME;

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** {@return the order of this code} */
  public static Optional<CategoryOrder> ofCode(String code) {
    return Arrays.stream(values()).filter(order -> order.code().equals(code)).findFirst();
  }

  /** {@return how it sorts, if it does} */
  Optional<Comparator<Categories.Row>> comparator() {
    return switch (this) {
      case GIVEN -> Optional.empty();
      case FREQUENCY -> Optional.of(Comparator.comparing(Categories.Row::frequency).reversed());
      case NAME ->
          Optional.of(Comparator.comparing(Categories.Row::name, String.CASE_INSENSITIVE_ORDER));
    };
  }
}
