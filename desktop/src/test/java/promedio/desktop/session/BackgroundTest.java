package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import promedio.desktop.session.Background.Lane;

/** Work apart from the window: what stops what, and what comes after what. */
class BackgroundTest {

  private final ExecutorService worker = Executors.newCachedThreadPool();
  private final ExecutorService window = Executors.newSingleThreadExecutor();
  private final Background background = new Background(worker, window);
  private final List<String> told = new CopyOnWriteArrayList<>();

  @AfterEach
  void end() {
    worker.shutdownNow();
    window.shutdownNow();
  }

  private void run(Lane lane, String name, CountDownLatch held) throws Exception {
    onWindow(
        () ->
            background.run(
                lane,
                name,
                () -> {
                  held.await();
                  return name;
                },
                told::add,
                failure -> told.add("failed")));
  }

  private void onWindow(Runnable act) throws Exception {
    window.submit(act).get(10, TimeUnit.SECONDS);
  }

  private void waitUntilIdle(Lane lane) throws InterruptedException {
    long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(10);
    while (background.isBusy(lane) && System.nanoTime() < end) {
      TimeUnit.MILLISECONDS.sleep(5);
    }
    assertThat(background.isBusy(lane)).isFalse();
  }

  @Test
  void newWorkOfALaneTakesThePlaceOfTheOldAndStopsNothingElse() throws Exception {
    CountDownLatch never = new CountDownLatch(1);
    CountDownLatch exported = new CountDownLatch(1);
    run(Lane.EXPORT, "export", exported);
    run(Lane.SELECTION, "first block", never);
    run(Lane.SELECTION, "second block", new CountDownLatch(0));
    waitUntilIdle(Lane.SELECTION);
    exported.countDown();
    waitUntilIdle(Lane.EXPORT);

    assertThat(told).containsExactly("second block", "export");
  }

  @Test
  void documentsWaitForEachOtherInTurn() throws Exception {
    CountDownLatch first = new CountDownLatch(1);
    run(Lane.DOCUMENTS, "save", first);
    run(Lane.DOCUMENTS, "open", new CountDownLatch(0));
    TimeUnit.MILLISECONDS.sleep(50);
    assertThat(told).isEmpty();
    first.countDown();
    waitUntilIdle(Lane.DOCUMENTS);

    assertThat(told).containsExactly("save", "open");
  }

  @Test
  void whatIsStoppedStopsNotWhatComesAfterIt() throws Exception {
    run(Lane.DOCUMENTS, "save", new CountDownLatch(1));
    run(Lane.DOCUMENTS, "open", new CountDownLatch(0));
    TimeUnit.MILLISECONDS.sleep(50);
    onWindow(() -> background.running().get(0).cancel());
    waitUntilIdle(Lane.DOCUMENTS);

    assertThat(told).containsExactly("open");
  }
}
