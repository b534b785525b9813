package promedio.desktop.projection;

import java.util.List;
import promedio.core.assignment.Item;
import promedio.core.message.Texts;
import promedio.core.sample.Portion;

/** What portions of the data of an item are called. */
public final class PortionText {

  private PortionText() {}

  /** {@return what the portion is called; all of the data by nothing} */
  public static String of(Portion portion, Item item) {
    return switch (portion.kind()) {
      case WHOLE -> "";
      case TOGETHER -> Texts.of("portion.together");
      case GROUP -> portion.groups().get(0);
      case TWO -> Texts.of("portion.two", portion.groups().get(0), portion.groups().get(1));
      case FIT -> Texts.of("portion.fit");
      case X -> x(item);
      case Y -> y(item);
    };
  }

  /** {@return what the first number of each pair of the item is called} */
  public static String x(Item item) {
    return name(item, 0, "x");
  }

  /** {@return what the second number of each pair of the item is called} */
  public static String y(Item item) {
    return name(item, 1, "y");
  }

  private static String name(Item item, int index, String usual) {
    List<String> names = item.source().names();
    return names.size() > index ? names.get(index) : usual;
  }
}
