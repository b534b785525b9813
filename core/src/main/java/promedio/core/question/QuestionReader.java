package promedio.core.question;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import promedio.core.question.AskedFinder.Seen;
import promedio.core.question.PrintedQuestion.Asked;
import promedio.core.question.PrintedQuestion.Part;
import promedio.core.question.Sections.Section;

/** Reads one question: its data, its parts, and what each asks of which data. */
final class QuestionReader {

  private static final List<String> OF_PAIRS =
      List.of(
          "slope",
          "intercept",
          "correlation",
          "rank_correlation",
          "covariance",
          "determination",
          "prediction",
          "residual_sd",
          "difference_mean");

  /** What is asked of groups of one measure together. */
  private static final Set<String> OF_GROUPS =
      Set.of(
          "f",
          "f_p",
          "df_between",
          "df_within",
          "eta_squared",
          "t_two",
          "t_two_df",
          "t_two_p",
          "cohen_d",
          "pooled_variance",
          "pooled_sd",
          "combined_mean");

  private static final Pattern SENTENCE_END = Pattern.compile("(?<=[.?!])\\s|\n|\\z");

  private static final Pattern LONG_NUMBER = Pattern.compile("\\d{31,}+");

  /** More words of one part are looked through for nothing. */
  private static final int MOST_WORDS = 10_000;

  private final String text;
  private final List<Section> sections;
  private final Words words;
  private final Numerals numerals;
  private final AskedFinder finder;

  QuestionReader(String given) {
    this.words = Words.of(given);
    this.text = withoutMarks(withoutAnswers(given.replace("\r", "")));
    this.numerals = Numerals.of(text, words);
    this.finder = new AskedFinder(words, numerals);
    this.sections = Sections.of(text);
  }

  /** Answers that are printed below are not data. */
  private String withoutAnswers(String given) {
    int start = 0;
    for (String line : given.split("\n", -1)) {
      if (start > 0 && words.begin("answers", line)) {
        return given.substring(0, start);
      }
      start += line.length() + 1;
    }
    return given;
  }

  /** “[2 marks]” says how much a part is worth; places in the text stay where they are. */
  private String withoutMarks(String given) {
    StringBuilder left = new StringBuilder(given);
    Matcher marks = words.pattern("marks").matcher(given);
    while (marks.find()) {
      for (int i = marks.start(); i < marks.end(); i++) {
        if (left.charAt(i) != '\n') {
          left.setCharAt(i, ' ');
        }
      }
    }
    return left.toString();
  }

  PrintedQuestion read() {
    List<List<Seen>> seen = new ArrayList<>();
    for (Section section : sections) {
      seen.add(section.stem() && sections.size() > 1 ? List.of() : seen(section));
    }
    List<String> asked =
        seen.stream()
            .flatMap(List::stream)
            .flatMap(each -> each.asked().stream())
            .map(Asked::measure)
            .toList();
    boolean ofPairs = asked.stream().anyMatch(OF_PAIRS::contains);
    List<FoundData> data = new DataFinder(text, words, numerals, ofPairs).find(sections);
    if (!asked.isEmpty() && !asked.contains("modes")) {
      // Of names with numbers nobody asks the mean of how often: the numbers are what is measured.
      data = data.stream().map(FoundData::measured).toList();
    }
    if (asked.stream().anyMatch(OF_GROUPS::contains)) {
      data = grouped(data);
    }
    Marks marks = new Marks();
    for (int i = 0; i < data.size(); i++) {
      marks.data(i, data.get(i));
    }
    List<Part> parts = new ArrayList<>();
    boolean single = sections.size() == 1;
    Limits overall = overall();
    for (int i = 0; i < sections.size(); i++) {
      Section section = sections.get(i);
      if (single || !section.stem()) {
        parts.add(part(section, seen.get(i), data, overall, marks.of(parts.size())));
      }
    }
    Map<String, String> rules = new HashMap<>();
    for (Section section : sections) {
      if (section.stem()) {
        rules.putAll(rules(section, marks.of(Mark.OfRule.ALL)));
      }
    }
    boolean nothing = data.isEmpty() && parts.stream().allMatch(part -> part.asked().isEmpty());
    return new PrintedQuestion(
        data, rules, nothing && single && text.isBlank() ? List.of() : parts, marks.inOrder());
  }

  /** Lists with names that follow each other in one question are groups. */
  private List<FoundData> grouped(List<FoundData> data) {
    List<FoundData> grouped = new ArrayList<>();
    List<FoundData> lists = new ArrayList<>();
    for (FoundData each : data) {
      boolean named = each.kind() == FoundData.Kind.RAW && !each.name().isEmpty();
      boolean further =
          named
              && !lists.isEmpty()
              && question(lists.get(0)) == question(each)
              && lists.stream().noneMatch(other -> other.name().equals(each.name()));
      if (!further) {
        addLists(lists, grouped);
      }
      if (named) {
        lists.add(each);
      } else {
        grouped.add(each);
      }
    }
    addLists(lists, grouped);
    return grouped;
  }

  private static void addLists(List<FoundData> lists, List<FoundData> to) {
    if (lists.size() > 1) {
      to.add(FoundData.groups(lists));
    } else {
      to.addAll(lists);
    }
    lists.clear();
  }

  private String beginning() {
    return text.substring(0, Math.min(text.length(), MOST_WORDS));
  }

  /** What is looked through for what is asked: no number as long as none is, which took long. */
  private String words(Section section) {
    return LONG_NUMBER
        .matcher(printed(section))
        .replaceAll(number -> "_".repeat(number.end() - number.start()));
  }

  private String printed(Section section) {
    return text.substring(section.start(), Math.min(section.end(), section.start() + MOST_WORDS));
  }

  private List<Seen> seen(Section section) {
    return finder.find(words(section), !section.label().isEmpty());
  }

  private Part part(
      Section section, List<Seen> seen, List<FoundData> data, Limits overall, Marks.OfPart marks) {
    boolean single = sections.size() == 1;
    String said = words(section);
    List<Seen> wanted = seen;
    int start = section.start();
    if (wanted.isEmpty() && !single && data.stream().anyMatch(each -> within(each, section))) {
      // “Find the mean of each list: (a) 3, 4, 5 (b) 7, 8, 9”.
      wanted = finder.find(words(sections.get(0)), false);
      start = sections.get(0).start();
    }
    Limits own =
        (section.stem() ? wanted(said) : Limits.in(said, words).inUnitOf(said, beginning(), words))
            .movedBy(section.start());
    Limits limits = wanted.isEmpty() ? Limits.NONE : own.isNone() ? overall : own;
    marks.asked(wanted, start);
    marks.places(limits);
    return new Part(
        section.label(),
        wanted.stream().flatMap(each -> each.asked().stream()).toList(),
        wanted.isEmpty() ? List.of() : about(section, said, data),
        limits.places(),
        limits.digits(),
        single ? Map.of() : rules(section, marks),
        printed(section).strip());
  }

  private static boolean within(FoundData data, Section section) {
    return data.start() >= section.start() && data.end() <= section.end();
  }

  /** The data that a part names; else those in its own words, of its question, or all. */
  private List<Integer> about(Section section, String said, List<FoundData> data) {
    List<Integer> own = indices(data, each -> within(each, section));
    if (!own.isEmpty()) {
      return own;
    }
    List<Integer> ofQuestion =
        section.question() == 0
            ? List.of()
            : indices(data, each -> question(each) == section.question());
    List<Integer> near =
        ofQuestion.isEmpty() ? indices(data, each -> each.start() < section.end()) : ofQuestion;
    List<Integer> candidates = near.isEmpty() ? indices(data, each -> true) : near;
    List<Integer> named =
        candidates.stream().filter(index -> isNamed(data.get(index), said)).toList();
    boolean every = words.says("every", said);
    return named.isEmpty() || every ? candidates : named;
  }

  private static boolean isNamed(FoundData data, String said) {
    String name = data.name().toLowerCase(Locale.ROOT);
    return name.length() > 1
        && Pattern.compile("\\b" + Pattern.quote(name) + "(?!\\p{L}{2})")
            .matcher(said.toLowerCase(Locale.ROOT))
            .find();
  }

  private static List<Integer> indices(List<FoundData> data, Predicate<FoundData> test) {
    List<Integer> indices = new ArrayList<>();
    for (int i = 0; i < data.size(); i++) {
      if (test.test(data.get(i))) {
        indices.add(i);
      }
    }
    return indices;
  }

  private int question(FoundData data) {
    int question = 0;
    for (Section section : sections) {
      if (section.start() <= data.start()) {
        question = section.question();
      }
    }
    return question;
  }

  /** What is said of all answers holds for each part that says nothing else. */
  private Limits overall() {
    Limits found = Limits.NONE;
    for (Section section : sections) {
      String said = words(section);
      Matcher ends = SENTENCE_END.matcher(said);
      int start = 0;
      while (ends.find()) {
        String sentence = said.substring(start, ends.start());
        if (words.says("overall", sentence)) {
          Limits here = Limits.in(sentence, words).inUnitOf(sentence, beginning(), words);
          found = here.isNone() ? found : here.movedBy(section.start() + start);
        }
        start = ends.end();
      }
    }
    if (found.isNone() && sections.size() > 1) {
      found = wanted(words(sections.get(0))).movedBy(sections.get(0).start());
    }
    return found;
  }

  /** What a sentence wants that asks something: “times, to the nearest minute” are data. */
  private Limits wanted(String said) {
    Matcher ends = SENTENCE_END.matcher(said);
    int start = 0;
    while (ends.find()) {
      String sentence = said.substring(start, ends.start());
      if (words.says("asking", sentence) || words.says("rounding", sentence)) {
        Limits here = Limits.in(sentence, words).inUnitOf(sentence, beginning(), words);
        if (!here.isNone()) {
          return here.movedBy(start);
        }
      }
      start = ends.end();
    }
    return Limits.NONE;
  }

  private Map<String, String> rules(Section section, Marks.OfPart marks) {
    Map<String, String> rules = new HashMap<>();
    Map<String, MatchResult> first = new HashMap<>();
    String said = words(section);
    for (String key : words.keys("rule.")) {
      String[] names = key.split("\\.", 3);
      Matcher matcher = words.pattern(key).matcher(said);
      if (matcher.find()) {
        MatchResult before = first.get(names[1]);
        // “the unbiased estimate of the population variance” is by n − 1: the first word counts.
        if (before == null || matcher.start() < before.start()) {
          rules.put(names[1], names[2]);
          first.put(names[1], matcher.toMatchResult());
        }
      }
    }
    first.forEach(
        (code, match) ->
            marks.rule(code, section.start() + match.start(), section.start() + match.end()));
    return rules;
  }
}
