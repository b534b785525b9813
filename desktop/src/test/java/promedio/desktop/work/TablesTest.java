package promedio.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Link;
import promedio.core.assignment.Original;
import promedio.core.assignment.Source;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.sample.Categories;
import promedio.core.sample.Sample;
import promedio.core.table.Aspect;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.core.tidy.LeaveOutWhere;
import promedio.core.tidy.Recode;
import promedio.core.tidy.RenameColumn;
import promedio.core.tidy.StepEntry;
import promedio.desktop.session.Background;
import promedio.files.RefusedFileException;
import promedio.files.table.DataSource;

/** Tables in the state of a window, without any window. */
class TablesTest {

  @TempDir private Path folder;

  /** Work waits here until it is done by hand, so that it can be cancelled before. */
  private final Queue<Runnable> waiting = new ArrayDeque<>();

  private final Workspace workspace =
      new Workspace(Assignment.empty("Pears"), new Background(waiting::add, Runnable::run));

  private void work() {
    while (!waiting.isEmpty()) {
      waiting.remove().run();
    }
  }

  private ImportSession bring(String text) {
    ImportSession importing =
        workspace
            .imports()
            .begin(DataSource.of("trays.csv", text.getBytes(StandardCharsets.UTF_8)));
    work();
    return importing;
  }

  private void importView(String text) throws IOException {
    workspace.tables().addTable(bring(text).chosen(true).table());
  }

  @Test
  void nothingIsChangedBeforeATableIsBroughtIn() {
    ImportSession importing = bring("tray;g\n1;131,5\n2;140\n");

    assertThat(importing.headProperty().get().recognised().of(Aspect.SEPARATOR)).isEqualTo(";");
    assertThat(importing.columnsProperty().get()).containsExactly("tray", "g");
    assertThat(workspace.assignment().tables()).isEmpty();
    workspace.imports().end();
    assertThat(workspace.imports().property().get()).isNull();
    assertThat(workspace.session().nameOfUndo()).isEmpty();
  }

  @Test
  void theKindsOfColumnsAreToldBeforeAllRowsAreRead() {
    String text = "tray;g\nA1;131,5\nA2;140\n";
    ImportSession importing =
        workspace
            .imports()
            .begin(DataSource.of("trays.csv", text.getBytes(StandardCharsets.UTF_8)));
    List<Kind> early = new ArrayList<>();
    importing
        .headProperty()
        .subscribe(
            head -> {
              if (head != null && importing.readProperty().get() == null && early.isEmpty()) {
                head.table().columns().forEach(column -> early.add(column.kind()));
              }
            });
    work();

    assertThat(early).containsExactly(Kind.TEXT, Kind.NUMBER);
    assertThat(importing.readProperty().get()).isNotNull();
  }

  @Test
  void everyDecisionReadsAgainAndCanBeTakenBack() {
    ImportSession importing = bring("tray;g\n1;131,5\n2;-999\n");

    importing.decide(Aspect.MISSING, Optional.of("-999"));
    work();
    assertThat(importing.readProperty().get().table().columns().get(1).present()).isEqualTo(1);
    importing.decide(Aspect.MISSING, Optional.empty());
    work();
    assertThat(importing.readProperty().get().table().columns().get(1).present()).isEqualTo(2);
    importing.decideKind(0, Kind.CATEGORY);
    work();
    assertThat(importing.readProperty().get().table().columns().get(0).kind())
        .isEqualTo(Kind.CATEGORY);
    importing.type("a,b\n1,2\n");
    work();
    assertThat(importing.columnsProperty().get()).containsExactly("a", "b");
  }

  @Test
  void aReadingThatIsStoppedSaysSoAndOneThatGaveWayDoesNot() {
    ImportSession importing =
        workspace.imports().begin(DataSource.of("t", "a\n1\n2\n".getBytes(StandardCharsets.UTF_8)));
    importing.decide(Aspect.HEADER_LINE, Optional.of("0"));
    work();
    assertThat(importing.problemProperty().get()).isEmpty();
    assertThat(importing.readProperty().get().table().rows()).isEqualTo(3);

    importing.decide(Aspect.HEADER_LINE, Optional.of("1"));
    workspace.background().running().get(0).cancel();
    work();
    assertThat(importing.problemProperty().get()).contains("was stopped");
    assertThat(importing.readProperty().get()).isNull();
  }

  @Test
  void columnsAreTakenByClickOrTyping() {
    ImportSession importing = bring("a,b,c\n1,2,3\n4,5,6\n");

    importing.include("b", false);
    assertThat(importing.columnsProperty().get()).containsExactly("a", "c");
    importing.include("b", true);
    assertThat(importing.columnsProperty().get()).containsExactly("a", "b", "c");
    assertThat(importing.includeTyped("3; a")).isEmpty();
    assertThat(importing.columnsProperty().get()).containsExactly("c", "a");
    assertThat(importing.includeTyped("a, d")).contains("d");
    assertThat(importing.includeTyped("b")).isEmpty();
    assertThat(importing.isSample()).isTrue();
    assertThat(importing.sample(DecimalSign.COMMA)).isEqualTo(new Source.ValuesText("2 5"));
  }

  @Test
  void aFileThatCannotBeReadSaysWhy() {
    ImportSession importing = bring("");

    assertThat(importing.problemProperty().get()).contains("the file is empty");
    assertThat(importing.readProperty().get()).isNull();
  }

  @Test
  void anOriginalIsKeptOrReferredTo() throws IOException, RefusedFileException {
    Path file = Files.writeString(folder.resolve("trays.csv"), "a,b\n1,2\n3,4\n");
    ImportSession importing = workspace.imports().begin(DataSource.of(file));
    work();

    assertThat(importing.chosen(true).table().original())
        .isEqualTo(new Original.Kept("trays.csv", Files.readAllBytes(file)));
    assertThat(importing.chosen(false).table().original())
        .isInstanceOfSatisfying(
            Original.Referred.class, r -> assertThat(r.path()).isEqualTo(file.toString()));
    assertThat(importing.chosen(true).table().name()).isEqualTo("trays");
  }

  @Test
  void stepsAndLinkedSamplesAreUndoneTogether() throws IOException {
    importView("tray,g\n1,131\n2,140\n3,98\n");
    workspace.tables().addLinked(Map.of("g", Link.of(1, "g")));
    workspace.tables().addStep(new LeaveOutWhere("g < 100"));

    assertThat(size()).isEqualTo(2);
    workspace.session().undo();
    assertThat(size()).isEqualTo(3);
    workspace.session().redo();
    assertThat(size()).isEqualTo(2);
    workspace.tables().loadSteps(List.of(StepEntry.of(new RenameColumn("g", "weight"))));
    assertThat(linked().found()).isFalse();
    assertThat(size()).isEqualTo(2);
    workspace.tables().removeTable();
    assertThat(workspace.assignment().tables()).isEmpty();
    assertThat(workspace.table()).isNull();
    assertThat(size()).isEqualTo(2);
  }

  @Test
  void aColumnOfWordsIsCountedAndFollowsItsTable() throws IOException {
    importView("tray,variety,g\n1,Blanca,131\n2,Conference,140\n3,Blanca,98\n4,,99\n");
    workspace.tables().addLinked(Map.of("variety", Link.of(1, "variety")));

    assertThat(workspace.assignment().items().get(0).source().shape())
        .isEqualTo(Source.Shape.CATEGORIES);
    assertThat(counted("Blanca")).isEqualTo(Exact.of(2));
    assertThat(linked().data().missing()).isEqualTo(1);
    workspace.tables().addStep(new LeaveOutWhere("g < 100"));
    assertThat(counted("Blanca")).isEqualTo(Exact.ONE);
    workspace
        .tables()
        .addStep(new Recode("variety", List.of(new Recode.Change("Blanca", "White"))));
    assertThat(counted("White")).isEqualTo(Exact.ONE);
    workspace.session().undo();
    workspace.session().undo();
    assertThat(counted("Blanca")).isEqualTo(Exact.of(2));
    // Where the words are gone, what was counted last stays.
    workspace.tables().loadSteps(List.of(StepEntry.of(new RenameColumn("variety", "kind"))));
    assertThat(linked().found()).isFalse();
    assertThat(counted("Blanca")).isEqualTo(Exact.of(2));
  }

  @Test
  void wordsAreCountedGroupByGroup() throws IOException {
    importView("picker,variety\nAna,Blanca\nAna,Conference\nBruno,Blanca\nAna,Blanca\n");
    workspace
        .tables()
        .addLinked(Map.of("variety, Ana", new Link.OfColumn(1, "variety", "picker", "Ana")));

    assertThat(counted("Blanca")).isEqualTo(Exact.of(2));
    assertThat(linked().data().total()).isEqualTo(Exact.of(3));
  }

  private Exact counted(String name) {
    return ((Categories) linked().data()).frequency(name);
  }

  private Source.Linked linked() {
    return (Source.Linked) workspace.assignment().items().get(0).source();
  }

  private int size() {
    return ((Sample) linked().data()).values().count();
  }

  @Test
  void aTableIsRenamedAndLeftForASample() throws IOException {
    importView("tray,g\n1,131\n2,140\n");
    workspace.tables().renameTable("Autumn");
    workspace.shelf().addSample(new Source.ValuesText("8 10"));

    assertThat(workspace.assignment().tables().get(0).name()).isEqualTo("Autumn");
    assertThat(workspace.table()).isNull();
    assertThat(workspace.analysis()).isNotNull();
    workspace.chooseTable(1);
    assertThat(workspace.item()).isNull();
  }

  @Test
  void aLongTableIsTidiedApartAndWhatIsEditedMeanwhileIsNotLost() throws IOException {
    StringBuilder text = new StringBuilder("pear,g\n");
    for (int i = 0; i < 21_000; i++) {
      text.append(i).append(',').append(i % 50).append('\n');
    }
    importView(text.toString());

    workspace.tables().addStep(new LeaveOutWhere("g = 3"));
    assertThat(workspace.table().pipeline().stages()).isEmpty();
    workspace.setTitle("Other");
    work();
    assertThat(workspace.assignment().title()).isEqualTo("Other");
    assertThat(workspace.table().table().rows()).isEqualTo(20_580);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '#',
      value = {
        "from;to;pears|100;109;4|110;119;11 # 100–109\t4|110–119\t11",
        "lower,upper,frequency,relative|,110,4,0.4|110,120,6,0.6 # under 110\t4|110–120\t6",
        "lower,upper,frequency|110,120.5,6|120.5,,2 # 110–120.5\t6|120.5 and over\t2",
        "class;f|10–19;5|20–29;8|30 and over;x # 10–19\t5|20–29\t8|30 and over\tx",
      })
  void aPrintedTableInAFileBecomesAClassTable(String file, String lines) throws IOException {
    importView(file.replace('|', '\n'));
    Table table = workspace.table().table();

    assertThat(ClassRows.of(table, DecimalSign.POINT))
        .contains(lines.replace('|', '\n').replace("\\t", "\t"));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "tray;g|1;131|2;140",
        "tray;variety;g|1;Blanca;131|2;Conference;140",
        "variety;g|Blanca;131|Conference;140",
        "a;b;c;d|1;2;3;4"
      })
  void otherTablesAreNoClasses(String file) throws IOException {
    importView(file.replace('|', '\n'));

    assertThat(ClassRows.of(workspace.table().table(), DecimalSign.POINT)).isEmpty();
  }
}
