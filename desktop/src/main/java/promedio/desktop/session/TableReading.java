package promedio.desktop.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.LinkedValues;
import promedio.core.message.Texts;
import promedio.files.assignment.AssignmentFile;

/**
 * Reads tables that a document is shown without until then. What a file holds is no edit: a
 * document that was saved still is, and undoing never takes away what was read.
 */
public final class TableReading {

  private static final Logger LOG = LoggerFactory.getLogger(TableReading.class);

  private final Session session;

  /** Makes one for the documents of a session. */
  public TableReading(Session session) {
    this.session = session;
  }

  /** Something that was read, and what the document it was read for is with it. */
  private record Arrival(UnaryOperator<Assignment> read, List<String> notices) {

    /** What takes long is found here, for the document as it is now; most of it stays so. */
    static Arrival prepared(UnaryOperator<Assignment> read, Assignment now, List<String> notices) {
      Assignment unused = read.apply(now);
      return new Arrival(read, notices);
    }
  }

  /**
   * Reads the file that a table of the assignment refers to, since the person wants it.
   *
   * @param notices takes what the person should know, in sentences
   */
  public void read(ImportedTable unread, Consumer<String> notices) {
    begin(
        unread.original().name(),
        now -> {
          List<String> told = new ArrayList<>();
          ImportedTable read = AssignmentFile.readReferred(unread, told::add);
          LinkedValues values = new LinkedValues(read.table());
          return Arrival.prepared(each -> withRead(each, read, values), now, told);
        },
        notices);
  }

  /** The table may have another name meanwhile; its steps wait until it is read. */
  private static Assignment withRead(Assignment now, ImportedTable read, LinkedValues values) {
    Optional<ImportedTable> unread =
        now.table(read.id())
            .filter(table -> !table.isRead())
            .filter(table -> table.original().equals(read.original()))
            .filter(table -> table.pipeline().steps().equals(read.pipeline().steps()));
    return unread.map(table -> now.with(table.with(read.pipeline()), values)).orElse(now);
  }

  /**
   * Reads a table that belongs to the document, which is shown without it until then.
   *
   * @param name what the table is called
   * @param id its id, which no other table gets from now on
   * @param read reads it
   */
  public void addLater(String name, int id, Supplier<ImportedTable> read) {
    session.read(session.document().key(), now -> now.withIds(now.ids().withTablesFrom(id + 1)));
    begin(
        name,
        now -> {
          ImportedTable table = read.get();
          LinkedValues values = new LinkedValues(table.table());
          return Arrival.prepared(
              each -> each.table(id).isPresent() ? each : each.with(table, values), now, List.of());
        },
        told -> LOG.warn("{}", told));
  }

  private void begin(String name, Reader reader, Consumer<String> notices) {
    Document asked = session.document();
    session
        .background()
        .run(
            Background.Lane.IMPORT,
            Texts.of("work.opening", name),
            () -> reader.read(asked.assignment()),
            arrived -> {
              session.read(asked.key(), arrived.read());
              arrived.notices().forEach(notices);
            },
            failure -> {
              LOG.warn("cannot read {}", name, failure);
              notices.accept(String.valueOf(failure.getMessage()));
            });
  }

  /** Reads something for a document, given as it is when that begins. */
  private interface Reader {
    Arrival read(Assignment now);
  }
}
