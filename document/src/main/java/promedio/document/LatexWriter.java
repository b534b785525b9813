package promedio.document;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import promedio.files.report.LatexText;

/** Writes a document for LaTeX, its graphs as files of PDF beside it. */
final class LatexWriter implements Block.Visitor<String> {

  private static final List<String> PREAMBLE =
      List.of(
          "\\documentclass[11pt,a4paper,fleqn]{article}",
          "\\usepackage{iftex}",
          "\\ifPDFTeX",
          "  \\usepackage[T1]{fontenc}",
          "  \\usepackage[utf8]{inputenc}",
          "\\fi",
          "\\usepackage{textcomp}",
          "\\usepackage{amsmath}",
          "\\usepackage{graphicx}",
          "\\usepackage{longtable}",
          "\\usepackage[margin=2.2cm]{geometry}",
          "\\setlength{\\parindent}{0pt}",
          "\\setlength{\\parskip}{6pt}",
          "\\setcounter{secnumdepth}{0}");

  private final String folder;
  private final Map<String, byte[]> beside = new TreeMap<>();

  /**
   * Makes a writer.
   *
   * @param folder the name of the folder of pictures, as the document refers to it
   */
  LatexWriter(String folder) {
    this.folder = folder;
  }

  /** {@return the document} */
  Written write(Document document) throws IOException {
    try {
      String body =
          document.blocks().stream()
              .map(block -> block.accept(this) + "\n")
              .collect(Collectors.joining("\n"));
      List<String> head = new ArrayList<>(PREAMBLE);
      if (body.contains("\\cancel{")) {
        // Not every LaTeX has it, so that it is asked for where values are crossed off only.
        head.add("\\usepackage{cancel}");
      }
      head.add("\\begin{document}");
      head.add("{\\LARGE\\bfseries " + LatexText.of(document.title()) + "\\par}");
      String latex = String.join("\n", head) + "\n\n" + body + "\\end{document}\n";
      return new Written(latex.getBytes(StandardCharsets.UTF_8), beside);
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
  }

  @Override
  public String heading(Block.Heading heading) {
    return (heading.level() == 1 ? "\\section{" : "\\subsection{")
        + LatexText.of(heading.text())
        + "}";
  }

  @Override
  public String paragraph(Block.Paragraph paragraph) {
    String text = LatexText.of(paragraph.text());
    return (paragraph.quiet() ? "{\\small " + text + "\\par}" : text) + "\n";
  }

  @Override
  public String listing(Block.Listing listing) {
    return listing.items().stream()
        .map(item -> "  \\item {}" + LatexText.of(item) + "\n")
        .collect(Collectors.joining("", "\\begin{itemize}\n", "\\end{itemize}"));
  }

  @Override
  public String formula(Block.Formula formula) {
    return "\\[\n" + formula.line().latex() + "\n\\]";
  }

  @Override
  public String table(Block.Table table) {
    int columns = table.heads().size();
    String kinds = "l".repeat(table.words()) + "r".repeat(Math.max(0, columns - table.words()));
    StringBuilder latex = new StringBuilder("\\begin{longtable}[l]{" + kinds + "}\n");
    latex.append(row(table.heads().stream().map(LatexWriter::inline).toList()));
    latex.append("\\hline\n\\endhead\n");
    for (int row = 0; row < table.rows().size(); row++) {
      if (table.totals() && row == table.rows().size() - 1) {
        latex.append("\\hline\n");
      }
      latex.append(row(table.rows().get(row).stream().map(LatexText::of).toList()));
    }
    return latex.append("\\end{longtable}").toString();
  }

  private static String inline(Inline piece) {
    return piece.isFormula() ? "$" + piece.latex() + "$" : LatexText.of(piece.plain());
  }

  private static String row(List<String> cells) {
    // A bracket at the beginning of a row would be taken for a length.
    return "{}" + String.join(" & ", cells) + " \\\\\n";
  }

  @Override
  public String beside(Block.Beside beside) {
    return beside.inTurn().stream()
        .map(block -> block.accept(this))
        .collect(Collectors.joining("\n\n"));
  }

  @Override
  public String figure(Block.Figure figure) {
    String name = "graph-" + (beside.size() + 1) + ".pdf";
    ByteArrayOutputStream pdf = new ByteArrayOutputStream();
    try {
      figure.graph().pdf(pdf);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    beside.put(name, pdf.toByteArray());
    return "\\begin{center}\\includegraphics[width=0.85\\linewidth]{"
        + folder
        + "/"
        + name
        + "}\\end{center}";
  }
}
