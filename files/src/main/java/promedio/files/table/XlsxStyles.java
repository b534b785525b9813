package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Which cells of a workbook show their number as a day or a time (ECMA-376, part 1, 18.8.30). */
final class XlsxStyles {

  private static final Pattern QUOTED =
      Pattern.compile("\"[^\"]*\"|\\\\.|\\[(?![hms]+\\])[^\\]]*\\]");
  private static final Pattern DAY_OR_TIME = Pattern.compile("[ydhs]|mm");

  /** Formats that every workbook has without naming them, and that are of days or times. */
  private static final Set<Integer> BUILT_IN =
      Set.of(
          14, 15, 16, 17, 18, 19, 20, 21, 22, 27, 28, 29, 30, 31, 32, 33, 34, 35, 36, 45, 46, 47,
          50, 51, 52, 53, 54, 55, 56, 57, 58);

  private final Map<Integer, String> formats = new HashMap<>();
  private final List<Integer> ofStyle = new ArrayList<>();

  private XlsxStyles() {}

  /** {@return the styles; without the part no cell is a day} */
  static XlsxStyles read(Optional<InputStream> part) throws IOException {
    XlsxStyles styles = new XlsxStyles();
    if (part.isPresent()) {
      SafeXml.walk(
          part.get(),
          xml -> {
            boolean cells = false;
            while (SafeXml.nextStart(xml)) {
              switch (xml.getLocalName()) {
                case "numFmt" ->
                    styles.formats.put(
                        number(SafeXml.attribute(xml, "numFmtId")),
                        SafeXml.attribute(xml, "formatCode").orElse(""));
                case "cellXfs" -> cells = true;
                case "cellStyles", "cellStyleXfs", "dxfs" -> cells = false;
                case "xf" -> {
                  if (cells) {
                    styles.ofStyle.add(number(SafeXml.attribute(xml, "numFmtId")));
                  }
                }
                default -> {
                  // Fonts, fills and borders say nothing about numbers.
                }
              }
            }
          });
    }
    return styles;
  }

  private static int number(Optional<String> text) {
    return text.filter(t -> t.matches("\\d{1,9}")).map(Integer::parseInt).orElse(0);
  }

  /** {@return whether the style shows numbers as days or times} */
  boolean isDate(Optional<String> style) {
    int place = number(style);
    if (style.isEmpty() || place >= ofStyle.size()) {
      return false;
    }
    int format = ofStyle.get(place);
    String code = formats.get(format);
    if (code == null) {
      return BUILT_IN.contains(format);
    }
    String bare = QUOTED.matcher(code.toLowerCase(Locale.ROOT)).replaceAll("");
    return !bare.contains("general") && DAY_OR_TIME.matcher(bare).find();
  }
}
