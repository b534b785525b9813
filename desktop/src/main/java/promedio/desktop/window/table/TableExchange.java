package promedio.desktop.window.table;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.table.Table;
import promedio.core.tidy.Listed;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.work.Background;
import promedio.desktop.work.Workspace;
import promedio.files.RefusedFileException;
import promedio.files.table.TableExport;
import promedio.files.tidy.StepsJson;

/** Writes tables and steps into files, and takes steps over from them. */
public final class TableExchange implements StepsPane.Actions {

  private static final Logger LOG = LoggerFactory.getLogger(TableExchange.class);

  private final Workspace workspace;
  private final FileChoice fileChoice;
  private final Consumer<String> told;

  public TableExchange(Workspace workspace, FileChoice fileChoice, Consumer<String> told) {
    this.workspace = workspace;
    this.fileChoice = fileChoice;
    this.told = told;
  }

  /** Writes the table as it is tidied, as XLSX or CSV by the name that is chosen. */
  public void export(Table table, String name) {
    fileChoice.toExport(name + ".csv").ifPresent(file -> export(table, file));
  }

  private void export(Table table, Path file) {
    workspace
        .background()
        .run(
            Background.Lane.EXPORT,
            Texts.of("work.exporting", file.getFileName()),
            () -> {
              TableExport.write(table, file, workspace.assignment().sign());
              return file;
            },
            done -> told.accept(Texts.of("export.done", done)),
            failure -> {
              LOG.warn("cannot export {}", file, failure);
              told.accept(Texts.of("export.failed", String.valueOf(failure.getMessage())));
            });
  }

  @Override
  public void saveSteps(List<Listed> steps, String name) {
    fileChoice
        .toExport(name + ".steps.json")
        .ifPresent(
            file -> {
              try {
                StepsJson.write(steps, file);
                told.accept(Texts.of("steps.saved", file));
              } catch (IOException e) {
                LOG.warn("cannot save steps in {}", file, e);
                told.accept(Texts.of("save.failed", String.valueOf(e.getMessage())));
              }
            });
  }

  @Override
  public void loadSteps() {
    fileChoice.toOpen().ifPresent(this::loadSteps);
  }

  private void loadSteps(Path file) {
    try {
      workspace.tables().setSteps("edit.steps-load", StepsJson.read(file));
      List<Message> misfits =
          workspace.table() == null ? List.of() : workspace.table().replay().problems();
      if (!misfits.isEmpty()) {
        told.accept(Texts.of("steps.loaded-misfits", misfits.get(0).text()));
      }
    } catch (RefusedFileException e) {
      told.accept(e.getMessage());
    }
  }
}
