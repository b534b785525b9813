package promedio.core.tidy;

/** What several entries are taken together to. */
public enum Total {
  SUM,
  MEAN
}
