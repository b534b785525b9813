package promedio.core.measure;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.number.Exact;
import promedio.core.sample.Subject;
import promedio.core.slip.Slip;

/**
 * A measure that is all said by its formula and what goes with it.
 *
 * @param key the key by which files and the command line know it
 * @param subject the data that have it
 * @param quantity the quantity that it is
 * @param by how it is found
 * @param unit what its result is measured in
 * @param needed the numbers that it is about besides the data
 * @param quick a quicker way for large data, if there is one
 * @param mixed what a hand gives in its place
 * @param ways its formulas by other methods, where the data have one
 * @param isOfTwo whether it compares two groups
 */
public record FormulaMeasure(
    String key,
    Subject subject,
    Quantity quantity,
    Function<MeasureContext, Definition> by,
    Dimension unit,
    List<Parameter> needed,
    Optional<FastPath> quick,
    Function<MeasureContext, List<Slip>> mixed,
    Map<Method, Function<MeasureContext, Optional<Formula>>> ways,
    boolean isOfTwo)
    implements Measure {

  /** {@return one without a unit and without parameters} */
  public static FormulaMeasure of(
      String key, Subject subject, Quantity quantity, Function<MeasureContext, Definition> by) {
    return new FormulaMeasure(
        key,
        subject,
        quantity,
        by,
        Dimension.NONE,
        List.of(),
        Optional.empty(),
        context -> List.of(),
        Map.of(),
        false);
  }

  /** {@return one that is the same formula for all such data} */
  public static FormulaMeasure of(
      String key, Subject subject, Quantity quantity, Formula right, Condition... needs) {
    return of(key, subject, quantity, context -> Definition.of(right, needs));
  }

  /** {@return this, measured in another unit} */
  public FormulaMeasure in(Dimension other) {
    return new FormulaMeasure(
        key, subject, quantity, by, other, needed, quick, mixed, ways, isOfTwo);
  }

  /** {@return this with the numbers that it is about besides the data} */
  public FormulaMeasure about(Parameter... parameters) {
    return new FormulaMeasure(
        key, subject, quantity, by, unit, List.of(parameters), quick, mixed, ways, isOfTwo);
  }

  /** {@return this with a quicker way to the same result for large data} */
  public FormulaMeasure quickly(FastPath way) {
    return new FormulaMeasure(
        key, subject, quantity, by, unit, needed, Optional.of(way), mixed, ways, isOfTwo);
  }

  /** {@return this with the mistakes that only it knows, for such data} */
  public FormulaMeasure slipping(Function<MeasureContext, List<Slip>> slips) {
    return new FormulaMeasure(
        key, subject, quantity, by, unit, needed, quick, slips, ways, isOfTwo);
  }

  /** {@return this with the mistakes that only it knows} */
  public FormulaMeasure slipping(Slip... slips) {
    return slipping(context -> List.of(slips));
  }

  /** {@return this as one that compares two groups} */
  public FormulaMeasure ofTwo() {
    return new FormulaMeasure(key, subject, quantity, by, unit, needed, quick, mixed, ways, true);
  }

  /** {@return this with another formula by a method} */
  public FormulaMeasure by(Method method, Formula other) {
    return by(method, context -> Optional.of(other));
  }

  /** {@return this with another formula by a method, for the data that have one} */
  public FormulaMeasure by(Method method, Function<MeasureContext, Optional<Formula>> other) {
    Map<Method, Function<MeasureContext, Optional<Formula>>> all = new EnumMap<>(Method.class);
    all.putAll(ways);
    all.put(method, other);
    return new FormulaMeasure(
        key, subject, quantity, by, unit, needed, quick, mixed, Map.copyOf(all), isOfTwo);
  }

  @Override
  public Optional<Definition.ByFormula> way(Method method, MeasureContext context) {
    return Optional.ofNullable(ways.get(method))
        .flatMap(way -> way.apply(context))
        .map(Definition::of);
  }

  @Override
  public List<Slip> slips(MeasureContext context) {
    return mixed.apply(context);
  }

  @Override
  public Optional<String> givenForAnother() {
    return needed.isEmpty() ? Optional.of(key) : Optional.empty();
  }

  @Override
  public Family family() {
    return Family.SHAPE;
  }

  @Override
  public Quantity quantity(MeasureContext context) {
    return quantity;
  }

  @Override
  public Definition definition(MeasureContext context) {
    return by.apply(context);
  }

  @Override
  public Dimension dimension(List<Exact> arguments) {
    return unit;
  }

  @Override
  public List<Parameter> parameters() {
    return needed;
  }

  @Override
  public Optional<FastPath> fast(MeasureContext context) {
    return quick;
  }

  @Override
  public String toString() {
    return key;
  }
}
