package promedio.desktop.window.shell;

import java.util.EnumSet;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.sample.Subject;
import promedio.core.table.Table;
import promedio.desktop.projection.Projection;
import promedio.desktop.session.SettingsStore;
import promedio.desktop.session.TableReading;
import promedio.desktop.window.control.Appearance;
import promedio.desktop.window.control.BandDivider;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.OnlyShown;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.window.distribution.DistributionView;
import promedio.desktop.window.parts.ClassAnswersView;
import promedio.desktop.window.parts.HandInView;
import promedio.desktop.window.parts.PartsView;
import promedio.desktop.window.parts.QuestionView;
import promedio.desktop.window.sample.Margin;
import promedio.desktop.window.sample.Sheet;
import promedio.desktop.window.several.SeveralSheet;
import promedio.desktop.window.table.ImportView;
import promedio.desktop.window.table.StepsPane;
import promedio.desktop.window.table.TableExchange;
import promedio.desktop.window.table.TableSheet;
import promedio.desktop.window.working.WorkingSheet;
import promedio.desktop.work.WorkingService;
import promedio.desktop.work.Workspace;

/**
 * What stands in the middle and on the right: the sheet of a sample, a table, what is imported, the
 * parts, the answers of a class, or a working; each with its margin. All but the first are made
 * when they are first looked at, since most starts do without.
 */
final class PageHost {

  private final Workspace workspace;
  private final TableReading reading;
  private final FileChoice fileChoice;
  private final Appearance appearance;
  private final WorkingService byHand;
  private final TableExchange exchange;
  private final StackPane centre = new StackPane();
  private final StackPane right = new StackPane();
  private final OnlyShown middle = new OnlyShown(centre);
  private final OnlyShown beside = new OnlyShown(right);

  /** What stands on the right, with its edge. */
  private final HBox edge;

  private final EmptyState empty;

  /** Keeps the place of the margin until it is made. */
  private final Region room = new Region();

  private @Nullable Sheet sheet;
  private @Nullable Margin margin;
  private @Nullable Band shown;
  private @Nullable WorkingSheet workingSheet;
  private @Nullable PartsView parts;
  private @Nullable ClassAnswersView answers;
  private @Nullable SeveralSheet several;
  private @Nullable DistributionView distributions;
  private @Nullable QuestionView question;
  private @Nullable HandInView handIn;
  private @Nullable TableSheet tableSheet;
  private @Nullable StepsPane steps;
  private @Nullable ImportBand imports;

  PageHost(
      Workspace workspace,
      SettingsStore settings,
      FileChoice fileChoice,
      Appearance appearance,
      EmptyState empty) {
    this.workspace = workspace;
    this.reading = new TableReading(workspace.session());
    this.fileChoice = fileChoice;
    this.appearance = appearance;
    this.empty = empty;
    this.byHand = new WorkingService(workspace);
    this.exchange = new TableExchange(workspace, fileChoice);
    beside.add(room);
    room.setPrefWidth(StyleNames.MARGIN_WIDTH);
    BandDivider grip = new BandDivider(right, "margin", -1, settings);
    this.edge = new HBox(grip, right);
    workspace.whileViewed(
        workspace.imports().property().subscribe((old, now) -> showBand(workspace.projection())));
    workspace.show((before, now) -> showBand(now));
  }

  Node centre() {
    return centre;
  }

  Node right() {
    return edge;
  }

  /** Makes what the first picture of the window does without. */
  void finish() {
    sheet();
    margin();
  }

  /**
   * Goes through an import unseen, so that the first rows of a file come soon when one is chosen.
   */
  void rehearseImport() {
    if (imports == null) {
      imports().rehearse();
    }
  }

  Sheet sheet() {
    Sheet made = sheet;
    if (made == null) {
      made = new Sheet(workspace, appearance, fileChoice, empty, this::workOnSheet);
      sheet = made;
      middle.add(0, made);
      Nodes.setShown(made, shown == Band.SHEET);
    }
    return made;
  }

  Margin margin() {
    Margin made = margin;
    if (made == null) {
      made = new Margin(workspace, byHand, appearance);
      margin = made;
      Nodes.setShown(room, false);
      beside.add(made);
      Nodes.setShown(made, shown == Band.WORKING || shown == Band.SEVERAL || shown == Band.SHEET);
    }
    return made;
  }

  /** Where large text leaves too little room for the sheet, the margin is a key away. */
  void foldWhereNarrow(boolean narrow) {
    ((BandDivider) edge.getChildren().get(0)).foldByItself(narrow);
  }

  /** Puts the focus on the first answer of the parts. */
  void focusParts() {
    PartsView shown = parts;
    if (shown != null) {
      // The fields take the focus only once they are laid out.
      Platform.runLater(shown::focusFirst);
    }
  }

  /** What stands in the middle and on the right. */
  private enum Band {
    IMPORT,
    CLASS_ANSWERS,
    PARTS,
    DISTRIBUTIONS,
    QUESTION,
    HAND_IN,
    TABLE,
    WORKING,
    SEVERAL,
    SHEET
  }

  /** Those that need the room of the margin too. */
  private static final Set<Band> COVERING =
      EnumSet.of(Band.CLASS_ANSWERS, Band.PARTS, Band.DISTRIBUTIONS, Band.QUESTION, Band.HAND_IN);

  private Band wanted(Projection all) {
    if (workspace.imports().property().get() != null) {
      return Band.IMPORT;
    }
    return switch (all.choice().page()) {
      case CLASS_ANSWERS -> Band.CLASS_ANSWERS;
      case PARTS -> Band.PARTS;
      case DISTRIBUTIONS -> Band.DISTRIBUTIONS;
      case QUESTION -> Band.QUESTION;
      case HAND_IN -> Band.HAND_IN;
      case NOTHING ->
          all.table() != null
              ? Band.TABLE
              : all.choice().working() != null
                  ? Band.WORKING
                  : isSeveral(all.item()) ? Band.SEVERAL : Band.SHEET;
    };
  }

  private static boolean isSeveral(@Nullable Item item) {
    return item != null && item.source().shape().subject() != Subject.ONE;
  }

  /** Each is made when it is first wanted. */
  private void showBand(Projection all) {
    Band band = wanted(all);
    if (band == shown) {
      return;
    }
    shown = band;
    boolean leaving = Nodes.hasFocus(centre) || Nodes.hasFocus(right);
    switch (band) {
      case IMPORT -> imports();
      case CLASS_ANSWERS -> makeClassAnswers();
      case PARTS -> makeParts();
      case DISTRIBUTIONS -> makeDistributions();
      case QUESTION -> makeQuestion();
      case HAND_IN -> makeHandIn();
      case TABLE -> steps();
      case WORKING -> makeWorkingSheet();
      case SEVERAL -> makeSeveral();
      case SHEET -> {}
    }
    if (imports != null) {
      imports.show(band == Band.IMPORT);
    }
    show(answers, band == Band.CLASS_ANSWERS);
    show(parts, band == Band.PARTS);
    show(distributions, band == Band.DISTRIBUTIONS);
    show(question, band == Band.QUESTION);
    show(handIn, band == Band.HAND_IN);
    show(tableSheet, band == Band.TABLE);
    show(steps, band == Band.TABLE);
    show(workingSheet, band == Band.WORKING);
    show(several, band == Band.SEVERAL);
    show(sheet, band == Band.SHEET);
    show(margin, band == Band.WORKING || band == Band.SEVERAL || band == Band.SHEET);
    show(edge, !COVERING.contains(band));
    if (leaving) {
      // What had the focus is gone; the keys go on where the eyes are.
      focusPage(band);
    }
  }

  private void focusPage(Band band) {
    SeveralSheet made = several;
    if (band == Band.SEVERAL && made != null) {
      made.focusPage();
    } else if (band == Band.SHEET) {
      sheet().focusPage();
    } else if (band == Band.TABLE) {
      focusCells();
    }
  }

  private void makeParts() {
    if (parts == null) {
      parts = new PartsView(workspace);
      middle.add(parts);
    }
  }

  private void makeDistributions() {
    if (distributions == null) {
      distributions = new DistributionView(workspace);
      middle.add(distributions);
    }
  }

  /** Puts the focus on the number that is looked up in the tables of distributions. */
  void focusDistributions() {
    if (distributions != null) {
      distributions.focusNumber();
    }
  }

  private void makeQuestion() {
    if (question == null) {
      question = new QuestionView(workspace, fileChoice);
      middle.add(question);
    }
  }

  /** Puts the caret where a printed question is pasted. */
  void focusQuestion() {
    if (question != null) {
      question.focusText();
    }
  }

  private void makeHandIn() {
    if (handIn == null) {
      handIn = new HandInView(workspace, fileChoice);
      middle.add(handIn);
    }
  }

  /** Puts the focus on what saves the document to hand in. */
  void focusHandIn() {
    if (handIn != null) {
      handIn.focusSave();
    }
  }

  private void makeClassAnswers() {
    if (answers == null) {
      answers = new ClassAnswersView(workspace, fileChoice);
      middle.add(answers);
    }
  }

  private void makeSeveral() {
    if (several == null) {
      several = new SeveralSheet(workspace, fileChoice, appearance, exchange::export);
      middle.add(several);
    }
  }

  /** Puts the focus on the first answer of the sheet that is shown. */
  void focusAnswers() {
    SeveralSheet made = several;
    if (made != null && made.isVisible()) {
      made.focusAnswers();
    } else {
      sheet().focusAnswers();
    }
  }

  private void makeWorkingSheet() {
    if (workingSheet == null) {
      workingSheet = new WorkingSheet(workspace, byHand, appearance);
      middle.add(workingSheet);
    }
  }

  ImportView importView() {
    return imports().view();
  }

  private ImportBand imports() {
    ImportBand made = imports;
    if (made == null) {
      made = new ImportBand(workspace, middle, beside);
      imports = made;
    }
    return made;
  }

  private StepsPane steps() {
    StepsPane made = steps;
    if (made == null) {
      made = new StepsPane(workspace, exchange);
      steps = made;
      tableSheet = new TableSheet(workspace, tableActions());
      middle.add(tableSheet);
      beside.add(made);
    }
    return made;
  }

  private TableSheet.Actions tableActions() {
    return new TableSheet.Actions() {
      @Override
      public void export(Table table, String name) {
        exchange.export(table, name);
      }

      @Override
      public void read(ImportedTable unread) {
        reading.read(unread, workspace::tell);
      }
    };
  }

  void focusCells() {
    TableSheet shown = tableSheet;
    if (shown != null) {
      shown.focusCells();
    }
  }

  void focusSteps() {
    if (workspace.table() != null) {
      steps().focusAdd();
    }
  }

  /** Goes back from what stands before the sheet or the table; returns whether anything does. */
  boolean close() {
    switch (wanted(workspace.projection())) {
      case IMPORT -> workspace.imports().end();
      case CLASS_ANSWERS, PARTS, DISTRIBUTIONS, QUESTION, HAND_IN -> workspace.showParts(false);
      case WORKING -> workspace.workOnSheet(null);
      case TABLE, SEVERAL, SHEET -> {
        return false;
      }
    }
    return true;
  }

  /** Works the chosen measure on the sheet, or goes back to the measures. */
  void workOnSheet() {
    boolean works = workspace.projection().choice().working() != null;
    workspace.workOnSheet(works ? null : workspace.request());
  }

  private static void show(@Nullable Node view, boolean shown) {
    if (view != null) {
      Nodes.setShown(view, shown);
    }
  }
}
