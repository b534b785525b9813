package promedio.desktop.projection.several;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.number.Exact;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.PortionText;
import promedio.desktop.projection.Results;

/** What is alike and what differs between groups, in a sentence. */
public final class AlikeText {

  /**
   * Means that lie within a fifth of the pooled standard deviation are small apart (Cohen 1988).
   */
  private static final Exact SMALL = Exact.of(1, 5);

  /** Spreads of which one is twice another are told to differ. */
  private static final Exact TWICE = Exact.of(2);

  private AlikeText() {}

  /** A group with one of its numbers. */
  private record Of(String group, Exact value) {}

  /** {@return the sentences; empty where there is nothing to compare} */
  public static String of(Analysis now) {
    boolean covered =
        DataSubset.eachGroup(now.typed().data()).stream()
            .flatMap(group -> now.in(group).stream())
            .anyMatch(of -> of.coversAny(Measures.MEAN, Measures.SD));
    if (covered) {
      return Texts.of("cover.alike");
    }
    List<Of> means = values(now, Measures.MEAN);
    List<Of> spreads = values(now, Measures.SD);
    if (means.size() < 2 || spreads.size() < 2) {
      return "";
    }
    return means(now, least(means), most(means))
        + " "
        + spreads(now, least(spreads), most(spreads));
  }

  private static String means(Analysis now, Of least, Of most) {
    Exact apart = most.value().minus(least.value());
    if (apart.signum() == 0) {
      return Texts.of("alike.means-equal", shown(now, least));
    }
    Optional<Exact> pooled =
        now.computation().value(Request.of(Measures.ofKey("pooled_sd").orElseThrow()));
    boolean near = pooled.filter(sd -> apart.compareTo(sd.times(SMALL)) <= 0).isPresent();
    return Texts.of(
        near ? "alike.means-near" : "alike.means-apart",
        least.group(),
        shown(now, least),
        most.group(),
        shown(now, most),
        Results.rounded(apart, now.rules(), now.sign()));
  }

  private static String spreads(Analysis now, Of least, Of most) {
    if (most.value().compareTo(least.value()) == 0) {
      return Texts.of("alike.spreads-equal", shown(now, least));
    }
    boolean twice = most.value().compareTo(least.value().times(TWICE)) >= 0;
    return Texts.of(
        twice ? "alike.spreads-apart" : "alike.spreads-near",
        least.group(),
        shown(now, least),
        most.group(),
        shown(now, most));
  }

  private static String shown(Analysis now, Of of) {
    return Results.rounded(of.value(), now.rules(), now.sign());
  }

  private static List<Of> values(Analysis now, Measure measure) {
    List<Of> values = new ArrayList<>();
    for (DataSubset group : DataSubset.eachGroup(now.typed().data())) {
      now.in(group)
          .flatMap(of -> of.computation().value(Request.of(measure)))
          .ifPresent(value -> values.add(new Of(PortionText.of(group, now.item()), value)));
    }
    return values;
  }

  private static Of least(List<Of> values) {
    return values.stream().min(Comparator.comparing(Of::value)).orElseThrow();
  }

  private static Of most(List<Of> values) {
    return values.stream().max(Comparator.comparing(Of::value)).orElseThrow();
  }
}
