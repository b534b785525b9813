package promedio.desktop;

import promedio.core.message.Language;
import promedio.desktop.cli.PromedioCommand;

/** Where the program starts. */
public final class Main {

  /** Read by the settings of the log. */
  private static final String LOG = "promedio.log";

  private Main() {}

  /** Runs the command line; without arguments that opens the window. */
  public static void main(String[] arguments) {
    // Formulas are set with classes that would otherwise look for a display of their own, which a
    // Java without desktop parts does not have; the window needs none of that.
    System.setProperty("java.awt.headless", "true");
    if (System.getProperty(LOG) == null) {
      System.setProperty(LOG, Folders.ofPerson().log().toString());
    }
    Language.speak(Language.ofSystem());
    int code = PromedioCommand.run(arguments);
    StartArchive.renew();
    // The toolkit of the window may have left threads behind.
    System.exit(code);
  }
}
