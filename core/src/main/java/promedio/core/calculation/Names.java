package promedio.core.calculation;

import java.util.List;
import java.util.Map;
import promedio.core.number.Exact;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** What a formula may name besides functions. */
interface Names {

  /** {@return all names} */
  List<String> all();

  /** {@return what one of the names stands for} */
  Operand operand(String name);

  /** {@return how many rows there are} */
  int rows();

  /** {@return the key of the message that says that a name is none of these} */
  String unknown();

  /** {@return the names of the columns of a table} */
  static Names of(Table table) {
    return new Names() {
      @Override
      public List<String> all() {
        return table.names();
      }

      @Override
      public Operand operand(String name) {
        Column column = table.column(name).orElseThrow();
        if (column instanceof NumberColumn numbers) {
          return (Operand.Numbers) row -> numbers.isMissing(row) ? null : numbers.values().get(row);
        }
        WordColumn words = (WordColumn) column;
        return (Operand.Words) row -> words.isMissing(row) ? null : words.text(row);
      }

      @Override
      public int rows() {
        return table.rows();
      }

      @Override
      public String unknown() {
        return "formula.name";
      }
    };
  }

  /** {@return the names of single numbers} */
  static Names of(Map<String, Exact> numbers) {
    return new Names() {
      @Override
      public List<String> all() {
        return List.copyOf(numbers.keySet());
      }

      @Override
      public Operand operand(String name) {
        Exact value = numbers.get(name);
        return (Operand.Numbers) row -> value;
      }

      @Override
      public int rows() {
        return 1;
      }

      @Override
      public String unknown() {
        return "formula.quantity";
      }
    };
  }
}
