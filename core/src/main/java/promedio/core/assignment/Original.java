package promedio.core.assignment;

import java.util.Arrays;

/** Where a table was imported from. */
public sealed interface Original {

  /** {@return the name of the file, or what the table was pasted or typed as} */
  String name();

  /** {@return where it is, as far as a person can be told} */
  default String place() {
    return name();
  }

  /** The bytes themselves, kept within the assignment. */
  final class Kept implements Original {

    private final String name;
    private final byte[] bytes;

    /** Keeps the bytes, which must not be changed afterwards. */
    public Kept(String name, byte[] bytes) {
      this.name = name;
      this.bytes = bytes;
    }

    @Override
    public String name() {
      return name;
    }

    /** {@return the bytes, which must not be changed} */
    public byte[] bytes() {
      return bytes;
    }

    @Override
    public boolean equals(Object other) {
      return other instanceof Kept that
          && name.equals(that.name)
          && Arrays.equals(bytes, that.bytes);
    }

    @Override
    public int hashCode() {
      return 31 * name.hashCode() + bytes.length;
    }
  }

  /**
   * A file that stays where it is.
   *
   * @param path where it is
   * @param fingerprint tells whether it is still the same
   */
  record Referred(String path, String fingerprint) implements Original {
    @Override
    public String place() {
      return path;
    }

    @Override
    public String name() {
      return path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
    }
  }
}
