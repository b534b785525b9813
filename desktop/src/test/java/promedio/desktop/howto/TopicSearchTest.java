package promedio.desktop.howto;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import promedio.core.catalogue.Measures;
import promedio.core.graph.GraphKind;
import promedio.core.message.Language;
import promedio.core.rules.Rule;
import promedio.core.slip.Cause;

/** The how-to is found by what a student would type. */
class TopicSearchTest {

  private static final Language ENGLISH = Language.of("en").orElseThrow();
  private static final Language SPANISH = Language.of("es").orElseThrow();

  private static final Map<Language, TopicSearch> SEARCHES = new HashMap<>();

  @AfterEach
  void speakEnglishAgain() {
    Language.speak(ENGLISH);
  }

  private static List<String> found(Language language, String typed) {
    Language.speak(language);
    return SEARCHES
        .computeIfAbsent(language, each -> new TopicSearch(Topics.in(each)))
        .find(typed)
        .stream()
        .map(Topic::id)
        .toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "mean|mean",
        "average|mean",
        "x̄|mean",
        "Σx|mean",
        "arithmetic mean|mean",
        "middle value|median",
        "meadian|median",
        "most common|mode",
        "modal value|mode",
        "quartile|quartiles",
        "Q1|quartiles",
        "lower quartile|quartiles",
        "percentile|percentiles",
        "decile|percentiles",
        "five number|five-numbers",
        "range|midrange",
        "IQR|iqr",
        "interquartile|iqr",
        "outlier|outliers",
        "outliar|outliers",
        "s²|variance",
        "varience|variance",
        "σ|standard-deviation",
        "standard devation|standard-deviation",
        "sd|standard-deviation",
        "coefficient of variation|coefficient-of-variation",
        "standard error|standard-error",
        "skew|skewness",
        "kurtosis|kurtosis",
        "z score|z-score",
        "grouped data|class-table",
        "midpoint|grouped-mean",
        "modal class|grouped-mode",
        "n-1|divisor",
        "round half up|rounding",
        "histogramm|histogram",
        "cumulative frequency curve|ogive",
        "box and whiskers|box-plot",
        "average by group|comparison",
        "how do i compare means|comparison",
        "r|correlation",
        "line of best fit|regression",
        "spearman|rank-correlation",
        "contingency table|two-way-table",
        "χ²|chi-squared",
        "anova|anova",
        "p-value|p-value",
        "confidence interval|confidence-interval",
        "calculator|scratch",
        "excel|import-file",
        "missing data|missing-values",
        "dark mode|look-and-keys",
        "save as pdf|hand-in",
        "leave out a value|what-if"
      })
  void inEnglishThisComesFirst(String typed, String topic) {
    assertThat(found(ENGLISH, typed)).first().isEqualTo(topic);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "media|mean",
        "promedio|mean",
        "x̄|mean",
        "término medio|mean",
        "termino medio|mean",
        "mediana|median",
        "valor central|median",
        "mediama|median",
        "moda|mode",
        "más repetido|mode",
        "cuartil|quartiles",
        "cuartiles|quartiles",
        "Q3|quartiles",
        "percentil|percentiles",
        "decil|percentiles",
        "cinco números|five-numbers",
        "recorrido|midrange",
        "rango|midrange",
        "RIC|iqr",
        "rango intercuartílico|iqr",
        "atípico|outliers",
        "atipicos|outliers",
        "outlier|outliers",
        "varianza|variance",
        "cuasivarianza|variance",
        "s²|variance",
        "desviación típica|standard-deviation",
        "desviacion estandar|standard-deviation",
        "coeficiente de variación|coefficient-of-variation",
        "error típico|standard-error",
        "asimetría|skewness",
        "curtosis|kurtosis",
        "tipificar|z-score",
        "datos agrupados|class-table",
        "marca de clase|grouped-mean",
        "clase modal|grouped-mode",
        "redondeo|rounding",
        "histograma|histogram",
        "ojiva|ogive",
        "diagrama de caja|box-plot",
        "caja y bigotes|box-plot",
        "media por grupo|comparison",
        "correlación|correlation",
        "mínimos cuadrados|regression",
        "recta de regresión|regression",
        "spearman|rank-correlation",
        "tabla de contingencia|two-way-table",
        "ji cuadrado|chi-squared",
        "análisis de la varianza|anova",
        "valor p|p-value",
        "intervalo de confianza|confidence-interval",
        "calculadora|scratch",
        "valores ausentes|missing-values",
        "cómo se calcula la mediana|median",
        "imprimir|hand-in"
      })
  void inSpanishThisComesFirst(String typed, String topic) {
    assertThat(found(SPANISH, typed)).first().isEqualTo(topic);
  }

  @Test
  void whatNobodyKnowsFindsNothingAndNothingTypedListsAll() {
    assertThat(found(ENGLISH, "Ausreißer")).isEmpty();
    assertThat(found(ENGLISH, "xyzzy mean")).isEmpty();
    assertThat(found(ENGLISH, "  ")).hasSize(Topics.in(ENGLISH).all().size());
    assertThat(found(ENGLISH, "the")).isNotNull();
  }

  @Test
  void whatIsStillBeingTypedIsFoundAlready() {
    assertThat(found(ENGLISH, "stand")).contains("standard-deviation", "standard-error");
    assertThat(found(ENGLISH, "med")).first().isEqualTo("median");
  }

  @Test
  void eachTopicIsFoundByItsTitleAndByEachOfItsWords() {
    for (Language language : Language.all()) {
      for (Topic topic : Topics.in(language).all()) {
        assertThat(found(language, topic.title())).first().isEqualTo(topic.id());
        for (String word : topic.words()) {
          assertThat(found(language, word)).as("%s: %s", topic.id(), word).contains(topic.id());
        }
      }
    }
  }

  @Test
  void everyTopicHasAllItsTextsInEveryLanguage() {
    for (Language language : Language.all()) {
      assertThat(Topics.in(language).all()).hasSizeGreaterThanOrEqualTo(60);
      assertThat(Topics.in(language).all())
          .allSatisfy(
              topic -> {
                assertThat(topic.title()).isNotBlank();
                assertThat(topic.what()).hasSizeBetween(15, 400);
                assertThat(topic.hand()).hasSizeBetween(10, 400);
                assertThat(topic.window()).hasSizeBetween(15, 300);
                assertThat(topic.words()).isNotEmpty();
              });
    }
  }

  @Test
  void everyMeasureRuleSlipAndGraphLeadsToOneTopic() {
    Set<String> wanted = new TreeSet<>();
    Measures.every().forEach(measure -> wanted.add("measure." + measure.key()));
    Rule.all().forEach(rule -> wanted.add("rule." + rule.code()));
    for (Cause cause : Cause.values()) {
      wanted.add("slip." + cause.code());
    }
    for (GraphKind kind : GraphKind.values()) {
      wanted.add("graph." + kind.code().toLowerCase(Locale.ROOT));
    }
    Topics topics = Topics.in(ENGLISH);

    assertThat(wanted).allSatisfy(each -> assertThat(topics.about(each)).as(each).isPresent());
    List<String> about = topics.all().stream().flatMap(t -> t.about().stream()).toList();
    assertThat(about).doesNotHaveDuplicates();
  }

  @Test
  void aSwapOfTwoLettersIsOneMistake() {
    assertThat(Spelling.distance("maen", "mean", 2)).isEqualTo(1);
    assertThat(Spelling.distance("mean", "mean", 2)).isZero();
    assertThat(Spelling.distance("meen", "mean", 2)).isEqualTo(1);
    assertThat(Spelling.distance("", "me", 2)).isEqualTo(2);
    assertThat(Spelling.distance("histogram", "kurtosis", 2)).isEqualTo(3);
  }
}
