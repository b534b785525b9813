package promedio.desktop.window.shell;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.collections.ListChangeListener;
import javafx.stage.Stage;
import javafx.stage.WindowEvent;
import promedio.core.message.Texts;
import promedio.desktop.session.Background;
import promedio.desktop.session.DocumentStore;

/**
 * Closes the window, which never asks: it waits for what is being written, keeps what is not saved,
 * and stays open where something would be lost. While it waits, closing can be called off.
 */
final class Closing {

  private final Stage stage;
  private final Background background;
  private final DocumentStore store;
  private final Supplier<AssignmentView> view;

  /** Whether the window closes as soon as nothing is written any more. */
  private boolean waiting;

  /** What the person was told would be lost; who closes again after that means it. */
  private Optional<String> told = Optional.empty();

  /**
   * Makes it.
   *
   * @param view what the window shows now
   */
  Closing(Stage stage, Background background, DocumentStore store, Supplier<AssignmentView> view) {
    this.stage = stage;
    this.background = background;
    this.store = store;
    this.view = view;
    background
        .running()
        .addListener((ListChangeListener<Background.Job>) change -> closeWhenWritten());
  }

  /** Takes the wish to close the window. */
  void request(WindowEvent event) {
    event.consume();
    if (waiting) {
      return;
    }
    waiting = true;
    if (background.isLasting()) {
      view.get().offerToStay(this::callOff);
    } else {
      closeWhenWritten();
    }
  }

  private void callOff() {
    waiting = false;
  }

  private void closeWhenWritten() {
    if (waiting && !background.isLasting()) {
      store.keepAllThen(this::close);
    }
  }

  private void close(Optional<String> problem) {
    if (!waiting || background.isLasting()) {
      // Called off, or what has ended let something else begin, which is waited for too.
      return;
    }
    waiting = false;
    if (problem.isPresent() && !problem.equals(told)) {
      told = problem;
      view.get().tell(Texts.of("close.would-lose", problem.get()));
    } else {
      stage.hide();
    }
  }
}
