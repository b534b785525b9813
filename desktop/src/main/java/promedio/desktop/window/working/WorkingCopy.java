package promedio.desktop.window.working;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.SnapshotParameters;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.paint.Color;
import javafx.scene.transform.Transform;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.core.working.WorkingStep;
import promedio.desktop.window.control.Controls;
import promedio.files.report.HtmlWorking;
import promedio.files.report.ShownNumbers;
import promedio.files.report.WorkingFormat;
import promedio.files.report.WorkingTexts;

/** Puts workings and parts of them on the clipboard, in the forms that documents take. */
final class WorkingCopy {

  /** A picture has so many points for each on the screen. */
  private static final double SHARPNESS = 3;

  private WorkingCopy() {}

  /** Copies a whole working: as a page for documents, and as text for the rest. */
  static void working(String title, Working working, ShownNumbers numbers) {
    ClipboardContent content = new ClipboardContent();
    content.putString(joined(WorkingFormat.TEXT.write(title, working, numbers)));
    content.putHtml(joined(WorkingFormat.HTML.write(title, working, numbers)));
    put(content);
  }

  /** Copies a whole working in one format, as text. */
  static void working(WorkingFormat format, String title, Working working, ShownNumbers numbers) {
    Controls.copy(joined(format.write(title, working, numbers)));
  }

  /** Copies a table so that it is pasted as one, in a document or in cells. */
  static void table(WorkTable table, ShownNumbers numbers) {
    ClipboardContent content = new ClipboardContent();
    content.putString(
        WorkingTexts.cells(table, numbers).stream()
            .map(row -> String.join("\t", row))
            .collect(Collectors.joining("\n")));
    content.putHtml(HtmlWorking.table(table, numbers));
    put(content);
  }

  /** Copies one step in LaTeX. */
  static void latex(WorkingStep step, ShownNumbers numbers) {
    Controls.copy(WorkingTexts.latex(step, numbers));
  }

  /** Copies one step in MathML. */
  static void mathml(WorkingStep step, ShownNumbers numbers) {
    Controls.copy(HtmlWorking.mathml(step, numbers));
  }

  /** Copies what a node looks like. */
  static void picture(Node node) {
    SnapshotParameters parameters = new SnapshotParameters();
    parameters.setTransform(Transform.scale(SHARPNESS, SHARPNESS));
    parameters.setFill(Color.WHITE);
    ClipboardContent content = new ClipboardContent();
    content.putImage(node.snapshot(parameters, null));
    put(content);
  }

  private static String joined(List<String> lines) {
    return String.join("\n", lines);
  }

  private static void put(ClipboardContent content) {
    Clipboard.getSystemClipboard().setContent(content);
  }
}
