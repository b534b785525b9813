package promedio.files.report;

import java.util.List;
import promedio.core.working.Working;

/** Writes a working. */
interface WorkingWriter {

  /** {@return the working, line by line} */
  List<String> write(Working working);
}
