package promedio.desktop.session;

import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import promedio.core.message.Texts;
import promedio.files.settings.Settings;
import promedio.files.settings.SettingsFile;

/** What is remembered for the person, for all windows of the program; kept in a file. */
public final class SettingsStore {

  private final SettingsFile file;
  private final Background background;
  private final ReadOnlyObjectWrapper<Settings> settings;

  /**
   * Makes it.
   *
   * @param file where they are kept
   * @param read what was read there
   * @param background where they are written
   */
  public SettingsStore(SettingsFile file, Settings read, Background background) {
    this.file = file;
    this.background = background;
    this.settings = new ReadOnlyObjectWrapper<>(this, "settings", read);
  }

  /** {@return what is remembered} */
  public ReadOnlyObjectProperty<Settings> settingsProperty() {
    return settings.getReadOnlyProperty();
  }

  /** {@return what is remembered now} */
  public Settings get() {
    return settings.get();
  }

  /** Changes what is remembered, and keeps it. */
  public void remember(UnaryOperator<Settings> change) {
    Settings changed = change.apply(settings.get());
    if (!changed.equals(settings.get())) {
      settings.set(changed);
      background.run(
          Background.Lane.SETTINGS,
          Texts.of("work.settings"),
          () -> {
            file.write(changed);
            return changed;
          },
          written -> {},
          failure -> {
            throw new IllegalStateException(failure);
          });
    }
  }
}
