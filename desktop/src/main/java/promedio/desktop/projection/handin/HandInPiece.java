package promedio.desktop.projection.handin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.message.Texts;
import promedio.document.Block;
import promedio.document.Document;
import promedio.document.Inline;
import promedio.graph.GraphExport;

/**
 * A piece of a document that is copied by itself.
 *
 * @param name what it is, in few words
 * @param document the piece as a document of its own
 * @param plain the piece where only text can be pasted; of a table a row a line, cells apart by
 *     tabs
 * @param picture its graph, where it is one
 */
public record HandInPiece(
    String name, Document document, String plain, Optional<GraphExport> picture) {

  private static final int LONGEST_NAME = 60;

  /** {@return the pieces of a document, in their order; headings go with what they stand above} */
  public static List<HandInPiece> of(Document document) {
    List<HandInPiece> pieces = new ArrayList<>();
    for (Block block : document.pieces()) {
      if (!(block instanceof Block.Heading)) {
        pieces.add(of(document, block));
      }
    }
    return pieces;
  }

  private static HandInPiece of(Document whole, Block block) {
    Document document = new Document(whole.title(), whole.language(), List.of(block));
    return block.accept(
        new Block.Visitor<>() {
          @Override
          public HandInPiece heading(Block.Heading heading) {
            return words("handin.piece.text", heading.text());
          }

          @Override
          public HandInPiece paragraph(Block.Paragraph paragraph) {
            return words("handin.piece.text", paragraph.text());
          }

          @Override
          public HandInPiece listing(Block.Listing listing) {
            return words("handin.piece.text", String.join("\n", listing.items()));
          }

          @Override
          public HandInPiece formula(Block.Formula formula) {
            return words("handin.piece.formula", formula.line().plain());
          }

          @Override
          public HandInPiece table(Block.Table table) {
            List<String> heads = table.heads().stream().map(Inline::plain).toList();
            String lines =
                Stream.concat(Stream.of(heads), table.rows().stream())
                    .map(row -> String.join("\t", row))
                    .collect(Collectors.joining("\n"));
            return new HandInPiece(
                named("handin.piece.table", String.join(", ", heads)),
                document,
                lines,
                Optional.empty());
          }

          @Override
          public HandInPiece figure(Block.Figure figure) {
            return new HandInPiece(
                named("handin.piece.graph", figure.words()),
                document,
                figure.words(),
                Optional.of(figure.graph()));
          }

          @Override
          public HandInPiece beside(Block.Beside beside) {
            throw new IllegalArgumentException("its pieces stand by themselves");
          }

          private HandInPiece words(String key, String plain) {
            return new HandInPiece(named(key, plain), document, plain, Optional.empty());
          }
        });
  }

  private static String named(String key, String text) {
    String line = text.lines().findFirst().orElse("");
    return Texts.of(
        key, line.length() > LONGEST_NAME ? line.substring(0, LONGEST_NAME - 1) + "…" : line);
  }
}
