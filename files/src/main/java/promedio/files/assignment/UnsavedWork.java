package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;

/**
 * Work that is not yet saved, kept in a folder of its own while it goes on, so that a crash loses
 * next to nothing. One of these belongs to one window.
 */
public final class UnsavedWork {

  private static final Logger LOG = LoggerFactory.getLogger(UnsavedWork.class);
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final String ABOUT = ".json";

  private final Path copy;
  private final Path about;

  private UnsavedWork(Path folder, String id) {
    this.copy = folder.resolve(id + AssignmentFile.ENDING);
    this.about = folder.resolve(id + ABOUT);
  }

  /** {@return a new one in the folder} */
  public static UnsavedWork begin(Path folder) {
    return new UnsavedWork(folder, UUID.randomUUID().toString());
  }

  /**
   * Keeps the assignment as it is now.
   *
   * @param file where it is saved otherwise
   * @throws IOException if it cannot be kept
   */
  public void keep(Assignment assignment, Optional<Path> file) throws IOException {
    ObjectNode node = JSON.createObjectNode();
    node.put("process", ProcessHandle.current().pid());
    file.ifPresent(path -> node.put("file", path.toAbsolutePath().toString()));
    SafeWrite.write(about, node.toString().getBytes(StandardCharsets.UTF_8));
    AssignmentFile.write(assignment, copy);
  }

  /**
   * Forgets what was kept, since it is saved or not wanted.
   *
   * @throws IOException if it cannot be deleted
   */
  public void forget() throws IOException {
    Files.deleteIfExists(copy);
    Files.deleteIfExists(about);
  }

  /** {@return the work in the folder that no running program looks after any more} */
  public static List<Found> find(Path folder) {
    List<Found> found = new ArrayList<>();
    if (!Files.isDirectory(folder)) {
      return found;
    }
    try (Stream<Path> files = Files.list(folder)) {
      for (Path about : files.filter(path -> path.toString().endsWith(ABOUT)).sorted().toList()) {
        read(about).ifPresent(found::add);
      }
    } catch (IOException e) {
      LOG.warn("cannot look for unsaved work in {}", folder, e);
    }
    return found;
  }

  private static Optional<Found> read(Path about) {
    String name = String.valueOf(about.getFileName());
    String id = name.substring(0, name.length() - ABOUT.length());
    UnsavedWork work = new UnsavedWork(about.toAbsolutePath().getParent(), id);
    try {
      JsonNode node = JSON.readTree(Files.readAllBytes(about));
      if (isRunning(node.path("process").asLong())) {
        return Optional.empty();
      }
      Optional<Path> file =
          node.has("file") ? Optional.of(Path.of(node.get("file").asText())) : Optional.empty();
      return Optional.of(new Found(work, AssignmentFile.read(work.copy), file));
    } catch (IOException | RefusedFileException e) {
      // What cannot be read stays where it is, for someone who can.
      LOG.warn("cannot read unsaved work {}", about, e);
      return Optional.empty();
    }
  }

  private static boolean isRunning(long process) {
    return process != ProcessHandle.current().pid()
        && ProcessHandle.of(process).filter(ProcessHandle::isAlive).isPresent();
  }

  /**
   * Work that was found.
   *
   * @param work where it is kept
   * @param assignment the assignment as it was last
   * @param file where it was saved otherwise
   */
  public record Found(UnsavedWork work, Assignment assignment, Optional<Path> file) {}
}
