package promedio.core.calculation;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import promedio.core.calculation.Operand.Numbers;
import promedio.core.calculation.Operand.Truths;
import promedio.core.calculation.Operand.Words;
import promedio.core.calculation.Token.Kind;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;

/**
 * Reads a formula into what it comes to in each row. From weakest to strongest: or, and, not;
 * comparisons; plus and minus; times and over; a sign or root before; a power.
 */
final class Parser {

  /** Formulas nested deeper than any person writes are refused before they exhaust the stack. */
  private static final int DEEPEST = 200;

  private final Names names;
  private final List<Token> tokens;
  private int at;
  private int depth;

  private Parser(Names names, List<Token> tokens) {
    this.names = names;
    this.tokens = tokens;
  }

  static Operand parse(String text, Names names) throws CalculationException {
    Parser parser = new Parser(names, Lexer.cut(text, names.all()));
    if (parser.peek().kind() == Kind.END) {
      throw new CalculationException(0, "formula.empty");
    }
    Operand result = parser.or();
    if (parser.peek().kind() != Kind.END) {
      throw parser.unexpected();
    }
    return result;
  }

  private Token peek() {
    return tokens.get(at);
  }

  private Token next() {
    return tokens.get(at++);
  }

  private boolean take(String... signs) {
    for (String sign : signs) {
      if (peek().is(sign)) {
        at++;
        return true;
      }
    }
    return false;
  }

  private void expect(String sign) throws CalculationException {
    if (!take(sign)) {
      throw new CalculationException(peek().start(), "formula.expected", sign, shown(peek()));
    }
  }

  private CalculationException unexpected() {
    Token token = peek();
    if (token.kind() == Kind.WORD) {
      return new CalculationException(
          token.start(), names.unknown(), token.text(), String.join(", ", names.all()));
    }
    return new CalculationException(token.start(), "formula.unexpected", shown(token));
  }

  private static String shown(Token token) {
    return token.kind() == Kind.END ? "…" : token.text();
  }

  private Operand or() throws CalculationException {
    if (++depth > DEEPEST) {
      throw new CalculationException(peek().start(), "formula.deep");
    }
    Operand left = and();
    while (peek().is("or")) {
      Token sign = next();
      Truths a = truths(left, sign);
      Truths b = truths(and(), sign);
      left = (Truths) row -> Logic.or(a.at(row), b.at(row));
    }
    depth--;
    return left;
  }

  private Operand and() throws CalculationException {
    Operand left = not();
    while (peek().is("and")) {
      Token sign = next();
      Truths a = truths(left, sign);
      Truths b = truths(not(), sign);
      left = (Truths) row -> Logic.and(a.at(row), b.at(row));
    }
    return left;
  }

  private Operand not() throws CalculationException {
    if (!peek().is("not")) {
      return comparison();
    }
    Token sign = next();
    Truths statement = truths(not(), sign);
    return (Truths) row -> Logic.not(statement.at(row));
  }

  private Operand comparison() throws CalculationException {
    Operand left = sum();
    Token sign = peek();
    for (Comparison comparison : Comparison.values()) {
      if (comparison.signs().stream().anyMatch(sign::is)) {
        at++;
        return compare(left, comparison, sign);
      }
    }
    if (take("between")) {
      Numbers number = numbers(left, sign);
      Numbers low = numbers(sum(), sign);
      expect("and");
      Numbers high = numbers(sum(), sign);
      return (Truths)
          row ->
              Logic.and(
                  Comparison.AT_LEAST.holds(number.at(row), low.at(row)),
                  Comparison.AT_MOST.holds(number.at(row), high.at(row)));
    }
    if (take("one")) {
      expect("of");
      return oneOf(left);
    }
    if (take("is")) {
      boolean negated = take("not");
      expect("missing");
      return (Truths) row -> (at(left, row) == null) != negated;
    }
    return left;
  }

  private static @Nullable Object at(Operand operand, int row) {
    if (operand instanceof Numbers numbers) {
      return numbers.at(row);
    }
    return operand instanceof Words words ? words.at(row) : ((Truths) operand).at(row);
  }

  private Operand compare(Operand left, Comparison comparison, Token sign)
      throws CalculationException {
    if (left instanceof Words words) {
      String word = word();
      if (comparison != Comparison.EQUAL && comparison != Comparison.DIFFERENT) {
        throw new CalculationException(sign.start(), "formula.words-order", sign.text());
      }
      boolean equal = comparison == Comparison.EQUAL;
      return (Truths)
          row -> {
            String found = words.at(row);
            return found == null ? null : found.equals(word) == equal;
          };
    }
    Numbers a = numbers(left, sign);
    Numbers b = numbers(sum(), sign);
    return (Truths) row -> comparison.holds(a.at(row), b.at(row));
  }

  /** A word needs no quotation marks; several in a row up to the next sign are one. */
  private String word() throws CalculationException {
    Token first = peek();
    if (first.kind() == Kind.QUOTED) {
      return next().text();
    }
    StringBuilder word = new StringBuilder();
    while (isPartOfWord(peek())) {
      Token token = next();
      word.append(word.isEmpty() ? "" : " ").append(token.text());
    }
    if (word.isEmpty()) {
      throw new CalculationException(first.start(), "formula.word", shown(first));
    }
    return word.toString();
  }

  private static boolean isPartOfWord(Token token) {
    boolean language = token.is("and") || token.is("or") || token.is("not");
    return !language
        && (token.kind() == Kind.WORD
            || token.kind() == Kind.NUMBER
            || token.kind() == Kind.COLUMN);
  }

  private Operand oneOf(Operand left) throws CalculationException {
    if (left instanceof Words words) {
      Set<String> listed = new HashSet<>();
      do {
        listed.add(word());
      } while (take(",", ";"));
      return (Truths)
          row -> {
            String found = words.at(row);
            return found == null ? null : listed.contains(found);
          };
    }
    Numbers number = numbers(left, peek());
    List<Numbers> listed = new ArrayList<>();
    do {
      listed.add(numbers(sum(), peek()));
    } while (take(",", ";"));
    return (Truths)
        row ->
            number.at(row) == null
                ? null
                : listed.stream()
                    .anyMatch(
                        one ->
                            Boolean.TRUE.equals(
                                Comparison.EQUAL.holds(number.at(row), one.at(row))));
  }

  private Operand sum() throws CalculationException {
    Operand left = product();
    while (peek().is("+") || peek().is("-") || peek().is("−")) {
      Token sign = next();
      boolean plus = sign.is("+");
      Numbers a = numbers(left, sign);
      Numbers b = numbers(product(), sign);
      left = both(a, b, (x, y) -> Arithmetic.plus(x, plus ? y : y.negate()));
    }
    return left;
  }

  private Operand product() throws CalculationException {
    Operand left = signed();
    while (peek().is("×") || peek().is("·") || peek().is("*") || peek().is("÷") || peek().is("/")) {
      Token sign = next();
      boolean over = sign.is("÷") || sign.is("/");
      Numbers a = numbers(left, sign);
      Numbers b = numbers(signed(), sign);
      left = both(a, b, over ? Arithmetic::over : Exact::times);
    }
    return left;
  }

  /** An operation on two numbers. */
  private interface Operation {
    @Nullable Exact of(Exact a, Exact b);
  }

  private static Numbers both(Numbers a, Numbers b, Operation operation) {
    return row -> {
      Exact x = a.at(row);
      Exact y = b.at(row);
      return x == null || y == null ? null : operation.of(x, y);
    };
  }

  private Operand signed() throws CalculationException {
    if (++depth > DEEPEST) {
      throw new CalculationException(peek().start(), "formula.deep");
    }
    Operand result;
    Token sign = peek();
    if (take("-", "−")) {
      Numbers number = numbers(signed(), sign);
      result = both(number, number, (x, y) -> x.negate());
    } else if (take("+")) {
      result = numbers(signed(), sign);
    } else if (take("√")) {
      Numbers number = numbers(signed(), sign);
      result = both(number, number, (x, y) -> Arithmetic.root(x));
    } else {
      result = power();
    }
    depth--;
    return result;
  }

  private Operand power() throws CalculationException {
    Operand base = atom();
    Token sign = peek();
    if (take("²", "³")) {
      Numbers number = numbers(base, sign);
      Exact exponent = Exact.of(sign.is("²") ? 2 : 3);
      return both(number, number, (x, y) -> Arithmetic.power(x, exponent));
    }
    if (take("^")) {
      Numbers number = numbers(base, sign);
      return both(number, numbers(signed(), sign), Arithmetic::power);
    }
    return base;
  }

  private Operand atom() throws CalculationException {
    Token token = peek();
    if (take("(")) {
      Operand inner = or();
      expect(")");
      return inner;
    }
    if (take("|")) {
      Numbers inner = numbers(sum(), token);
      expect("|");
      return both(inner, inner, (x, y) -> x.abs());
    }
    return switch (token.kind()) {
      case NUMBER -> number(next());
      case COLUMN -> column(next());
      case WORD -> function();
      case QUOTED -> {
        String word = next().text();
        yield (Words) row -> word;
      }
      case SIGN, END -> throw unexpected();
    };
  }

  private static Numbers number(Token token) {
    Reading reading = NumberText.read(token.text(), DecimalSign.POINT);
    Exact value =
        reading instanceof Reading.Numeral numeral
            ? numeral.value()
            // Only 1,234 can be read in two ways; in a formula nothing groups digits.
            : Exact.of(new BigDecimal(token.text().replace(',', '.')));
    return row -> value;
  }

  private Operand column(Token token) {
    return names.operand(token.text());
  }

  private Operand function() throws CalculationException {
    Token name = peek();
    if (!tokens.get(at + 1).is("(")) {
      throw unexpected();
    }
    at += 2;
    List<Numbers> arguments = new ArrayList<>();
    boolean population = name.text().equals("z");
    do {
      if (population && arguments.size() == 1 && take("n")) {
        arguments.add(row -> null);
      } else {
        arguments.add(numbers(sum(), name));
      }
    } while (take(";", ","));
    expect(")");
    return Functions.of(name, arguments, names.rows());
  }

  private static Numbers numbers(Operand operand, Token sign) throws CalculationException {
    if (operand instanceof Numbers numbers) {
      return numbers;
    }
    throw new CalculationException(sign.start(), "formula.no-number", shown(sign));
  }

  private static Truths truths(Operand operand, Token sign) throws CalculationException {
    if (operand instanceof Truths truths) {
      return truths;
    }
    throw new CalculationException(sign.start(), "formula.no-statement", shown(sign));
  }
}
