package promedio.core.computation;

import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import promedio.core.formula.Formula;
import promedio.core.formula.Quantity;
import promedio.core.measure.Definition;
import promedio.core.measure.Inspection;
import promedio.core.measure.MeasureContext;

/**
 * What something is made of, at whatever remove, as far as definitions tell it.
 *
 * @param quantities the quantities that are named on the way
 * @param inspections what is looked at on the way
 * @param sums the sums and products over the rows that are formed on the way
 */
public record Dependencies(
    Set<Quantity> quantities, Set<Inspection> inspections, Set<Formula> sums) {

  public Dependencies {
    quantities = Set.copyOf(quantities);
    inspections = Set.copyOf(inspections);
    sums = Set.copyOf(sums);
  }

  /** {@return what a definition reaches, where the definitions of quantities are known} */
  static Dependencies of(
      Definition definition,
      MeasureContext context,
      Function<Quantity, Optional<Definition>> definitions) {
    Collecting collecting = new Collecting(context, definitions);
    definition.accept(collecting);
    return new Dependencies(collecting.quantities, collecting.inspections, collecting.sums);
  }

  private static final class Collecting implements Definition.Visitor<Boolean> {

    private final MeasureContext context;
    private final Function<Quantity, Optional<Definition>> definitions;
    private final Set<Quantity> quantities = new LinkedHashSet<>();
    private final Set<Inspection> inspections = new LinkedHashSet<>();
    private final Set<Formula> sums = new LinkedHashSet<>();

    Collecting(MeasureContext context, Function<Quantity, Optional<Definition>> definitions) {
      this.context = context;
      this.definitions = definitions;
    }

    private void reach(Quantity quantity) {
      if (quantities.add(quantity)) {
        definitions.apply(quantity).ifPresent(next -> next.accept(this));
      }
    }

    @Override
    public Boolean byFormula(Definition.ByFormula definition) {
      for (Formula part : definition.right().parts()) {
        if (part instanceof Formula.Named named) {
          reach(named.quantity());
        } else {
          sums.add(part);
        }
      }
      return true;
    }

    @Override
    public Boolean byInspection(Definition.ByInspection definition) {
      return inspections.add(definition.how());
    }

    @Override
    public Boolean together(Definition.Together definition) {
      definition.cells().requests().stream()
          .map(cell -> cell.measure().quantity(context))
          .forEach(this::reach);
      return true;
    }

    @Override
    public Boolean corrected(Definition.Corrected definition) {
      reach(definition.p());
      return true;
    }

    @Override
    public Boolean undefined(Definition.Undefined definition) {
      return false;
    }
  }
}
