package promedio.bench;

import com.sun.javafx.scene.SceneHelper;
import com.sun.javafx.tk.Toolkit;
import java.io.IOException;
import java.lang.reflect.Method;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Background;
import promedio.desktop.work.Workspace;

/**
 * A key press until all of it is painted, in a window in which every view was opened once, beside
 * the same in a bare text area of the toolkit of the same size, in turns.
 */
final class KeyPress {

  private static final int ROUNDS = 10;

  /** The first rounds warm the virtual machine up. */
  private static final int COUNTED = 3;

  private static final int TIMES = 21;
  private static final int CLASS_TABLE = 6;
  private static final Method PULSE = pulse();

  private static final Workspace workspace =
      new Workspace(DemoAssignment.create(), Background.ofWindow());
  private static int published;

  /** How often views were shown something in one turn in our window. */
  private static int publishes;

  private KeyPress() {}

  /** Does it in a virtual machine of its own, since a toolkit starts once. */
  static void run(Path home) throws IOException, InterruptedException {
    List<String> command =
        JavaProcess.command(List.of(), JavaProcess.classPath(home), KeyPress.class);
    if (new ProcessBuilder(command).inheritIO().start().waitFor() != 0) {
      throw new IOException("failed: " + command);
    }
  }

  /** Types and tells how long it took. */
  public static void main(String[] arguments) throws Exception {
    Scene scene = MemoryWindow.open(workspace);
    openEverything();
    workspace.show((before, now) -> published++);
    values(scene, "24 values", 1, text(24));
    values(scene, "1,000 values", 1, text(1000));
    MemoryWindow.onToolkit(() -> workspace.choose(CLASS_TABLE));
    report(
        "a class table",
        scene,
        (TextField) scene.lookup("#form-frequency-1"),
        scene(new TextField()));
    MemoryWindow.onToolkit(() -> workspace.choose(1));
    report("an answer", scene, (TextField) scene.lookup("#answer-mean"), scene(new TextField()));
    chooseInTurns(scene);
    Platform.exit();
  }

  private static String text(int values) {
    return new Random(7)
        .ints(values, 10_000, 20_000)
        .mapToObj(value -> String.valueOf(value / 100.0))
        .collect(Collectors.joining(" "));
  }

  private static void values(Scene scene, String name, int item, String text) throws Exception {
    MemoryWindow.onToolkit(
        () -> {
          workspace.choose(item);
          workspace.items().type(text);
        });
    TextArea area = (TextArea) scene.lookup("#values");
    TextArea bare = new TextArea(text);
    bare.setWrapText(true);
    bare.setMaxSize(area.getWidth(), area.getHeight());
    report(name, scene, area, scene(bare));
  }

  private static Scene scene(TextInputControl field) throws Exception {
    Scene[] made = new Scene[1];
    MemoryWindow.onToolkit(
        () -> {
          made[0] = new Scene(new StackPane(field), 1280, 800);
          Stage stage = new Stage();
          stage.setScene(made[0]);
          stage.show();
        });
    return made[0];
  }

  private static void report(String name, Scene scene, TextInputControl field, Scene bare)
      throws Exception {
    TextInputControl other = (TextInputControl) ((StackPane) bare.getRoot()).getChildren().get(0);
    List<Double> ours = new ArrayList<>();
    List<Double> theirs = new ArrayList<>();
    for (int round = 0; round < ROUNDS; round++) {
      // One window at a time: what is drawn into memory is put together of all that are shown.
      List<Double> mine = inTurn(scene, bare, field);
      List<Double> others = inTurn(bare, scene, other);
      if (round >= ROUNDS - COUNTED) {
        ours.addAll(mine);
        theirs.addAll(others);
      }
    }
    double our = Times.median(ours);
    double their = Times.median(theirs);
    System.out.printf(
        Locale.ROOT,
        "a key press in %-14s %6.2f ms, in a bare field %5.2f ms: %.2f times (at most 4);"
            + " %.2f publishes%n",
        name,
        our,
        their,
        our / their,
        publishes / (double) TIMES);
  }

  private static List<Double> inTurn(Scene shown, Scene hidden, TextInputControl field)
      throws Exception {
    MemoryWindow.onToolkit(
        () -> {
          ((Stage) hidden.getWindow()).hide();
          ((Stage) shown.getWindow()).show();
          field.requestFocus();
          field.end();
        });
    settle();
    int before = published;
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < TIMES; i++) {
      times.add(press(shown, field, i));
    }
    if (published > before) {
      publishes = published - before;
    }
    return times;
  }

  /** One letter more, then one less, so that the text stays as long as it is. */
  private static double press(Scene scene, Node field, int time) throws Exception {
    boolean back = Math.floorMod(time, 2) == 1;
    double[] millis = new double[1];
    MemoryWindow.onToolkit(
        () -> {
          long start = System.nanoTime();
          Event.fireEvent(
              field,
              back
                  ? new KeyEvent(
                      KeyEvent.KEY_PRESSED, "", "", KeyCode.BACK_SPACE, false, false, false, false)
                  : new KeyEvent(
                      KeyEvent.KEY_TYPED, "1", "", KeyCode.UNDEFINED, false, false, false, false));
          paint(scene);
          millis[0] = Times.millisSince(start);
        });
    return millis[0];
  }

  /** Does what happens between two frames, and waits until it is painted. */
  private static void paint(Scene scene) {
    try {
      PULSE.invoke(Toolkit.getToolkit());
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("the toolkit has no such pulse", e);
    }
    SceneHelper.getPeer(scene).waitForRenderingToComplete();
  }

  /** The toolkit paints of itself, sixty times a second at most; here it does at once. */
  private static Method pulse() {
    try {
      Method pulse =
          Class.forName("com.sun.javafx.tk.quantum.QuantumToolkit").getDeclaredMethod("pulse");
      pulse.setAccessible(true);
      return pulse;
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException("the toolkit has no such pulse", e);
    }
  }

  private static void chooseInTurns(Scene scene) throws Exception {
    MemoryWindow.onToolkit(((Stage) scene.getWindow())::show);
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < ROUNDS * TIMES; i++) {
      int id = 1 + i % 2;
      MemoryWindow.onToolkit(
          () -> {
            long start = System.nanoTime();
            workspace.choose(id);
            paint(scene);
            times.add(Times.millisSince(start));
          });
    }
    System.out.printf(
        Locale.ROOT,
        "another sample is chosen      %6.2f ms%n",
        Times.median(times.subList(times.size() / 2, times.size())));
  }

  /** Each view is made when it is first looked at, and follows what is shown from then on. */
  private static void openEverything() throws Exception {
    List<Runnable> looks =
        List.of(
            () -> workspace.showParts(true),
            workspace::showDistributions,
            workspace::showQuestion,
            () -> workspace.showHandIn(true),
            () -> workspace.showHandIn(false),
            () -> workspace.chooseTable(DemoAssignment.TRAYS),
            () -> workspace.workOnSheet(workspace.request()),
            () -> workspace.workOnSheet(null),
            () -> workspace.shelf().addSample(new Source.ValuesText(text(24))));
    for (Item item : workspace.assignment().items()) {
      MemoryWindow.onToolkit(() -> workspace.choose(item.id()));
      settle();
    }
    for (Runnable look : looks) {
      MemoryWindow.onToolkit(look);
      settle();
    }
    MemoryWindow.onToolkit(() -> workspace.choose(1));
    settle();
  }

  private static void settle() throws Exception {
    for (int i = 0; i < 3; i++) {
      MemoryWindow.onToolkit(Toolkit.getToolkit()::firePulse);
    }
  }
}
