package promedio.bench;

import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import promedio.desktop.Folders;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.window.shell.AssignmentView;
import promedio.desktop.window.shell.NoFileChoice;
import promedio.desktop.window.shell.PromedioApplication;
import promedio.desktop.work.Background;
import promedio.desktop.work.DocumentStore;
import promedio.desktop.work.Workspace;

/** Two programs that say on standard output when their first window has been drawn. */
final class FirstWindow {

  static final String DRAWN = "drawn";

  private FirstWindow() {}

  /** The second pulse after showing comes when the first picture is done. */
  private static void sayWhenDrawn() {
    new AnimationTimer() {
      private int pulses;

      @Override
      public void handle(long now) {
        if (++pulses == 2) {
          stop();
          System.out.println(DRAWN);
        }
      }
    }.start();
  }

  /** A window with one word in it. */
  static final class Bare {
    private Bare() {}

    public static void main(String[] arguments) {
      Application.launch(BareApplication.class);
    }
  }

  /** The program on the demo assignment. */
  static final class Program {
    private Program() {}

    public static void main(String[] arguments) {
      Application.launch(ProgramApplication.class);
    }
  }

  /** For the toolkit. */
  public static final class BareApplication extends Application {
    @Override
    public void start(Stage stage) {
      stage.setScene(new Scene(new Label("bare"), 1280, 800));
      stage.show();
      sayWhenDrawn();
    }
  }

  /** For the toolkit. */
  public static final class ProgramApplication extends Application {
    @Override
    public void start(Stage stage) {
      Workspace workspace = new Workspace(DemoAssignment.create(), Background.ofWindow());
      DocumentStore store = new DocumentStore(workspace, Folders.ofPerson());
      stage.setScene(
          PromedioApplication.scene(new AssignmentView(workspace, store, new NoFileChoice())));
      stage.show();
      sayWhenDrawn();
    }
  }
}
