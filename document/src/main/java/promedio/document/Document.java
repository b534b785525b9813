package promedio.document;

import java.util.List;
import java.util.stream.Stream;

/**
 * What is handed in.
 *
 * @param title what it is called
 * @param language the code of the language it is written in, such as en
 * @param blocks what it consists of, in order
 */
public record Document(String title, String language, List<Block> blocks) {
  public Document {
    title = Inline.shown(title);
    blocks = List.copyOf(blocks);
  }

  /** {@return what it consists of, piece by piece: what stands side by side one after the other} */
  public List<Block> pieces() {
    return blocks.stream()
        .flatMap(
            block ->
                block instanceof Block.Beside beside ? beside.inTurn().stream() : Stream.of(block))
        .toList();
  }
}
