package promedio.desktop.work;

import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Queue;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import org.jspecify.annotations.Nullable;
import promedio.desktop.session.Background;
import promedio.files.table.DataSource;

/** What is imported into a document, one after the other; each is looked at first. */
public final class Imports {

  private final Background background;
  private final ReadOnlyObjectWrapper<@Nullable ImportSession> importing =
      new ReadOnlyObjectWrapper<>(this, "importing");
  private final Queue<Path> waiting = new ArrayDeque<>();

  Imports(Background background) {
    this.background = background;
  }

  /** {@return what is being imported and looked at first, {@code null} when nothing is} */
  public ReadOnlyObjectProperty<@Nullable ImportSession> property() {
    return importing.getReadOnlyProperty();
  }

  /** {@return data files that were dropped together and are not looked at yet; may be changed} */
  public Queue<Path> waiting() {
    return waiting;
  }

  /** Begins to import a table: it is read and shown, and nothing is changed yet. */
  public ImportSession begin(DataSource source) {
    ImportSession begun = new ImportSession(source, background);
    importing.set(begun);
    return begun;
  }

  /**
   * {@return an import of a made-up table, which nobody sees and which changes nothing}: the first
   * time through any code is many times slower than the next, so it is gone through beforehand
   */
  public ImportSession rehearse() {
    return ImportSession.rehearsal(background);
  }

  /** Imports nothing after all; what is still being read is not read on. */
  public void end() {
    if (importing.get() != null) {
      importing.set(null);
      background.cancel(Background.Lane.PREVIEW);
    }
  }
}
