package promedio.desktop.work;

import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import java.util.function.Supplier;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.message.Texts;
import promedio.desktop.projection.Computations;
import promedio.desktop.projection.Projection;
import promedio.desktop.session.Background;

/** What takes longer than a frame is read apart from the window, and shown when it is known. */
final class LongReading {

  private final Background background;
  private final Computations computations;

  /** How often something was given to be read, so that only the newest reading tells. */
  private int readings;

  LongReading(Background background, Computations computations) {
    this.background = background;
    this.computations = computations;
  }

  /**
   * Reads what the newest projection lacks.
   *
   * @param newest what is shown, also when it is read
   * @param publish shows another projection
   */
  void begin(Supplier<Projection> newest, Consumer<Projection> publish) {
    List<Item> missing = newest.get().missing();
    int reading = ++readings;
    if (missing.isEmpty() || newest.get().stopped()) {
      return;
    }
    Assignment now = newest.get().assignment();
    background.watch(
        Background.Lane.READING,
        Texts.of("work.reading", missing.get(0).name()),
        progress -> {
          missing.forEach(item -> computations.of(now, item));
          return missing;
        },
        done -> publish.accept(newest.get().again()),
        failure -> {
          if (!(failure instanceof CancellationException)) {
            throw new IllegalStateException(failure);
          }
          if (reading == readings && newest.get().analysis() == null) {
            publish.accept(newest.get().stoppedReading());
          }
        });
  }
}
