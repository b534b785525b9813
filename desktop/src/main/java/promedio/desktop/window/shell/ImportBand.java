package promedio.desktop.window.shell;

import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.OnlyShown;
import promedio.desktop.window.table.ImportView;
import promedio.desktop.window.table.ReadingPane;
import promedio.desktop.work.ImportSession;
import promedio.desktop.work.Workspace;

/** What is imported, and in the margin how it is read. */
final class ImportBand {

  private final Workspace workspace;
  private final OnlyShown centre;
  private final OnlyShown margin;
  private final ImportView view;
  private final ReadingPane reading;

  /** Makes both, and puts them where they belong. */
  ImportBand(Workspace workspace, OnlyShown centre, OnlyShown margin) {
    this.workspace = workspace;
    this.centre = centre;
    this.margin = margin;
    this.view = new ImportView(workspace);
    this.reading = new ReadingPane(workspace);
    centre.add(view);
    margin.add(reading);
  }

  ImportView view() {
    return view;
  }

  void show(boolean shown) {
    Nodes.setShown(view, shown);
    Nodes.setShown(reading, shown);
  }

  /** Goes through an import that nobody sees. */
  void rehearse() {
    show(false);
    centre.standHidden(view);
    margin.standHidden(reading);
    ImportSession unseen = workspace.imports().rehearse();
    view.rehearse(unseen, centre.width(), centre.height());
    reading.rehearse(unseen);
  }
}
