package promedio.desktop.projection.handin;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphKind;
import promedio.core.measure.Request;
import promedio.core.rules.StatedRules;
import promedio.document.DocumentFormat;

/** What is handed in where the data are not as they should be. */
class OddHandInTest {

  private static final Assignment TERRACES =
      Assignment.empty("Pears")
          .with(Item.of(1, "upper", "g", new Source.ValuesText("8 10 12 15")))
          .with(Item.of(2, "lower", "g", new Source.ValuesText("9 11 16 20")))
          .with(Item.of(3, "terraces", "g", Source.Picked.of(List.of(1, 2))))
          .with(Item.of(4, "grades", "", Source.typed(Source.Shape.COUNTS, "a b\nx 3 4\ny 5 6")))
          .asking(Part.of(1, "How heavy?", Selection.of(1), StatedRules.NONE), requests("mean"))
          .asking(
              Part.of(2, "Do they differ?", Selection.of(3), StatedRules.NONE),
              requests("t_two", "t_two_p", "f_p"))
          .asking(
              Part.of(3, "Do they go together?", Selection.of(4), StatedRules.NONE),
              requests("chi_squared", "chi_squared_p"));

  @TempDir private Path folder;

  private static List<Request> requests(String... keys) {
    return Stream.of(keys).map(key -> Request.of(Measures.ofKey(key).orElseThrow())).toList();
  }

  private static Item item(int id, String name, String values) {
    return Item.of(id, name, "g", new Source.ValuesText(values));
  }

  static Stream<Assignment> odd() {
    return Stream.of(
        TERRACES.without(2),
        TERRACES.without(1).without(2),
        TERRACES.with(item(2, "lower", "")),
        TERRACES.with(item(2, "upper", "9 11 16 20")),
        TERRACES.with(item(2, "lower", "x y z")),
        TERRACES.with(item(2, "", "9 11 16 20")),
        TERRACES.with(item(2, "lower", "7")),
        TERRACES.with(item(2, "lower", "7 7 7")).with(item(1, "upper", "7 7 7")),
        TERRACES.with(item(2, "lower", "1e400 1e-400 3")),
        TERRACES.with(
            Item.of(4, "grades", "", Source.typed(Source.Shape.COUNTS, "a b\nx 3 q\ny 5"))),
        TERRACES.with(Item.of(4, "grades", "", Source.typed(Source.Shape.COUNTS, ""))),
        TERRACES.with(Item.of(4, "grades", "", Source.typed(Source.Shape.COUNTS, "x 0 0\ny 0 0"))));
  }

  private static HandInChoice all(Assignment assignment) {
    HandInChoice usual = HandInChoice.usual(assignment);
    return new HandInChoice(usual.sections(), usual.leftOut(), EnumSet.allOf(Content.class));
  }

  private String written(Assignment assignment, String ending) throws Exception {
    Path file = folder.resolve("answer" + ending);
    DocumentFormat.of(file)
        .orElseThrow()
        .write(HandIn.of(assignment, all(assignment)), file)
        .into(file);
    return ending.equals(".pdf") ? "" : Files.readString(file);
  }

  @ParameterizedTest
  @MethodSource("odd")
  void oneDataSetThatCannotBeUsedCostsNoOtherPart(Assignment assignment) throws Exception {
    for (String ending : List.of(".md", ".html", ".tex", ".pdf")) {
      String text = written(assignment, ending);
      if (ending.equals(".md")) {
        assertThat(text)
            .contains("Part \\(a\\)", "Part \\(b\\)", "Part \\(c\\)")
            .doesNotContain("unexpected error");
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {".md", ".html", ".tex", ".pdf"})
  void aSampleWithoutANameIsDrawnAsEveryGraph(String ending) {
    List<Assignment> drawn = new ArrayList<>();
    for (GraphKind kind : GraphKind.values()) {
      Item nameless = item(1, "", "8 10 12 15");
      drawn.add(TERRACES.with(nameless.withGraph(nameless.graph().with(kind))));
    }
    for (Assignment each : drawn) {
      assertThatCode(() -> written(each, ending)).doesNotThrowAnyException();
    }
  }

  @Test
  void whatCannotBeReadIsToldAtTheTop() throws Exception {
    String text = written(TERRACES.with(item(1, "upper", "8 10 x7 1o")), ".md");

    assertThat(text.lines().limit(6))
        .anySatisfy(line -> assertThat(line).contains("upper", "2 entries cannot be read", "x7"));
  }
}
