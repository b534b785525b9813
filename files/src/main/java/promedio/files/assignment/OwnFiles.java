package promedio.files.assignment;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.files.SafeWrite;

/**
 * Knows which assignment files the person saved here as they are now. Any other one came from
 * elsewhere, and what it refers to is not read unasked.
 */
public final class OwnFiles {

  private static final Logger LOG = LoggerFactory.getLogger(OwnFiles.class);

  private final Path folder;

  /** Keeps what it knows in this folder. */
  public OwnFiles(Path folder) {
    this.folder = folder;
  }

  /** Notes that the person saved the file; a failure means only that they are asked later on. */
  public void add(Path file, String fingerprint) {
    try {
      SafeWrite.write(note(file), fingerprint.getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      LOG.warn("cannot note that {} was saved here", file, e);
    }
  }

  /** {@return whether the person saved the file, and it is still what was saved} */
  public boolean holds(Path file, String fingerprint) {
    try {
      Path note = note(file);
      return Files.isRegularFile(note) && Files.readString(note).equals(fingerprint);
    } catch (IOException e) {
      LOG.warn("cannot tell whether {} was saved here", file, e);
      return false;
    }
  }

  private Path note(Path file) {
    byte[] path = file.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8);
    return folder.resolve(UUID.nameUUIDFromBytes(path) + ".own");
  }
}
