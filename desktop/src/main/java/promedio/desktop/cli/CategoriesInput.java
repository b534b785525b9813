package promedio.desktop.cli;

import java.util.Arrays;
import java.util.stream.Collectors;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import promedio.core.message.Texts;
import promedio.core.sample.Categories;
import promedio.core.sample.CategoryOrder;

/** How categories are listed. */
final class CategoriesInput {

  @Option(
      names = "--order",
      defaultValue = "given",
      paramLabel = "${bundle:label.order}",
      descriptionKey = "option.order")
  private String order = "given";

  private CategoriesInput() {}

  /**
   * {@return the categories in the order that is asked for}
   *
   * @throws ParameterException if there is no such order
   */
  Categories ordered(Categories categories, CommandSpec spec) {
    return categories.in(
        CategoryOrder.ofCode(order)
            .orElseThrow(
                () ->
                    new ParameterException(
                        spec.commandLine(), Texts.of("category.order-none", order, codes()))));
  }

  private static String codes() {
    return Arrays.stream(CategoryOrder.values())
        .map(CategoryOrder::code)
        .collect(Collectors.joining(", "));
  }
}
