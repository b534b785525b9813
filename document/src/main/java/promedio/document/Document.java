package promedio.document;

import java.util.List;

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
}
