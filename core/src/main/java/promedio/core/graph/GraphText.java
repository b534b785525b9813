package promedio.core.graph;

import java.util.Locale;

/** What a student may say of a graph in words. */
public enum GraphText {
  /** What stands above it. */
  TITLE,
  /** What the values are, with their unit. */
  AXIS,
  /** The distance of the numbers along the axis of the values. */
  TICKS,
  /** The percentiles that are read off an ogive, as percentages. */
  PERCENTILES,
  /** The column of a table by whose categories points differ in colour and shape. */
  CATEGORY;

  /** {@return its name in files} */
  public String code() {
    return name().toLowerCase(Locale.ROOT);
  }
}
