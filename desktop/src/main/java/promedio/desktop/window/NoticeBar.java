package promedio.desktop.window;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.desktop.Texts;
import promedio.desktop.work.Background;
import promedio.desktop.work.Background.Job;

/**
 * A line under the rules that tells what went wrong, and what is under way with a way to stop it.
 */
final class NoticeBar extends VBox {

  private final Label message = new Label();
  private final HBox notice;
  private final HBox progress = new HBox(12);
  private final Background background;

  NoticeBar(Background background) {
    this.background = background;
    Button away = new Button(Texts.of("notice.away"));
    away.setOnAction(event -> clear());
    message.setWrapText(true);
    HBox.setHgrow(message, Priority.ALWAYS);
    message.setMaxWidth(Double.MAX_VALUE);
    notice = new HBox(12, message, away);
    notice.setAlignment(Pos.CENTER_LEFT);
    notice.getStyleClass().add("notice");
    notice.setId("notice");
    progress.setAlignment(Pos.CENTER_LEFT);
    progress.getStyleClass().add("progress-line");
    getChildren().addAll(notice, progress);
    clear();
    background.runningProperty().subscribe(this::showRunning);
  }

  void tell(String text) {
    message.setText(text);
    Nodes.setShown(notice, true);
  }

  /** Offers work that was not saved; either button puts the offer away. */
  void offer(String text, Runnable bringBack, Runnable throwAway) {
    Label question = new Label(text);
    question.setWrapText(true);
    question.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(question, Priority.ALWAYS);
    Button back = new Button(Texts.of("recover.bring-back"));
    Button away = new Button(Texts.of("recover.throw-away"));
    back.setMinWidth(USE_PREF_SIZE);
    away.setMinWidth(USE_PREF_SIZE);
    HBox line = new HBox(12, question, back, away);
    line.setAlignment(Pos.CENTER_LEFT);
    line.getStyleClass().add("offer-line");
    back.setOnAction(event -> answer(line, bringBack));
    away.setOnAction(event -> answer(line, throwAway));
    getChildren().add(line);
  }

  private void answer(HBox line, Runnable action) {
    getChildren().remove(line);
    action.run();
  }

  void clear() {
    Nodes.setShown(notice, false);
  }

  private void showRunning(@Nullable Job job) {
    Nodes.setShown(progress, job != null);
    progress.getChildren().clear();
    if (job != null) {
      Button cancel = new Button(Texts.of("work.cancel"));
      cancel.setOnAction(event -> job.cancel());
      ProgressBar bar = new ProgressBar(ProgressBar.INDETERMINATE_PROGRESS);
      bar.progressProperty().bind(background.progressProperty());
      bar.setAccessibleText(job.title());
      progress.getChildren().addAll(new Label(job.title()), bar, cancel);
    }
  }
}
