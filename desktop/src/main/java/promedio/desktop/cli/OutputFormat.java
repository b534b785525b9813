package promedio.desktop.cli;

import java.util.Locale;

/** How a command writes what it found. */
enum OutputFormat {
  TEXT,
  JSON;

  @Override
  public String toString() {
    return name().toLowerCase(Locale.ROOT);
  }
}
