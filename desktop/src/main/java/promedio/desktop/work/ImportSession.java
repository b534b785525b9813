package promedio.desktop.work;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.ReadingChoices;
import promedio.desktop.session.Background;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;
import promedio.files.table.ReadTable;
import promedio.files.table.TableReader;

/** A table that is looked at before it is imported: how it is read, and what comes of that. */
public final class ImportSession {

  private static final Logger LOG = LoggerFactory.getLogger(ImportSession.class);

  /** Columns longer than this are not edited as text. */
  private static final int MOST_TYPED = 5000;

  /** Larger files stay where they are unless the student decides otherwise. */
  public static final long MOST_KEPT = 5L << 20;

  /** About as many rows as are looked at to recognise how a table is written. */
  private static final int REHEARSED_ROWS = 200;

  private DataSource source;
  private final Background background;
  private final Background.Lane lane;
  private ReadingChoices choices = ReadingChoices.NONE;

  /** How often it was read, so that only the newest reading tells. */
  private int readings;

  private final ReadOnlyObjectWrapper<@Nullable ReadTable> head =
      new ReadOnlyObjectWrapper<>(this, "head");
  private final ReadOnlyObjectWrapper<@Nullable ReadTable> read =
      new ReadOnlyObjectWrapper<>(this, "read");
  private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper(this, "problem", "");
  private final ReadOnlyObjectWrapper<List<String>> columns =
      new ReadOnlyObjectWrapper<>(this, "columns", List.of());

  ImportSession(DataSource source, Background background) {
    this(source, background, Background.Lane.PREVIEW);
  }

  private ImportSession(DataSource source, Background background, Background.Lane lane) {
    this.source = source;
    this.background = background;
    this.lane = lane;
    readAgain();
  }

  /** {@return a session with a made-up table of what tables are usually made of} */
  static ImportSession rehearsal(Background background) {
    String rows =
        IntStream.range(0, REHEARSED_ROWS)
            .mapToObj(row -> "2026-09-01 07:00,line " + row % 3 + ",T0" + row + ",,12." + row)
            .collect(Collectors.joining("\n", "time,line,tray,remark,weight\n", "\n"));
    DataSource source = DataSource.of("", rows.getBytes(StandardCharsets.UTF_8));
    return new ImportSession(source, background, Background.Lane.REHEARSAL);
  }

  /** {@return what is imported} */
  public DataSource source() {
    return source;
  }

  /**
   * {@return its first rows as a table, with how all is read and the kinds that the columns seem to
   * have; {@code null} until that is known, all rows as soon as they are}
   */
  public ReadOnlyObjectProperty<@Nullable ReadTable> headProperty() {
    return head.getReadOnlyProperty();
  }

  /** {@return the table as it is read, {@code null} until all of it is} */
  public ReadOnlyObjectProperty<@Nullable ReadTable> readProperty() {
    return read.getReadOnlyProperty();
  }

  /** {@return why it cannot be read, empty where it can} */
  public ReadOnlyStringProperty problemProperty() {
    return problem.getReadOnlyProperty();
  }

  /** {@return the names of the columns that are imported, in their order} */
  public ReadOnlyObjectProperty<List<String>> columnsProperty() {
    return columns.getReadOnlyProperty();
  }

  /** Reads another text in the place of the one that was typed or pasted. */
  public void type(String text) {
    source = DataSource.of(source.name(), text.getBytes(StandardCharsets.UTF_8));
    readAgain();
  }

  /** {@return what the student decided} */
  public ReadingChoices choices() {
    return choices;
  }

  /** Decides an aspect, or leaves it to be recognised again. */
  public void decide(Aspect aspect, Optional<String> text) {
    choices = text.map(t -> choices.with(aspect, t)).orElseGet(() -> choices.without(aspect));
    readAgain();
  }

  /** Decides the kind of a column, which counts from 0. */
  public void decideKind(int column, Kind kind) {
    choices = choices.withKind(column, kind);
    readAgain();
  }

  /** Brings the column in, or leaves it out. */
  public void include(String column, boolean included) {
    List<String> now = new ArrayList<>();
    for (String name : names()) {
      boolean in = name.equals(column) ? included : columns.get().contains(name);
      if (in) {
        now.add(name);
      }
    }
    columns.set(now);
  }

  /**
   * Takes the columns that are typed, as {@link ColumnNames} reads them.
   *
   * @return the first that is no column, if any; nothing is changed then
   */
  public Optional<String> includeTyped(String typed) {
    ColumnNames read = ColumnNames.read(typed, names());
    if (read.unknown().isEmpty()) {
      columns.set(read.names());
    }
    return read.unknown();
  }

  private List<String> names() {
    ReadTable table = read.get();
    return table == null ? List.of() : table.table().names();
  }

  private void readAgain() {
    int nowReading = ++readings;
    read.set(null);
    problem.set("");
    ReadingChoices now = choices;
    DataSource from = source;
    background.watch(
        lane,
        Texts.of("work.opening", source.name()),
        progress ->
            TableReader.read(
                from,
                now,
                progress,
                first -> background.tell(() -> tell(nowReading, () -> head.set(first)))),
        table -> tell(nowReading, () -> show(table)),
        failure -> tell(nowReading, () -> fail(failure)));
  }

  /** A reading that gave way to a newer one tells nothing. */
  private void tell(int reading, Runnable told) {
    if (reading == readings) {
      told.run();
    }
  }

  private void show(ReadTable table) {
    head.set(table);
    List<String> kept = columns.get().stream().filter(table.table().names()::contains).toList();
    read.set(table);
    columns.set(kept.isEmpty() ? table.table().names() : kept);
  }

  private void fail(Exception failure) {
    if (failure instanceof CancellationException) {
      problem.set(Texts.of("import.stopped"));
      return;
    }
    if (!(failure instanceof RefusedFileException)) {
      LOG.error("cannot read {}", source.name(), failure);
    }
    problem.set(String.valueOf(failure.getMessage()));
  }

  /**
   * {@return whether what is chosen is one short column of numbers, which is a sample to type on}
   */
  public boolean isSample() {
    ReadTable table = read.get();
    return table != null
        && columns.get().size() == 1
        && table.table().rows() <= MOST_TYPED
        && table.table().column(columns.get().get(0)).orElseThrow().kind() == Kind.NUMBER;
  }

  /**
   * {@return the one column as text to go on with}
   *
   * @param sign the decimal sign of the student, which the text is written with
   */
  public Source.ValuesText sample(DecimalSign sign) {
    ReadTable table = Objects.requireNonNull(read.get());
    NumberColumn numbers = (NumberColumn) table.table().column(columns.get().get(0)).orElseThrow();
    List<String> entries =
        IntStream.range(0, numbers.size()).mapToObj(row -> entry(numbers, row, sign)).toList();
    return new Source.ValuesText(String.join(" ", entries));
  }

  /** {@return the unit of the one column, empty for none} */
  public String unit() {
    ReadTable table = Objects.requireNonNull(read.get());
    return ((NumberColumn) table.table().column(columns.get().get(0)).orElseThrow()).unit();
  }

  /** Numbers are written the student's way; anything else stays as it is, in one piece. */
  private static String entry(Column numbers, int row, DecimalSign sign) {
    if (numbers.unreadable(row).isPresent()) {
      // A no-break space does not part entries.
      return numbers.text(row).replaceAll("[\\s;]", "\u00A0");
    }
    String text = numbers.text(row);
    return text.isEmpty() ? "—" : text.replace('.', sign.sign()).replace('-', '−');
  }

  /**
   * {@return what is imported as it is chosen now, whatever is chosen after that}
   *
   * @param kept whether the original is kept within the assignment, or referred to where it is
   */
  public ChosenImport chosen(boolean kept) {
    return new ChosenImport(
        source, Objects.requireNonNull(read.get()).table(), choices, columns.get(), kept);
  }
}
