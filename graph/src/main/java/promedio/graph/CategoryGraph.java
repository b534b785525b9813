package promedio.graph;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.graph.Height;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Categories;

/**
 * A bar for each category, as high as its frequency or its share; or all bars of one height, each
 * cut up by the shares that the series have in its category.
 *
 * @param series what was counted, at least one; several stand beside each other
 * @param height what the height stands for; categories have no density
 * @param arrangement how several series stand
 * @param title above the graph, empty for none
 * @param xName what the categories are
 * @param marked categories whose bars are named as modes
 * @param chosen the category that is chosen, which stands out
 * @param rules the course rules
 * @param sign how numbers are written
 */
public record CategoryGraph(
    List<Series> series,
    Height height,
    Arrangement arrangement,
    String title,
    String xName,
    Set<String> marked,
    Optional<String> chosen,
    CourseRules rules,
    DecimalSign sign)
    implements Picture {

  public CategoryGraph {
    series = List.copyOf(series);
    marked = Set.copyOf(marked);
    if (series.isEmpty()) {
      throw new IllegalArgumentException("nothing to draw");
    }
    if (height == Height.DENSITY) {
      throw new IllegalArgumentException("categories have no width and so no density");
    }
  }

  /** How the bars of several series stand. */
  public enum Arrangement {
    BESIDE,
    /** On one another, each category to 100 %. */
    STACKED
  }

  /**
   * One count of categories.
   *
   * @param name what it is called
   * @param categories its categories
   */
  public record Series(String name, Categories categories) {}

  @Override
  public String name() {
    return series.get(0).name();
  }

  @Override
  public List<Drawable.Scale> scales() {
    List<Exact> heights =
        series.stream()
            .flatMap(each -> each.categories().rows().stream().map(Categories.Row::frequency))
            .toList();
    return List.of(Drawable.Scale.ofHeights(name(), heights));
  }

  @Override
  public String inWords() {
    return InWords.of(this);
  }

  /** {@return the categories of all series, those of the first one first} */
  Set<String> names() {
    Set<String> names = new LinkedHashSet<>();
    for (Series each : series) {
      each.categories().rows().forEach(row -> names.add(row.name()));
    }
    return names;
  }
}
