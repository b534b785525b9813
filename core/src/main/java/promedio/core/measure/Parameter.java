package promedio.core.measure;

import java.util.List;
import java.util.Optional;
import promedio.core.formula.Quantity;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/**
 * A number that a measure is about besides the data, as the 90 of the 90th percentile.
 *
 * @param quantity what formulas call it; its id names it in files
 * @param least the least that it may be, if there is a least
 * @param most the most that it may be, if there is a most
 * @param choices the numbers that it may be, where they are few; otherwise empty
 * @param usual what it is where nothing is said, if that is usual
 * @param isOptional whether it need not be given; such ones stand behind those that must
 */
public record Parameter(
    Quantity quantity,
    Optional<Exact> least,
    Optional<Exact> most,
    List<Exact> choices,
    Optional<Exact> usual,
    boolean isOptional) {

  public Parameter {
    choices = List.copyOf(choices);
  }

  private Parameter(
      Quantity quantity, Optional<Exact> least, Optional<Exact> most, List<Exact> choices) {
    this(quantity, least, most, choices, Optional.empty(), false);
  }

  /** {@return one that may be any number} */
  public static Parameter any(Quantity quantity) {
    return new Parameter(quantity, Optional.empty(), Optional.empty(), List.of());
  }

  /** {@return one that lies within two numbers} */
  public static Parameter within(Quantity quantity, Exact least, Exact most) {
    return new Parameter(quantity, Optional.of(least), Optional.of(most), List.of());
  }

  /** {@return one that is at least a number} */
  public static Parameter atLeast(Quantity quantity, Exact least) {
    return new Parameter(quantity, Optional.of(least), Optional.empty(), List.of());
  }

  /** {@return one of a few numbers} */
  public static Parameter oneOf(Quantity quantity, List<Exact> choices) {
    return new Parameter(quantity, Optional.empty(), Optional.empty(), choices);
  }

  /** {@return this with what it is where nothing is said} */
  public Parameter usually(Exact value) {
    return new Parameter(quantity, least, most, choices, Optional.of(value), isOptional);
  }

  /** {@return this as one that is given only where it is known} */
  public Parameter whereKnown() {
    return new Parameter(quantity, least, most, choices, usual, true);
  }

  /** {@return why the number cannot be its value; nothing where it can} */
  public Optional<Message> refusal(Exact value) {
    if (!choices.isEmpty() && !choices.contains(value)) {
      List<String> known = choices.stream().map(Exact::toString).toList();
      return Optional.of(
          Message.of("argument.none-of", value.toString(), String.join(", ", known)));
    }
    boolean under = least.filter(bound -> value.compareTo(bound) < 0).isPresent();
    boolean over = most.filter(bound -> value.compareTo(bound) > 0).isPresent();
    if (!under && !over) {
      return Optional.empty();
    }
    return Optional.of(
        least.isPresent() && most.isPresent()
            ? Message.of(
                "argument.not-within",
                value.toString(),
                least.get().toString(),
                most.get().toString())
            : under
                ? Message.of("argument.too-small", value.toString(), least.orElseThrow().toString())
                : Message.of(
                    "argument.too-large", value.toString(), most.orElseThrow().toString()));
  }
}
