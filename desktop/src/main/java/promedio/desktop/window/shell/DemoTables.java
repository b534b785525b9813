package promedio.desktop.window.shell;

import promedio.core.message.Texts;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.session.Session;
import promedio.desktop.session.TableReading;

/** The tables of the demo, which are read apart from the window once its samples are there. */
final class DemoTables {

  private DemoTables() {}

  /** Reads them for the document that is shown now. */
  static void readLater(Session session) {
    TableReading reading = new TableReading(session);
    reading.addLater(
        Texts.of("demo.trays"),
        DemoAssignment.TRAYS,
        () -> DemoAssignment.trays(DemoAssignment.TRAYS));
    reading.addLater(Texts.of("demo.weights"), DemoAssignment.WEIGHTS, DemoAssignment::weights);
  }
}
