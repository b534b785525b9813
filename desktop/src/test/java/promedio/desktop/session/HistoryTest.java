package promedio.desktop.session;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class HistoryTest {

  private final History<String> history = new History<>("");

  @Test
  void goesBackAndForthStepByStep() {
    history.edit("one", "", "a");
    history.edit("two", "", "b");

    assertThat(history.nameOfUndo()).contains("two");
    history.undo();
    assertThat(history.present()).isEqualTo("a");
    assertThat(history.nameOfUndo()).contains("one");
    assertThat(history.nameOfRedo()).contains("two");
    history.redo();
    assertThat(history.present()).isEqualTo("b");
    assertThat(history.nameOfRedo()).isEmpty();
  }

  @Test
  void editsOfOneKeyAreOneStep() {
    history.edit("typing", "values 1", "8");
    history.edit("typing", "values 1", "8 1");
    history.edit("typing", "values 1", "8 10");
    history.undo();
    assertThat(history.present()).isEmpty();

    history.redo();
    history.edit("typing", "values 1", "8 10 1");
    history.undo();
    assertThat(history.present()).isEqualTo("8 10");
  }

  @Test
  void anotherKeyBeginsAnotherStep() {
    history.edit("typing", "values 1", "8");
    history.edit("answer", "answer mean", "8!");
    history.edit("typing", "values 1", "8!9");

    history.undo();
    assertThat(history.present()).isEqualTo("8!");
    history.undo();
    assertThat(history.present()).isEqualTo("8");
  }

  @Test
  void whatChangesNothingIsNoStep() {
    history.edit("nothing", "", "");

    assertThat(history.nameOfUndo()).isEmpty();
    history.undo();
    history.redo();
    assertThat(history.present()).isEmpty();
  }

  @Test
  void aNewEditEndsTheOldFuture() {
    history.edit("one", "", "a");
    history.undo();
    history.edit("other", "", "b");

    assertThat(history.nameOfRedo()).isEmpty();
    history.undo();
    assertThat(history.present()).isEmpty();
  }
}
