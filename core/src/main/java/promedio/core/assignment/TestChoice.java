package promedio.core.assignment;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.core.sample.DataSubset;

/**
 * The test of significance that is worked through for an item, and the hypothesis that it is about.
 *
 * @param test the code of the test; empty where none is
 * @param pair which two of several samples are compared; the whole where that was not chosen
 * @param texts what is typed about it; none of them empty
 * @param stated the alternative and the level, where they are set here and not by the course
 */
public record TestChoice(
    String test, DataSubset pair, Map<HypothesisText, String> texts, StatedRules stated) {

  /** No test, and nothing typed. */
  public static final TestChoice NONE =
      new TestChoice("", DataSubset.WHOLE, Map.of(), StatedRules.NONE);

  public TestChoice {
    Map<HypothesisText, String> typed = new EnumMap<>(HypothesisText.class);
    typed.putAll(texts);
    typed.values().removeIf(String::isEmpty);
    texts = Map.copyOf(typed);
  }

  /** {@return what is typed; empty where nothing is} */
  public String text(HypothesisText which) {
    return texts.getOrDefault(which, "");
  }

  /** {@return this with another test; what is typed stays for it} */
  public TestChoice withTest(String code) {
    return new TestChoice(code, pair, texts, stated);
  }

  /** {@return this about another two samples} */
  public TestChoice withPair(DataSubset two) {
    return new TestChoice(test, two, texts, stated);
  }

  /** {@return this with something else typed} */
  public TestChoice with(HypothesisText which, String text) {
    Map<HypothesisText, String> typed = new EnumMap<>(HypothesisText.class);
    typed.putAll(texts);
    typed.put(which, text);
    return new TestChoice(test, pair, typed, stated);
  }

  /** {@return this under another alternative, or at another level} */
  public <T> TestChoice stating(Rule<T> rule, Optional<T> value) {
    return new TestChoice(test, pair, texts, stated.with(rule, value));
  }
}
