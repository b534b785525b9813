package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.BadInputException;
import promedio.files.SafeWrite;

/**
 * Knows which files a person agreed to have read for which assignment: those that its tables held
 * when it was saved here, as long as it is still what was saved. For anything else that an
 * assignment refers to outside of its folder they are asked.
 */
public final class AgreedFiles {

  private static final Logger LOG = LoggerFactory.getLogger(AgreedFiles.class);

  private final Path folder;

  /** Keeps what it knows in this folder. */
  public AgreedFiles(Path folder) {
    this.folder = folder;
  }

  /**
   * Notes what was agreed to when the person saved an assignment; a failure means only that they
   * are asked later on.
   *
   * @param fingerprint what was written into the file
   * @param read the files that tables were read from
   */
  public void add(Path file, String fingerprint, Set<String> read) {
    ObjectNode note = JsonFields.JSON.createObjectNode().put("fingerprint", fingerprint);
    read.stream().sorted().forEach(note.putArray("read")::add);
    try {
      SafeWrite.write(note(file), note.toString().getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      LOG.warn("cannot note what was agreed to for {}", file, e);
    }
  }

  /** {@return the files that may be read for an assignment that is still what was saved} */
  public Set<String> of(Path file, String fingerprint) {
    Path note = note(file);
    if (!Files.isRegularFile(note)) {
      return Set.of();
    }
    try {
      JsonNode noted = JsonFields.parse(Files.readAllBytes(note));
      return JsonFields.text(noted, "fingerprint").equals(fingerprint)
          ? Set.copyOf(JsonFields.texts(noted, "read"))
          : Set.of();
    } catch (IOException | BadInputException e) {
      // A note of another time is worth no trust; the person is asked once more.
      LOG.info("cannot tell what was agreed to for {}", file, e);
      return Set.of();
    }
  }

  private Path note(Path file) {
    byte[] path = file.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8);
    return folder.resolve(UUID.nameUUIDFromBytes(path) + ".agreed");
  }
}
