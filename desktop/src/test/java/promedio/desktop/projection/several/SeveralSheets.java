package promedio.desktop.projection.several;

import java.util.List;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.number.DecimalSign;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.Computations;

/** A small assignment with several samples, as the tests of their sheets begin with it. */
final class SeveralSheets {

  static final int COMPARISON = 4;
  static final int PAIRS = 5;
  static final int COUNTS = 6;

  static final Assignment ORCHARD =
      Assignment.empty("Orchard")
          .with(sample(1, "upper", "8 10 12"))
          .with(sample(2, "middle", "20 22 24 —"))
          .with(sample(3, "lower", "9 11 16 20"))
          .with(Item.of(COMPARISON, "terraces", "g", Source.Picked.of(List.of(1, 2, 3))))
          .with(
              Item.of(
                  PAIRS, "trees", "", new Source.PairsText("age yield\n1 2\n2 4\n3 5\n4 9\n5 9")))
          .with(
              Item.of(
                  COUNTS,
                  "reasons",
                  "",
                  new Source.CountsText("Ana Rocha\nbruised 30 10\nscab 20 40")));

  private SeveralSheets() {}

  private static Item sample(int id, String name, String text) {
    return Item.of(id, name, "g", new Source.ValuesText(text));
  }

  static Analysis of(int item) {
    return of(ORCHARD, item);
  }

  static Analysis of(Assignment assignment, int item) {
    return new Computations().of(assignment, assignment.item(item).orElseThrow());
  }

  static Analysis withComma(int item) {
    return of(ORCHARD.withSign(DecimalSign.COMMA), item);
  }
}
