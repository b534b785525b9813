package promedio.desktop.window.shell;

import com.sun.javafx.tk.Toolkit;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.event.EventTarget;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import org.testfx.api.FxRobot;

/**
 * Someone with quick hands: types and clicks as the robot does, and goes on as soon as the window
 * has done what it was told and is laid out, not after a while.
 */
final class QuickRobot extends FxRobot {

  private static final int SECONDS = 60;

  /** What a handler sends on is done in the next round; what that sends on, in the one after. */
  private static final int ROUNDS = 2;

  @Override
  public FxRobot interact(Runnable act) {
    onWindow(act);
    settle();
    return this;
  }

  /** Waits until the window has done what it was told, and is laid out. */
  static void settle() {
    for (int i = 0; i < ROUNDS; i++) {
      // Styles what has changed only: to ask all of the window to do it takes most of a test.
      onWindow(Toolkit.getToolkit()::firePulse);
    }
  }

  /** {@return whether something holds, asked on the thread of the window} */
  static boolean holds(Callable<Boolean> condition) {
    boolean[] holds = new boolean[1];
    onWindow(
        () -> {
          try {
            holds[0] = condition.call();
          } catch (RuntimeException e) {
            throw e;
          } catch (Exception e) {
            throw new IllegalStateException(e);
          }
        });
    return holds[0];
  }

  private static void onWindow(Runnable act) {
    CompletableFuture<Boolean> done = new CompletableFuture<>();
    Platform.runLater(
        () -> {
          try {
            act.run();
            done.complete(true);
          } catch (RuntimeException | Error e) {
            done.completeExceptionally(e);
          }
        });
    try {
      done.get(SECONDS, TimeUnit.SECONDS);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof Error error) {
        throw error;
      }
      throw new IllegalStateException("the act failed", e.getCause());
    } catch (InterruptedException | TimeoutException e) {
      throw new IllegalStateException("the window does not answer", e);
    }
  }

  @Override
  public FxRobot write(String text) {
    for (int i = 0; i < text.length(); i++) {
      String sign = text.substring(i, i + 1);
      switch (sign) {
        case "\n" -> type(KeyCode.ENTER);
        case "\t" -> type(KeyCode.TAB);
        default -> interact(() -> fire(KeyEvent.KEY_TYPED, sign, KeyCode.UNDEFINED, List.of()));
      }
    }
    return this;
  }

  @Override
  public FxRobot type(KeyCode... keys) {
    for (KeyCode key : keys) {
      press(key, List.of());
    }
    return this;
  }

  /** The last key is pressed while the others are held. */
  @Override
  public FxRobot push(KeyCode... keys) {
    List<KeyCode> all = List.of(keys);
    press(all.get(all.size() - 1), all.subList(0, all.size() - 1));
    return this;
  }

  private void press(KeyCode key, List<KeyCode> held) {
    interact(
        () -> {
          fire(KeyEvent.KEY_PRESSED, KeyEvent.CHAR_UNDEFINED, key, held);
          if (held.isEmpty() && (key.isLetterKey() || key.isDigitKey())) {
            String sign = key.getChar().toLowerCase(Locale.ROOT);
            fire(KeyEvent.KEY_TYPED, sign, KeyCode.UNDEFINED, held);
          }
          fire(KeyEvent.KEY_RELEASED, KeyEvent.CHAR_UNDEFINED, key, held);
        });
  }

  private static void fire(EventType<KeyEvent> type, String sign, KeyCode key, List<KeyCode> held) {
    Scene scene =
        Window.getWindows().stream()
            .filter(Window::isFocused)
            .reduce((below, above) -> above)
            .orElseThrow()
            .getScene();
    Node owner = scene.getFocusOwner();
    EventTarget target = owner == null ? scene : owner;
    boolean shift = held.contains(KeyCode.SHIFT);
    boolean control = held.contains(KeyCode.CONTROL) || held.contains(KeyCode.SHORTCUT);
    Event.fireEvent(target, new KeyEvent(type, sign, "", key, shift, control, false, false));
  }

  @Override
  public FxRobot clickOn(String query, MouseButton... buttons) {
    return click(query, 1);
  }

  @Override
  public FxRobot clickOn(Node node, MouseButton... buttons) {
    return click(point(node).query(), 1);
  }

  @Override
  public FxRobot doubleClickOn(String query, MouseButton... buttons) {
    return click(query, 2);
  }

  private FxRobot click(String query, int times) {
    return click(point(query).query(), times);
  }

  private FxRobot click(Point2D point, int times) {
    interact(() -> new Robot().mouseMove(point));
    for (int i = 0; i < times; i++) {
      interact(
          () -> {
            Robot hand = new Robot();
            hand.mousePress(MouseButton.PRIMARY);
            hand.mouseRelease(MouseButton.PRIMARY);
          });
    }
    return this;
  }
}
