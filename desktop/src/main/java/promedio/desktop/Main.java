package promedio.desktop;

import promedio.desktop.cli.PromedioCommand;

/** Where the program starts. */
public final class Main {

  private Main() {}

  /** Runs the command line; without arguments that opens the window. */
  public static void main(String[] arguments) {
    int code = PromedioCommand.run(arguments);
    // The toolkit of the window may have left threads behind.
    System.exit(code);
  }
}
