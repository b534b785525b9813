package promedio.core.calculation;

import org.jspecify.annotations.Nullable;

/**
 * Statements that hold, do not hold, or cannot be told ({@code null}) since an entry is missing.
 */
final class Logic {

  private Logic() {}

  static @Nullable Boolean and(@Nullable Boolean a, @Nullable Boolean b) {
    if (Boolean.FALSE.equals(a) || Boolean.FALSE.equals(b)) {
      return false;
    }
    return (a == null || b == null) ? null : Boolean.TRUE;
  }

  static @Nullable Boolean or(@Nullable Boolean a, @Nullable Boolean b) {
    if (Boolean.TRUE.equals(a) || Boolean.TRUE.equals(b)) {
      return true;
    }
    return (a == null || b == null) ? null : Boolean.FALSE;
  }

  static @Nullable Boolean not(@Nullable Boolean a) {
    return a == null ? null : !a;
  }
}
