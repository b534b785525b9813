package promedio.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Columns as they are typed: names or numbers from 1 with commas or semicolons between them; a name
 * that has one of these in itself may stand in quotation marks, which are doubled within it.
 *
 * @param names the columns that are meant, each once
 * @param unknown the first that is no column; none where all are
 */
public record ColumnNames(List<String> names, Optional<String> unknown) {

  private static final Pattern PIECE =
      Pattern.compile("\\s*(?:\"((?:[^\"]|\"\")*)\"|([^,;]*?))\\s*(?:[,;]|$)");

  public ColumnNames {
    names = List.copyOf(names);
  }

  /** {@return the columns as they can be read again} */
  public static String write(List<String> names) {
    return String.join(", ", names.stream().map(ColumnNames::quoted).toList());
  }

  private static String quoted(String name) {
    boolean plain = name.equals(name.strip()) && !name.matches("(?s).*[,;\"].*");
    return plain ? name : '"' + name.replace("\"", "\"\"") + '"';
  }

  /** {@return the columns that are typed, of those that there are} */
  public static ColumnNames read(String typed, List<String> there) {
    List<String> names = new ArrayList<>();
    int at = 0;
    while (at < typed.length()) {
      int from = at;
      // A whole name goes before what its own commas would make of it.
      Optional<String> whole =
          there.stream().filter(name -> startsWith(typed, from, name)).reduce(ColumnNames::longer);
      Matcher piece = PIECE.matcher(typed).region(at, typed.length());
      if (!piece.lookingAt()) {
        return new ColumnNames(names, Optional.of(typed.substring(at)));
      }
      String name =
          whole.orElseGet(
              () ->
                  piece.group(1) == null
                      ? numbered(piece.group(2), there)
                      : piece.group(1).replace("\"\"", "\""));
      if (!there.contains(name)) {
        return new ColumnNames(names, Optional.of(name));
      }
      if (!names.contains(name)) {
        names.add(name);
      }
      at = whole.map(found -> afterName(typed, from, found)).orElseGet(piece::end);
    }
    return new ColumnNames(names, Optional.empty());
  }

  private static String longer(String one, String other) {
    return other.length() > one.length() ? other : one;
  }

  private static boolean startsWith(String typed, int from, String name) {
    String rest = typed.substring(from).stripLeading();
    return !name.isEmpty()
        && rest.startsWith(name)
        && rest.substring(name.length()).matches("(?s)\\s*([,;].*)?");
  }

  private static int afterName(String typed, int from, String name) {
    int end = typed.indexOf(name, from) + name.length();
    Matcher separator = Pattern.compile("\\s*[,;]?").matcher(typed).region(end, typed.length());
    return separator.lookingAt() ? separator.end() : end;
  }

  private static String numbered(String typed, List<String> there) {
    if (typed.matches("\\d{1,4}") && !there.contains(typed)) {
      int number = Integer.parseInt(typed);
      return number >= 1 && number <= there.size() ? there.get(number - 1) : typed;
    }
    return typed;
  }
}
