package promedio.document;

import com.openhtmltopdf.util.Diagnostic;
import com.openhtmltopdf.util.XRLogger;
import java.util.logging.Level;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What the layout of pages has to tell, which nobody who hands in needs to see, goes to the log.
 */
final class LayoutLog implements XRLogger {

  private static final Logger LOG = LoggerFactory.getLogger(LayoutLog.class);

  @Override
  public void log(String where, Level level, String message) {
    if (level.intValue() >= Level.WARNING.intValue()) {
      LOG.warn("{}: {}", where, message);
    } else {
      LOG.debug("{}: {}", where, message);
    }
  }

  @Override
  public void log(String where, Level level, String message, Throwable thrown) {
    LOG.warn("{}: {}", where, message, thrown);
  }

  @Override
  public void setLevel(String logger, Level level) {
    // The levels are those of the program's log.
  }

  @Override
  public boolean isLogLevelEnabled(Diagnostic diagnostic) {
    return diagnostic.getLevel().intValue() >= Level.WARNING.intValue();
  }
}
