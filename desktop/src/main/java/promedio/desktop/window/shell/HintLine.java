package promedio.desktop.window.shell;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.message.Texts;
import promedio.core.sample.Subject;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.ViewState;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/**
 * One line on what can be done with what is looked at, for those who have not done it yet.
 * Dismissed once, it does not come back.
 */
final class HintLine extends HBox {

  private final Label text = Controls.wrapped("", "hint-text");
  private final SettingsStore settings;
  private String shown = "";

  HintLine(Workspace workspace, SettingsStore settings) {
    super(12);
    this.settings = settings;
    setId("hint");
    getStyleClass().add("progress-line");
    setAlignment(Pos.CENTER_LEFT);
    text.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(text, Priority.ALWAYS);
    Hyperlink dismiss = Controls.link("notice.dismiss", "hint-away", this::dismiss);
    getChildren().addAll(text, dismiss);
    workspace.show((before, now) -> show(now));
    workspace.whileViewed(
        settings.settingsProperty().subscribe(() -> show(workspace.projection())));
  }

  private void show(Projection now) {
    shown = fitting(now).filter(name -> !settings.get().dismissed().contains(name)).orElse("");
    if (!shown.isEmpty()) {
      text.setText(Texts.of("hint." + shown));
    }
    Nodes.setShown(this, !shown.isEmpty());
  }

  /** The hint for what is looked at, unless what it says was done already. */
  private static Optional<String> fitting(Projection now) {
    ImportedTable table = now.table();
    Item item = now.item();
    if (now.choice().page() != ViewState.Page.NOTHING) {
      return Optional.empty();
    }
    if (table != null) {
      return table.pipeline().steps().isEmpty() ? Optional.of("table") : Optional.empty();
    }
    if (item == null || isAnswered(now, item)) {
      return Optional.empty();
    }
    boolean one = item.source().shape().subject() == Subject.ONE;
    return one && item.source().typedText().filter(String::isBlank).isPresent()
        ? Optional.empty()
        : Optional.of(one ? "sample" : "several");
  }

  private static boolean isAnswered(Projection now, Item item) {
    return now.assignment().questions().stream()
        .filter(question -> question.about().item() == item.id())
        .anyMatch(question -> !question.answer().isBlank());
  }

  private void dismiss() {
    String dismissed = shown;
    settings.remember(old -> old.withoutHint(dismissed));
  }
}
