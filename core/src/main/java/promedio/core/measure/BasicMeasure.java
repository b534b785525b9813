package promedio.core.measure;

import promedio.core.formula.Quantity;

/** A measure that is written in one way by any rules. */
public abstract class BasicMeasure implements Measure {

  private final String key;
  private final Family family;
  private final Quantity quantity;

  /**
   * Makes one.
   *
   * @param key the key by which files and the command line know it
   * @param family what it tells about a sample
   * @param quantity the quantity that it is
   */
  protected BasicMeasure(String key, Family family, Quantity quantity) {
    this.key = key;
    this.family = family;
    this.quantity = quantity;
  }

  @Override
  public final String key() {
    return key;
  }

  @Override
  public final Family family() {
    return family;
  }

  @Override
  public Quantity quantity(MeasureContext context) {
    return quantity;
  }

  @Override
  public String toString() {
    return key;
  }
}
