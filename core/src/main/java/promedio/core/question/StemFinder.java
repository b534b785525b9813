package promedio.core.question;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds stem and leaf diagrams, by their key where one is printed. */
final class StemFinder {

  private static final Pattern ROW = Pattern.compile("\\s*(\\d+)\\s*[|│]\\s*((?:\\d\\s*)*)");

  private final String text;
  private final Words words;
  private final Numerals numerals;

  StemFinder(String text, Words words, Numerals numerals) {
    this.text = text;
    this.words = words;
    this.numerals = numerals;
  }

  List<FoundData> find() {
    List<FoundData> found = new ArrayList<>();
    if (!words.says("stem", text)) {
      return found;
    }
    BigDecimal scale = scale();
    List<Line> lines = Line.of(text);
    for (int i = 0; i < lines.size(); i++) {
      List<String> values = new ArrayList<>();
      int last = i;
      Matcher row = ROW.matcher(lines.get(i).text());
      while (row.matches()) {
        for (String leaf : row.group(2).strip().split("\\s+|(?<=\\d)(?=\\d)", -1)) {
          if (!leaf.isEmpty()) {
            values.add(
                new BigDecimal(row.group(1) + leaf)
                    .multiply(scale)
                    .stripTrailingZeros()
                    .toPlainString());
          }
        }
        last++;
        row = ROW.matcher(last < lines.size() ? lines.get(last).text() : "");
      }
      if (last - i > 1) {
        found.add(FoundData.raw("", "", values, lines.get(i).start(), lines.get(last - 1).end()));
        i = last;
      }
    }
    return found;
  }

  /** What a leaf counts: the key says what one entry means. */
  private BigDecimal scale() {
    Matcher key = words.pattern("key").matcher(text);
    if (!key.find()) {
      return BigDecimal.ONE;
    }
    BigDecimal written = new BigDecimal(key.group("stem") + key.group("leaf"));
    String value = key.group("value").replaceAll("[.,]$", "");
    return written.signum() == 0
        ? BigDecimal.ONE
        : numerals
            .plain(value)
            .filter(plain -> !plain.contains("/"))
            .map(plain -> new BigDecimal(plain).divide(written, MathContext.DECIMAL64))
            .orElse(BigDecimal.ONE);
  }
}
