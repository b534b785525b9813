package promedio.desktop.window.working;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.working.Working;
import promedio.desktop.window.control.Controls;
import promedio.files.report.ShownNumbers;
import promedio.files.report.TaskTexts;
import promedio.files.report.WorkingFormat;

/** The menu by which a working, or its table, is copied in several forms. */
final class CopyMenu extends MenuButton {

  /**
   * What is copied.
   *
   * @param request what is worked
   * @param working its working
   * @param numbers how its numbers are shown
   */
  record Shown(Request request, Working working, ShownNumbers numbers) {

    String title() {
      return TaskTexts.title(request, numbers);
    }
  }

  private final Supplier<Optional<Shown>> shown;

  CopyMenu(Supplier<Optional<Shown>> shown) {
    super(Texts.of("working.copy"));
    this.shown = shown;
    getStyleClass().add("quiet-menu");
    add("working.copy-page", now -> WorkingCopy.working(now.title(), now.working(), now.numbers()));
    add("working.copy-text", now -> copy(WorkingFormat.TEXT, now));
    add("working.copy-markdown", now -> copy(WorkingFormat.MARKDOWN, now));
    add("working.copy-latex", now -> copy(WorkingFormat.LATEX, now));
    add(
        "working.copy-table",
        now -> now.working().table().ifPresent(table -> WorkingCopy.table(table, now.numbers())));
  }

  private void add(String key, Consumer<Shown> copying) {
    MenuItem item = Controls.literal(new MenuItem(Texts.of(key)));
    item.setOnAction(event -> shown.get().ifPresent(copying));
    getItems().add(item);
  }

  private static void copy(WorkingFormat format, Shown now) {
    WorkingCopy.working(format, now.title(), now.working(), now.numbers());
  }
}
