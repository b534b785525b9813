package promedio.desktop.projection;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.assignment.Item;
import promedio.core.message.Texts;
import promedio.core.sample.DataSubset;

/** What portions of the data of an item are called. */
public final class PortionText {

  private static final Pattern UNIT = Pattern.compile("[(\\[]([^()\\[\\]]*)[)\\]]\\s*$");

  private PortionText() {}

  /** {@return what the portion is called; all of the data by nothing} */
  public static String of(DataSubset subset, Item item) {
    return switch (subset.kind()) {
      case WHOLE -> "";
      case TOGETHER -> Texts.of("portion.together");
      case GROUP -> subset.groups().get(0);
      case TWO -> Texts.of("portion.two", subset.groups().get(0), subset.groups().get(1));
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

  /**
   * {@return whether both numbers of each pair are in one unit, as far as their names tell}: only
   * then their difference means something
   */
  public static boolean haveOneUnit(Item item) {
    return haveOneUnit(x(item), y(item));
  }

  static boolean haveOneUnit(String x, String y) {
    return unit(x).equals(unit(y));
  }

  /** What stands in brackets at the end of a name: “weight (g)”. */
  private static String unit(String name) {
    Matcher matcher = UNIT.matcher(name);
    return matcher.find() ? matcher.group(1).strip() : "";
  }

  private static String name(Item item, int index, String usual) {
    List<String> names = item.source().names();
    return names.size() > index ? names.get(index) : usual;
  }
}
