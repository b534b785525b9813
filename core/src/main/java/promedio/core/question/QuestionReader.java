package promedio.core.question;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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
      if (start > 0 && words.says("answers", line)) {
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
    List<List<Asked>> asked = new ArrayList<>();
    for (Section section : sections) {
      asked.add(section.stem() && sections.size() > 1 ? List.of() : asked(section));
    }
    boolean ofPairs =
        asked.stream().flatMap(List::stream).anyMatch(each -> OF_PAIRS.contains(each.measure()));
    List<FoundData> data = new DataFinder(text, words, numerals, ofPairs).find(sections);
    boolean measured =
        asked.stream().flatMap(List::stream).noneMatch(each -> each.measure().equals("modes"))
            && asked.stream().anyMatch(each -> !each.isEmpty());
    if (measured) {
      // Of names with numbers nobody asks the mean of how often: the numbers are what is measured.
      data = data.stream().map(FoundData::measured).toList();
    }
    List<FoundData> read = data;
    List<Part> parts = new ArrayList<>();
    boolean single = sections.size() == 1;
    Limits overall = overall();
    for (int i = 0; i < sections.size(); i++) {
      Section section = sections.get(i);
      if (single || !section.stem()) {
        parts.add(part(section, asked.get(i), read, overall, single));
      }
    }
    Map<String, String> rules = new HashMap<>();
    for (Section section : sections) {
      if (section.stem()) {
        rules.putAll(rules(words(section)));
      }
    }
    boolean nothing = data.isEmpty() && parts.stream().allMatch(part -> part.asked().isEmpty());
    return new PrintedQuestion(
        data, rules, nothing && single && text.isBlank() ? List.of() : parts);
  }

  private String beginning() {
    return text.substring(0, Math.min(text.length(), MOST_WORDS));
  }

  private String words(Section section) {
    return text.substring(section.start(), Math.min(section.end(), section.start() + MOST_WORDS));
  }

  private List<Asked> asked(Section section) {
    return finder.find(words(section), !section.label().isEmpty());
  }

  private Part part(
      Section section, List<Asked> asked, List<FoundData> data, Limits overall, boolean single) {
    String said = words(section);
    List<Asked> wanted = asked;
    if (wanted.isEmpty() && !single && data.stream().anyMatch(each -> within(each, section))) {
      // “Find the mean of each list: (a) 3, 4, 5 (b) 7, 8, 9”.
      wanted = finder.find(words(sections.get(0)), false);
    }
    Limits own = Limits.in(said, words).inUnitOf(said, beginning(), words);
    Limits limits = own.isNone() ? overall : own;
    boolean none = wanted.isEmpty();
    return new Part(
        section.label(),
        wanted,
        none ? List.of() : about(section, said, data),
        none ? Optional.empty() : limits.places(),
        none ? Optional.empty() : limits.digits(),
        single ? Map.of() : rules(said),
        said.strip());
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
      for (String sentence : words(section).split("(?<=[.?!])\\s|\n", -1)) {
        if (words.says("overall", sentence)) {
          Limits here = Limits.in(sentence, words).inUnitOf(sentence, beginning(), words);
          found = here.isNone() ? found : here;
        }
      }
    }
    if (found.isNone() && sections.size() > 1) {
      found = Limits.in(words(sections.get(0)), words);
    }
    return found;
  }

  private Map<String, String> rules(String said) {
    Map<String, String> rules = new HashMap<>();
    Map<String, Integer> starts = new HashMap<>();
    for (String key : words.keys("rule.")) {
      String[] names = key.split("\\.", 3);
      Matcher matcher = words.pattern(key).matcher(said);
      // “the unbiased estimate of the population variance” is by n − 1: the first word counts.
      if (matcher.find() && matcher.start() < starts.getOrDefault(names[1], Integer.MAX_VALUE)) {
        rules.put(names[1], names[2]);
        starts.put(names[1], matcher.start());
      }
    }
    return rules;
  }
}
