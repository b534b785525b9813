package promedio.desktop.window.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Work that nobody is to feel waits until the student rests. */
class IdleTaskTest extends OpenWindow {

  @Test
  void itIsDoneOnceAndNotWhileSomethingIsTyped() throws Exception {
    AtomicLong lastKey = new AtomicLong(System.nanoTime());
    List<Long> rests = new CopyOnWriteArrayList<>();
    robot.interact(
        () -> {
          view.getScene().addEventFilter(InputEvent.ANY, event -> lastKey.set(System.nanoTime()));
          IdleTask.then(view.getScene(), () -> rests.add(System.nanoTime() - lastKey.get()));
        });
    for (int key = 0; key < 10; key++) {
      robot.type(KeyCode.SHIFT);
    }
    waitUntil(() -> !rests.isEmpty());
    robot.type(KeyCode.SHIFT);
    TimeUnit.MILLISECONDS.sleep(900);

    assertThat(rests).hasSize(1);
    // Pulses come ten times a second in tests, and the pause begins with one.
    assertThat(TimeUnit.NANOSECONDS.toMillis(rests.get(0))).isGreaterThan(500);
  }
}
