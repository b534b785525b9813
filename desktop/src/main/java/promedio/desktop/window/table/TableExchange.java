package promedio.desktop.window.table;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.ImportedTable;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.table.Table;
import promedio.core.tidy.StepEntry;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.work.Workspace;
import promedio.files.table.TableExport;
import promedio.files.tidy.StepsJson;

/** Writes tables and steps into files, and takes steps over from them. */
public final class TableExchange implements StepsPane.Actions {

  private static final Logger LOG = LoggerFactory.getLogger(TableExchange.class);

  private final Workspace workspace;
  private final FileChoice fileChoice;

  public TableExchange(Workspace workspace, FileChoice fileChoice) {
    this.workspace = workspace;
    this.fileChoice = fileChoice;
  }

  /** Writes the table as it is tidied, as XLSX or CSV by the name that is chosen. */
  public void export(Table table, String name) {
    fileChoice.toExport(name + ".csv").ifPresent(file -> export(table, file));
  }

  private void export(Table table, Path file) {
    DecimalSign sign = workspace.assignment().sign();
    write(
        file,
        "export.done",
        "export.failed",
        () -> {
          TableExport.write(table, file, sign);
          return file;
        });
  }

  @Override
  public void saveSteps(List<StepEntry> steps, String name) {
    fileChoice
        .toExport(name + ".steps.json")
        .ifPresent(
            file ->
                write(
                    file,
                    "steps.saved",
                    "save.failed",
                    () -> {
                      StepsJson.write(steps, file);
                      return file;
                    }));
  }

  private void write(Path file, String done, String failed, Callable<Path> writing) {
    workspace
        .background()
        .run(
            Background.Lane.EXPORT,
            Texts.of("work.exporting", file.getFileName()),
            writing,
            written -> workspace.tell(Texts.of(done, written)),
            failure -> {
              LOG.warn("cannot write {}", file, failure);
              workspace.tell(Texts.of(failed, String.valueOf(failure.getMessage())));
            });
  }

  @Override
  public void loadSteps() {
    fileChoice.toOpen().ifPresent(this::loadSteps);
  }

  private void loadSteps(Path file) {
    ImportedTable asked = workspace.table();
    workspace
        .background()
        .run(
            Background.Lane.IMPORT,
            Texts.of("work.opening", file.getFileName()),
            () -> StepsJson.read(file),
            steps -> {
              ImportedTable now = workspace.table();
              if (asked != null && now != null && now.id() == asked.id()) {
                workspace.tables().loadSteps(steps);
              } else {
                workspace.tell(Texts.of("steps.other-table"));
              }
            },
            failure -> {
              LOG.info("cannot read steps of {}", file, failure);
              workspace.tell(String.valueOf(failure.getMessage()));
            });
  }
}
