package promedio.core.measure;

import java.util.Optional;
import promedio.core.formula.Scope;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;

/** What sums run over in data of more than one variable; none in data of one. */
final class RowsOfSeveral implements Data.Visitor<Optional<Scope>> {

  static Optional<Scope> of(Data data) {
    return data.accept(new RowsOfSeveral());
  }

  @Override
  public Optional<Scope> sample(Sample sample) {
    return Optional.empty();
  }

  @Override
  public Optional<Scope> frequencies(FrequencyTable table) {
    return Optional.empty();
  }

  @Override
  public Optional<Scope> classes(ClassTable table) {
    return Optional.empty();
  }

  @Override
  public Optional<Scope> categories(Categories categories) {
    return Optional.empty();
  }

  @Override
  public Optional<Scope> pairs(Pairs pairs) {
    return Optional.of(new PairScope(pairs));
  }

  @Override
  public Optional<Scope> groups(Groups groups) {
    return Optional.of(GroupScope.of(groups));
  }

  @Override
  public Optional<Scope> cross(CrossTable table) {
    return Optional.of(CountScope.of(table));
  }

  @Override
  public Optional<Scope> fit(GoodnessOfFitData fit) {
    return Optional.of(CountScope.of(fit));
  }
}
