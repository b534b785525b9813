package promedio.core.rules;

/** A choice that files, the command line and tests know by a code. */
public interface Coded {

  /** {@return the code, which never changes} */
  String code();
}
