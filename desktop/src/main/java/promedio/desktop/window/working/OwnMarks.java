package promedio.desktop.window.working;

import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import promedio.core.marking.OwnMark;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.files.report.ShownNumbers;

/** How the judgement of an own number looks: a shape at its field, and words. */
final class OwnMarks {

  private OwnMarks() {}

  /** Dresses the field by what its number is worth. */
  static void show(TextField field, Optional<OwnMark> mark) {
    for (OwnMark.Worth worth : OwnMark.Worth.values()) {
      field.pseudoClassStateChanged(
          PseudoClass.getPseudoClass(worth.code()),
          mark.filter(m -> m.worth() == worth).isPresent());
    }
    field.setAccessibleHelp(mark.map(m -> Texts.of("own." + m.worth().code())).orElse(""));
    field.setTooltip(mark.map(m -> new Tooltip(Texts.of("own." + m.worth().code()))).orElse(null));
  }

  /** {@return what the judgement says; what should stand there only if it may be told} */
  static String words(OwnMark mark, ShownNumbers numbers, boolean tell) {
    return switch (mark.worth()) {
      case RIGHT -> Texts.of("own.right");
      case FOLLOWS -> Texts.of("own.follows");
      case UNREADABLE -> mark.reason().map(Message::text).orElse("");
      case WRONG ->
          tell
              ? Texts.of("own.should", mark.due().map(numbers::shown).orElse(""))
              : Texts.of("own.wrong");
    };
  }
}
