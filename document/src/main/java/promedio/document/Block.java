package promedio.document;

import java.util.List;
import java.util.stream.Stream;
import promedio.graph.GraphExport;

/** A piece of a document that stands by itself. */
public sealed interface Block {

  /** {@return what comes of the block, by its kind} */
  <R> R accept(Visitor<R> visitor);

  /** Takes blocks by their kind. */
  interface Visitor<R> {
    R heading(Heading heading);

    R paragraph(Paragraph paragraph);

    R listing(Listing listing);

    R formula(Formula formula);

    R table(Table table);

    R figure(Figure figure);

    R beside(Beside beside);
  }

  /**
   * A heading.
   *
   * @param level 1 for a section, 2 for what is below one
   * @param text what it says
   */
  record Heading(int level, String text) implements Block {
    public Heading {
      text = Inline.shown(text);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.heading(this);
    }
  }

  /**
   * Sentences.
   *
   * @param text what they say; lines in it stay lines
   * @param quiet whether they are less than what stands around them
   */
  record Paragraph(String text, boolean quiet) implements Block {
    public Paragraph {
      text = Inline.shown(text);
    }

    /** {@return sentences of the usual kind} */
    public static Paragraph of(String text) {
      return new Paragraph(text, false);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.paragraph(this);
    }
  }

  /**
   * Short texts under one another.
   *
   * @param items the texts
   */
  record Listing(List<String> items) implements Block {
    public Listing {
      items = items.stream().map(Inline::shown).toList();
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.listing(this);
    }
  }

  /**
   * A formula on a line of its own.
   *
   * @param line the formula
   */
  record Formula(Inline line) implements Block {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.formula(this);
    }
  }

  /**
   * A table.
   *
   * @param heads what stands above its columns
   * @param rows its rows, each with as many cells
   * @param words how many columns at the left hold words; the others hold numbers
   * @param totals whether the last row sums up those above
   */
  record Table(List<Inline> heads, List<List<String>> rows, int words, boolean totals)
      implements Block {
    public Table {
      heads = List.copyOf(heads);
      rows = rows.stream().map(row -> row.stream().map(Inline::shown).toList()).toList();
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.table(this);
    }
  }

  /**
   * Data with their graph beside them, where there is room for both.
   *
   * @param left the data
   * @param right the graph
   */
  record Beside(List<Block> left, Figure right) implements Block {
    public Beside {
      left = List.copyOf(left);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.beside(this);
    }

    /** {@return the blocks one after the other, for paper of one column} */
    List<Block> inTurn() {
      return Stream.concat(left.stream(), Stream.of(right)).toList();
    }
  }

  /**
   * A graph.
   *
   * @param graph the graph on its paper
   * @param words what it shows, for those who cannot see it
   */
  record Figure(GraphExport graph, String words) implements Block {
    public Figure {
      words = Inline.shown(words);
    }

    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.figure(this);
    }
  }
}
