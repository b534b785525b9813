package promedio.core.question;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import promedio.core.question.Sections.Section;

/** Finds the data of a text: tables first, then what stands in lists among the words. */
final class DataFinder {

  /** Where a label stood: no list goes over it. */
  static final char BORDER = '\u0001';

  private final StringBuilder text;
  private final Words words;
  private final Numerals numerals;
  private final boolean ofPairs;

  /**
   * Makes one.
   *
   * @param ofPairs whether something is asked that only pairs have
   */
  DataFinder(String text, Words words, Numerals numerals, boolean ofPairs) {
    this.text = new StringBuilder(text);
    this.words = words;
    this.numerals = numerals;
    this.ofPairs = ofPairs;
  }

  /** {@return the data, in their order} */
  List<FoundData> find(List<Section> sections) {
    // Labels are no numbers, and part what stands before them from what follows.
    for (int i = 1; i < sections.size(); i++) {
      blank(sections.get(i - 1).end(), sections.get(i).start());
      if (sections.get(i - 1).end() < sections.get(i).start()) {
        text.setCharAt(sections.get(i - 1).end(), BORDER);
      }
    }
    List<FoundData> found = new ArrayList<>();
    take(found, new StemFinder(text.toString(), words, numerals).find());
    take(found, new ClassFinder(text.toString(), words, numerals).find());
    take(found, new TableFinder(text.toString(), words, numerals, ofPairs).find());
    take(found, new ListFinder(text.toString(), words, numerals).find());
    found.sort(Comparator.comparing(FoundData::start));
    return found;
  }

  /** What was taken for data is looked at no more. */
  private void take(List<FoundData> found, List<FoundData> more) {
    found.addAll(more);
    more.forEach(each -> blank(each.start(), each.end()));
  }

  private void blank(int from, int to) {
    for (int i = from; i < to; i++) {
      if (text.charAt(i) != '\n') {
        text.setCharAt(i, ' ');
      }
    }
  }
}
