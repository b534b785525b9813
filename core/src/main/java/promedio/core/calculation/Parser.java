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
import promedio.core.limit.Limit;
import promedio.core.message.TypedWords;
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

  private static final int MOST_PIECES = 2000;

  private final Names names;
  private final List<Token> tokens;
  private int at;
  private int depth;

  private Parser(Names names, List<Token> tokens) {
    this.names = names;
    this.tokens = tokens;
  }

  static Operand parse(String text, Names names) throws CalculationException {
    if (text.length() > Limit.FORMULA_CHARACTERS.most()) {
      throw new CalculationException((int) Limit.FORMULA_CHARACTERS.most(), "formula.long");
    }
    Parser parser = new Parser(names, Lexer.cut(text, names.all()));
    if (parser.tokens.size() > MOST_PIECES) {
      throw new CalculationException(parser.tokens.get(MOST_PIECES).start(), "formula.long");
    }
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

  /**
   * Takes the words of a meaning, in any language, where a number or a statement has ended: a
   * column of that name cannot stand there.
   */
  private boolean takeWords(String meaning) {
    for (String words : TypedWords.of(meaning)) {
      List<String> each = List.of(words.split(" ", -1));
      int found = 0;
      while (found < each.size() && tokens.get(at + found).isWord(each.get(found))) {
        found++;
      }
      if (found == each.size()) {
        at += found;
        return true;
      }
    }
    return false;
  }

  private boolean isNext(String meaning) {
    int before = at;
    boolean found = takeWords(meaning);
    at = before;
    return found;
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
    Operand first = and();
    if (!isNext("or")) {
      depth--;
      return first;
    }
    List<Truths> statements = new ArrayList<>(List.of(truths(first, peek())));
    while (isNext("or")) {
      Token sign = next();
      statements.add(truths(and(), sign));
    }
    depth--;
    return (Truths) row -> joined(statements, row, Logic::or);
  }

  private Operand and() throws CalculationException {
    Operand first = not();
    if (!isNext("and")) {
      return first;
    }
    List<Truths> statements = new ArrayList<>(List.of(truths(first, peek())));
    while (isNext("and")) {
      Token sign = next();
      statements.add(truths(not(), sign));
    }
    return (Truths) row -> joined(statements, row, Logic::and);
  }

  /** Joins two statements. */
  private interface Joining {
    @Nullable Boolean of(@Nullable Boolean a, @Nullable Boolean b);
  }

  private static @Nullable Boolean joined(List<Truths> statements, int row, Joining joining) {
    Boolean truth = statements.get(0).at(row);
    for (Truths statement : statements.subList(1, statements.size())) {
      truth = joining.of(truth, statement.at(row));
    }
    return truth;
  }

  private Operand not() throws CalculationException {
    Token sign = peek();
    int times = 0;
    while (peek().kind() == Kind.WORD && isNext("not")) {
      at++;
      times++;
    }
    Operand statement = comparison();
    if (times == 0) {
      return statement;
    }
    Truths truths = truths(statement, sign);
    return times % 2 == 0 ? truths : (Truths) row -> Logic.not(truths.at(row));
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
    if (takeWords("between")) {
      Numbers number = numbers(left, sign);
      Numbers low = numbers(sum(), sign);
      if (!takeWords("and")) {
        throw new CalculationException(
            peek().start(), "formula.expected", TypedWords.usual("and"), shown(peek()));
      }
      Numbers high = numbers(sum(), sign);
      return (Truths)
          row ->
              Logic.and(
                  Comparison.AT_LEAST.holds(number.at(row), low.at(row)),
                  Comparison.AT_MOST.holds(number.at(row), high.at(row)));
    }
    if (takeWords("one-of")) {
      return oneOf(left);
    }
    if (takeWords("is-missing")) {
      return (Truths) row -> at(left, row) == null;
    }
    if (takeWords("is-present")) {
      return (Truths) row -> at(left, row) != null;
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
    // A word that joins statements does so only behind another: “no” is what some columns say.
    while (isPartOfWord(peek()) && (word.isEmpty() || !(isNext("and") || isNext("or")))) {
      Token token = next();
      word.append(word.isEmpty() ? "" : " ").append(token.text());
    }
    if (word.isEmpty()) {
      throw new CalculationException(first.start(), "formula.word", shown(first));
    }
    return word.toString();
  }

  private static boolean isPartOfWord(Token token) {
    return token.kind() == Kind.WORD || token.kind() == Kind.NUMBER || token.kind() == Kind.COLUMN;
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
    Operand first = product();
    List<Further> terms = new ArrayList<>();
    while (peek().is("+") || peek().is("-") || peek().is("−")) {
      Token sign = next();
      numbers(first, sign);
      boolean plus = sign.is("+");
      terms.add(
          new Further(
              numbers(product(), sign), (x, y) -> Arithmetic.plus(x, plus ? y : y.negate())));
    }
    return chain(first, terms);
  }

  private Operand product() throws CalculationException {
    Operand first = signed();
    List<Further> factors = new ArrayList<>();
    while (peek().is("×") || peek().is("·") || peek().is("*") || peek().is("÷") || peek().is("/")) {
      Token sign = next();
      numbers(first, sign);
      boolean over = sign.is("÷") || sign.is("/");
      factors.add(
          new Further(numbers(signed(), sign), over ? Arithmetic::over : Arithmetic::times));
    }
    return chain(first, factors);
  }

  /** An operation on two numbers. */
  private interface Operation {
    @Nullable Exact of(Exact a, Exact b);
  }

  /** A further term or factor, and how it joins what stands before it. */
  private record Further(Numbers number, Operation operation) {}

  /** From left to right, in a loop: a long sum must not be a deep one. */
  private static Operand chain(Operand first, List<Further> others) {
    if (others.isEmpty()) {
      return first;
    }
    Numbers start = (Numbers) first;
    return (Numbers)
        row -> {
          Exact value = start.at(row);
          for (int i = 0; i < others.size() && value != null; i++) {
            Exact other = others.get(i).number().at(row);
            value = other == null ? null : others.get(i).operation().of(value, other);
          }
          return value;
        };
  }

  /** An operation on one number. */
  private interface Change {
    @Nullable Exact of(Exact a);
  }

  private static Numbers changed(Numbers number, Change change) {
    return row -> {
      Exact value = number.at(row);
      return value == null ? null : change.of(value);
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
      result = changed(number, Exact::negate);
    } else if (take("+")) {
      result = numbers(signed(), sign);
    } else if (take("√")) {
      Numbers number = numbers(signed(), sign);
      result = changed(number, Arithmetic::root);
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
      return changed(number, x -> Arithmetic.power(x, exponent));
    }
    if (take("^")) {
      Numbers number = numbers(base, sign);
      return chain(number, List.of(new Further(numbers(signed(), sign), Arithmetic::power)));
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
      return changed(inner, Exact::abs);
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
    boolean population = Functions.is("z", name);
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
