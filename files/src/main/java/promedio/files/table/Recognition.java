package promedio.files.table;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.table.Aspect;
import promedio.core.table.ReadingChoices;
import promedio.files.RefusedFileException;

/**
 * Recognises by the first rows of a table how it is written, but for what a person decided.
 *
 * @param choices what is decided by a person
 */
record Recognition(ReadingChoices choices) {

  /**
   * {@return how the table is read}
   *
   * @throws RefusedFileException if it cannot be read as a table; the message says what to do
   */
  Recognised of(OpenedSource opened) throws RefusedFileException, IOException {
    List<RawRow> head = firstRows(opened);
    Map<Aspect, String> aspects = new EnumMap<>(Aspect.class);
    aspects.putAll(opened.aspects());
    Separator separator =
        Separator.ofCode(aspects.getOrDefault(Aspect.SEPARATOR, "none")).orElse(Separator.NONE);
    List<String> cells = NumberForms.cells(head).stream().map(ColumnUnit::bare).toList();
    NumberForms forms = forms(NumberForms.find(cells, separator));
    aspects.put(Aspect.DECIMAL, String.valueOf(forms.sign().sign()));
    aspects.put(Aspect.GROUPING, forms.grouping().map(String::valueOf).orElse("none"));
    aspects.put(Aspect.MISSING, choices.of(Aspect.MISSING).orElse(""));
    findHeader(head, forms, aspects);
    return new Recognised(opened.format(), aspects, opened.sheets(), head);
  }

  private List<RawRow> firstRows(OpenedSource opened) throws RefusedFileException, IOException {
    HeadRows sink = new HeadRows(OpenedSource.HEAD_ROWS);
    try {
      opened.feed().into(new TableLimit(sink, opened.size()));
    } catch (CharacterCodingException e) {
      // Within the rows that were read so far nothing is wrong; the whole reading decides.
      if (sink.rows().isEmpty()) {
        throw new RefusedFileException(
            Texts.of("file.encoding", opened.name(), opened.aspects().get(Aspect.ENCODING)), e);
      }
    }
    if (sink.rows().isEmpty()) {
      throw new RefusedFileException(Texts.of("file.empty", opened.name()));
    }
    return sink.rows();
  }

  private NumberForms forms(NumberForms found) throws RefusedFileException {
    DecimalSign sign = found.sign();
    Optional<Character> grouping = found.grouping();
    Optional<String> chosenSign = choices.of(Aspect.DECIMAL);
    if (chosenSign.isPresent()) {
      if (!chosenSign.get().equals(".") && !chosenSign.get().equals(",")) {
        throw OpenedSource.wrongChoice(Aspect.DECIMAL, chosenSign.get());
      }
      sign = chosenSign.get().equals(",") ? DecimalSign.COMMA : DecimalSign.POINT;
      char decimal = sign.sign();
      grouping = grouping.filter(mark -> mark != decimal);
    }
    Optional<String> chosenGrouping = choices.of(Aspect.GROUPING);
    if (chosenGrouping.isPresent()) {
      String mark = chosenGrouping.get();
      grouping = mark.length() == 1 ? Optional.of(mark.charAt(0)) : Optional.empty();
    }
    return new NumberForms(sign, grouping);
  }

  private void findHeader(List<RawRow> head, NumberForms forms, Map<Aspect, String> aspects)
      throws RefusedFileException {
    Optional<String> chosen = choices.of(Aspect.HEADER_LINE);
    if (chosen.isPresent()) {
      long line = number(Aspect.HEADER_LINE, chosen.get());
      long passedOver =
          line > 0 ? line : number(Aspect.PASS_OVER, choices.of(Aspect.PASS_OVER).orElse("0"));
      aspects.put(Aspect.HEADER_LINE, String.valueOf(line));
      aspects.put(Aspect.PASS_OVER, String.valueOf(passedOver));
      return;
    }
    HeaderFinder.Found found = HeaderFinder.find(head, forms, missing()::test);
    long header = found.header() < 0 ? 0 : head.get(found.header()).line();
    long first = found.firstRow() < head.size() ? head.get(found.firstRow()).line() : header + 1;
    aspects.put(Aspect.HEADER_LINE, String.valueOf(header));
    aspects.put(
        Aspect.PASS_OVER,
        choices.of(Aspect.PASS_OVER).orElse(String.valueOf(Math.max(header, first - 1))));
  }

  /** {@return the whole number that an aspect says} */
  static long number(Aspect aspect, String text) throws RefusedFileException {
    if (!text.matches("\\d{1,9}")) {
      throw OpenedSource.wrongChoice(aspect, text);
    }
    return Long.parseLong(text);
  }

  /** {@return what stands for a missing entry} */
  MissingEntries missing() {
    Set<String> own =
        Stream.of(choices.of(Aspect.MISSING).orElse("").split("\\s+"))
            .filter(sign -> !sign.isEmpty())
            .collect(Collectors.toUnmodifiableSet());
    return new MissingEntries(own);
  }
}
