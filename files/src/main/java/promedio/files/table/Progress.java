package promedio.files.table;

/** Is told how far a long piece of work is. */
@FunctionalInterface
public interface Progress {

  /** Nobody asks. */
  Progress NONE = (done, total) -> {};

  /**
   * Takes how far the work is.
   *
   * @param done how much is done
   * @param total how much there is, in the same unit
   */
  void at(long done, long total);
}
