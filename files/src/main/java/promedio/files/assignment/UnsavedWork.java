package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;
import promedio.files.SafeWrite;

/**
 * Work that is not yet saved, kept in a folder of its own while it goes on, so that a crash loses
 * next to nothing. One of these belongs to one document of one window.
 */
public final class UnsavedWork {

  private static final Logger LOG = LoggerFactory.getLogger(UnsavedWork.class);
  private static final String ABOUT = ".json";
  private static final String ASIDE = "unreadable";
  private static final long MOST_ABOUT = 1 << 20;

  /** Start times are told to the tick of the system's clock, not to the millisecond. */
  private static final Duration SAME_START = Duration.ofSeconds(2);

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

  /** {@return whether both are kept in the same place} */
  @Override
  public boolean equals(Object other) {
    return other instanceof UnsavedWork that && copy.equals(that.copy);
  }

  @Override
  public int hashCode() {
    return copy.hashCode();
  }

  /**
   * The file that work is saved in otherwise.
   *
   * @param path where it is
   * @param fingerprint what was in it when it was last read or written, so that a newer one is
   *     noticed; empty where nobody knows
   */
  public record Home(Path path, String fingerprint) {}

  /**
   * Keeps the assignment as it is now.
   *
   * @param home where it is saved otherwise
   * @throws IOException if it cannot be kept; the message is for a person
   */
  public void keep(Assignment assignment, Optional<Home> home) throws IOException {
    ObjectNode node = JsonFields.JSON.createObjectNode();
    node.put("process", ProcessHandle.current().pid());
    started(ProcessHandle.current()).ifPresent(start -> node.put("started", start.toString()));
    home.ifPresent(
        file ->
            node.put("file", file.path().toAbsolutePath().toString())
                .put("fingerprint", file.fingerprint()));
    AssignmentFile.readFrom(assignment).stream().sorted().forEach(node.putArray("read")::add);
    SafeWrite.makePrivateFolder(copy.toAbsolutePath().getParent());
    // What says whose the copy is comes after it, so that it never speaks of one that is not there.
    AssignmentFile.write(assignment, copy);
    SafeWrite.write(about, JsonFields.JSON.writeValueAsBytes(node));
  }

  /**
   * Forgets what was kept, since it is saved or not wanted.
   *
   * @throws IOException if it cannot be deleted
   */
  public void forget() throws IOException {
    Files.deleteIfExists(about);
    Files.deleteIfExists(copy);
  }

  /**
   * {@return the work in the folder that no running program looks after any more}
   *
   * @param notices is told of what cannot be read, in sentences; it is put aside and stays there
   */
  public static List<Found> find(Path folder, Consumer<String> notices) {
    List<Found> found = new ArrayList<>();
    if (!Files.isDirectory(folder)) {
      return found;
    }
    try (Stream<Path> files = Files.list(folder)) {
      for (Path about : files.filter(path -> path.toString().endsWith(ABOUT)).sorted().toList()) {
        read(about, notices).ifPresent(found::add);
      }
    } catch (IOException e) {
      LOG.warn("cannot look for unsaved work in {}", folder, e);
      notices.accept(Texts.of("unsaved.no-folder", folder));
    }
    return found;
  }

  private static Optional<Found> read(Path about, Consumer<String> notices) {
    String name = String.valueOf(about.getFileName());
    String id = name.substring(0, name.length() - ABOUT.length());
    UnsavedWork work = new UnsavedWork(about.toAbsolutePath().getParent(), id);
    try {
      JsonNode node = readAbout(about);
      if (isRunning(node)) {
        return Optional.empty();
      }
      Set<String> agreed = node.has("read") ? Set.copyOf(JsonFields.texts(node, "read")) : Set.of();
      AssignmentFile.Opened opened =
          AssignmentFile.open(work.copy, (fingerprint, path) -> agreed.contains(path));
      return Optional.of(new Found(work, opened.assignment(), opened.unread(), home(node)));
    } catch (IOException | RefusedFileException | BadInputException | DateTimeException e) {
      LOG.warn("cannot read unsaved work {}", about, e);
      work.putAside(notices, String.valueOf(e.getMessage()));
      return Optional.empty();
    }
  }

  private static JsonNode readAbout(Path about) throws IOException, BadInputException {
    boolean plain = Files.isRegularFile(about, LinkOption.NOFOLLOW_LINKS);
    if (!plain || Files.size(about) > MOST_ABOUT) {
      throw new IOException(Texts.of("file.special", about));
    }
    return JsonFields.parse(Files.readAllBytes(about));
  }

  private static Optional<Home> home(JsonNode node) throws BadInputException {
    if (!node.has("file")) {
      return Optional.empty();
    }
    String file = JsonFields.text(node, "file");
    try {
      return Optional.of(new Home(Path.of(file), JsonFields.textOrNone(node, "fingerprint")));
    } catch (InvalidPathException e) {
      // No system takes such a path.
      throw Texts.refusal(e, "assignment.field", "file");
    }
  }

  /** What cannot be read is kept for someone who can, and does not come up at every start. */
  private void putAside(Consumer<String> notices, String why) {
    Path aside = about.resolveSibling(ASIDE);
    try {
      Files.createDirectories(aside);
      for (Path file : List.of(copy, about)) {
        if (Files.exists(file, LinkOption.NOFOLLOW_LINKS)) {
          Files.move(file, aside.resolve(file.getFileName()), StandardCopyOption.REPLACE_EXISTING);
        }
      }
      notices.accept(Texts.of("unsaved.aside", aside, why));
    } catch (IOException e) {
      LOG.warn("cannot put {} aside", about, e);
      notices.accept(Texts.of("unsaved.unreadable", about, why));
    }
  }

  /** A process that began later than the one that kept the work only has the same number. */
  private static boolean isRunning(JsonNode node) throws BadInputException {
    long process = node.path("process").asLong();
    Optional<ProcessHandle> other =
        process == ProcessHandle.current().pid()
            ? Optional.empty()
            : ProcessHandle.of(process).filter(ProcessHandle::isAlive);
    if (other.isEmpty() || !node.has("started")) {
      return other.isPresent();
    }
    Instant kept = Instant.parse(JsonFields.text(node, "started"));
    return started(other.get())
        .map(now -> Duration.between(kept, now).abs().compareTo(SAME_START) <= 0)
        .orElse(true);
  }

  private static Optional<Instant> started(ProcessHandle process) {
    return process.info().startInstant();
  }

  /**
   * Work that was found.
   *
   * @param work where it is kept
   * @param assignment the assignment as it was last
   * @param unread the tables whose files lie elsewhere and are read only when a person wants it
   * @param home where it was saved otherwise
   */
  public record Found(
      UnsavedWork work, Assignment assignment, List<ImportedTable> unread, Optional<Home> home) {
    public Found {
      unread = List.copyOf(unread);
    }
  }
}
