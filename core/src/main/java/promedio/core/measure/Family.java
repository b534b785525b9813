package promedio.core.measure;

/** What a measure tells about a sample. */
public enum Family {
  POSITION,
  SPREAD,
  SHAPE
}
