package promedio.document;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Writes a document in Markdown, formulas in LaTeX between dollar signs, graphs as SVG beside. */
final class MarkdownWriter implements Block.Visitor<String> {

  private final String folder;
  private final Map<String, byte[]> beside = new TreeMap<>();

  /**
   * Makes a writer.
   *
   * @param folder the name of the folder of pictures, as the document refers to it
   */
  MarkdownWriter(String folder) {
    this.folder = folder;
  }

  /** {@return the document} */
  Written write(Document document) throws IOException {
    try {
      String markdown =
          "# "
              + text(document.title())
              + "\n\n"
              + document.blocks().stream()
                  .map(block -> block.accept(this) + "\n")
                  .collect(Collectors.joining("\n"));
      return new Written(markdown.getBytes(StandardCharsets.UTF_8), beside);
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
  }

  /** Signs that could be markup have a backslash before them. */
  private static String text(String text) {
    return text.replaceAll("[\\\\`*_{}\\[\\]()<>#+.!|~$&^=:-]", "\\\\$0");
  }

  private static String line(String text) {
    return text(text).replace("\n", " ");
  }

  @Override
  public String heading(Block.Heading heading) {
    return "#".repeat(heading.level() + 1) + " " + line(heading.text());
  }

  @Override
  public String paragraph(Block.Paragraph paragraph) {
    return paragraph.text().lines().map(MarkdownWriter::text).collect(Collectors.joining("  \n"));
  }

  @Override
  public String listing(Block.Listing listing) {
    return listing.items().stream()
        .map(item -> "- " + line(item))
        .collect(Collectors.joining("\n"));
  }

  @Override
  public String formula(Block.Formula formula) {
    return "$$\n" + formula.line().latex() + "\n$$";
  }

  @Override
  public String table(Block.Table table) {
    StringBuilder markdown = new StringBuilder();
    markdown.append(row(table.heads().stream().map(MarkdownWriter::inline).toList()));
    markdown.append("|");
    for (int column = 0; column < table.heads().size(); column++) {
      markdown.append(column < table.words() ? ":--|" : "--:|");
    }
    for (List<String> row : table.rows()) {
      markdown.append('\n').append(row(row.stream().map(MarkdownWriter::line).toList()).strip());
    }
    return markdown.toString();
  }

  private static String inline(Inline piece) {
    return piece.isFormula()
        ? "$" + piece.latex().replace("|", "\\vert ") + "$"
        : line(piece.plain());
  }

  private static String row(List<String> cells) {
    return "| " + String.join(" | ", cells) + " |\n";
  }

  @Override
  public String beside(Block.Beside beside) {
    return beside.inTurn().stream()
        .map(block -> block.accept(this))
        .collect(Collectors.joining("\n\n"));
  }

  @Override
  public String figure(Block.Figure figure) {
    String name = "graph-" + (beside.size() + 1) + ".svg";
    ByteArrayOutputStream svg = new ByteArrayOutputStream();
    try {
      figure.graph().svg(svg);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    beside.put(name, svg.toByteArray());
    return "![" + line(figure.words()) + "](<" + folder.replaceAll("[<>]", "") + "/" + name + ">)";
  }
}
