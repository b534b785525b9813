package promedio.desktop.window.shell;

import java.util.List;
import javafx.animation.PauseTransition;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import promedio.core.message.Texts;
import promedio.desktop.session.Background;
import promedio.desktop.session.Background.Job;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/**
 * A line under the rules that tells what went wrong, and what is under way with a way to stop it.
 */
public final class NoticeBar extends VBox {

  private final Label message = new Label();
  private final HBox notice;
  private final VBox progress = new VBox(4);

  /** What is done within this time is not worth a line that comes and goes. */
  private final PauseTransition patience = new PauseTransition(Duration.millis(300));

  NoticeBar(Workspace workspace) {
    Background background = workspace.background();
    Button away = new Button(Texts.of("notice.dismiss"));
    away.setId("notice-away");
    away.setMinWidth(USE_PREF_SIZE);
    away.setOnAction(event -> clear());
    message.setWrapText(true);
    HBox.setHgrow(message, Priority.ALWAYS);
    message.setMaxWidth(Double.MAX_VALUE);
    notice = new HBox(12, message, away);
    notice.setAlignment(Pos.CENTER_LEFT);
    notice.getStyleClass().add("notice");
    notice.setId("notice");
    getChildren().addAll(notice, progress);
    clear();
    Nodes.setShown(progress, false);
    patience.setOnFinished(event -> showRunning(background.running()));
    ListChangeListener<Job> follow =
        change -> {
          if (background.running().isEmpty() || progress.isVisible()) {
            showRunning(background.running());
          } else {
            patience.playFromStart();
          }
        };
    background.running().addListener(follow);
    workspace.whileViewed(() -> background.running().removeListener(follow));
  }

  public void tell(String text) {
    message.setText(text);
    Nodes.setShown(notice, true);
  }

  /** Offers one thing to be done; its button dismisses the offer. */
  void offer(String text, String doIt, Runnable does) {
    HBox line = offerLine(text);
    line.getChildren().add(answer(line, doIt, does));
  }

  /** Offers something to be done or left; either button dismisses the offer. */
  void offer(String text, String doIt, Runnable does, String leaveIt, Runnable leaves) {
    HBox line = offerLine(text);
    line.getChildren().addAll(answer(line, doIt, does), answer(line, leaveIt, leaves));
  }

  private HBox offerLine(String text) {
    Label question = new Label(text);
    question.setWrapText(true);
    question.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(question, Priority.ALWAYS);
    HBox line = new HBox(12, question);
    line.setAlignment(Pos.CENTER_LEFT);
    line.getStyleClass().add("offer-line");
    getChildren().add(line);
    return line;
  }

  private Button answer(HBox line, String text, Runnable action) {
    Button button = Controls.literal(new Button(text));
    button.setMinWidth(USE_PREF_SIZE);
    button.setOnAction(
        event -> {
          getChildren().remove(line);
          action.run();
        });
    return button;
  }

  /** Dismisses what is told; returns whether anything was. */
  boolean close() {
    boolean told = notice.isVisible();
    clear();
    return told;
  }

  void clear() {
    Nodes.setShown(notice, false);
  }

  private void showRunning(List<Job> jobs) {
    List<Job> told = jobs.stream().filter(job -> job.lane().isTold()).toList();
    Nodes.setShown(progress, !told.isEmpty());
    progress.getChildren().setAll(told.stream().map(NoticeBar::line).toList());
  }

  private static HBox line(Job job) {
    Button cancel = new Button(Texts.of("work.cancel"));
    cancel.setMinWidth(USE_PREF_SIZE);
    cancel.setOnAction(event -> job.cancel());
    ProgressBar bar = new ProgressBar(ProgressBar.INDETERMINATE_PROGRESS);
    bar.progressProperty().bind(job.progress());
    bar.setAccessibleText(job.title());
    HBox line = new HBox(12, new Label(job.title()), bar, cancel);
    line.setAlignment(Pos.CENTER_LEFT);
    line.getStyleClass().add("progress-line");
    return line;
  }
}
