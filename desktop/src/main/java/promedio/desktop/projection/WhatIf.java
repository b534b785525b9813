package promedio.desktop.projection;

import java.util.List;
import java.util.Optional;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.assignment.TextEdits;
import promedio.core.entry.Entry;
import promedio.core.entry.Typed;
import promedio.core.entry.TypedPairs;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;

/**
 * A change of a sample that is tried out: nothing is changed until the student keeps it.
 *
 * @param kind what is tried
 * @param entry the entry that is taken out or changed, −1 where one is put in
 * @param text the typed list as it would be
 * @param analysis what would come of it
 */
public record WhatIf(Kind kind, int entry, String text, Analysis analysis) {

  /** What can be tried. */
  public enum Kind {
    WITHOUT,
    CHANGED,
    WITH
  }

  /** {@return the sample without one value of the entry; only of typed lists} */
  public static Optional<WhatIf> without(Assignment assignment, Analysis now, int entry) {
    return figure(now, entry)
        .map(
            found -> of(assignment, now, Kind.WITHOUT, entry, TextEdits.without(text(now), found)));
  }

  /** {@return the sample with another number in the place of the entry, if it is a number} */
  public static Optional<WhatIf> changed(
      Assignment assignment, Analysis now, int entry, String number) {
    return figure(now, entry)
        .filter(found -> isNumber(now, number))
        .map(
            found ->
                of(
                    assignment,
                    now,
                    Kind.CHANGED,
                    entry,
                    TextEdits.replaced(text(now), found, number.strip())));
  }

  /** {@return the sample with one more number, if it is a number} */
  public static Optional<WhatIf> with(Assignment assignment, Analysis now, String number) {
    return isTyped(now) && isNumber(now, number)
        ? Optional.of(
            of(assignment, now, Kind.WITH, -1, TextEdits.appended(text(now), number.strip())))
        : Optional.empty();
  }

  /**
   * {@return the pairs without one of them}; of pairs that a table gives this can be looked at, not
   * kept
   *
   * @param row which of the pairs that are whole, from 0
   */
  public static Optional<WhatIf> withoutPair(Assignment assignment, Analysis now, int row) {
    return now.typed()
        .data()
        .pairs()
        .filter(pairs -> row >= 0 && row < pairs.size())
        .map(
            pairs -> {
              Typed left = new Typed(List.of(), pairs.without(row), Optional.empty());
              Analysis without = Analysis.of(assignment, now.item(), left);
              return new WhatIf(Kind.WITHOUT, row, textWithoutPair(now, row), without);
            });
  }

  private static String textWithoutPair(Analysis now, int row) {
    List<Entry> pair = TypedPairs.ofPair(now.typed().entries(), row);
    return pair.isEmpty() ? "" : TextEdits.withoutPair(text(now), pair.get(0), pair.get(1));
  }

  /** {@return whether it can be kept: what a table gives is changed there} */
  public boolean canBeKept() {
    return !text.isEmpty();
  }

  private static WhatIf of(Assignment assignment, Analysis now, Kind kind, int entry, String text) {
    Item tried = now.item().withSource(new Source.ValuesText(text));
    return new WhatIf(kind, entry, text, Analysis.of(assignment, tried));
  }

  private static Optional<Entry> figure(Analysis now, int entry) {
    List<Entry> entries = now.typed().entries();
    return isTyped(now)
            && entry >= 0
            && entry < entries.size()
            && entries.get(entry).content() instanceof Entry.Figure
        ? Optional.of(entries.get(entry))
        : Optional.empty();
  }

  private static boolean isTyped(Analysis now) {
    return now.item().source() instanceof Source.ValuesText;
  }

  private static boolean isNumber(Analysis now, String number) {
    return NumberText.read(number, now.sign()) instanceof Reading.Numeral;
  }

  private static String text(Analysis now) {
    return now.item().source().typedText().orElse("");
  }
}
