package promedio.core.tidy;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import promedio.core.message.Message;
import promedio.core.rules.ClassEnd;

/** What steps do, in sentences. */
final class Sentences {

  private static final int MOST_NAMED = 6;

  private Sentences() {}

  /** {@return the sentence of a step that is not done, so touches nothing} */
  static Message intention(Step step) {
    return of(step, "");
  }

  /** {@return the sentence of a step that was done} */
  static Message done(Step step, long entries) {
    return of(step, String.valueOf(entries));
  }

  /** The count is put in last; without one the sentence ends before it. */
  private static Message of(Step step, String count) {
    Message plain = plain(step);
    if (count.isEmpty()) {
      return plain;
    }
    boolean rows =
        step instanceof Step.LeaveOut
            || step instanceof Step.LeaveOutRows
            || step instanceof Step.DropMissing;
    boolean uncounted =
        step instanceof Step.Choose
            || step instanceof Step.Rename
            || step instanceof Step.TotalsRow
            || step instanceof Step.Mend;
    if (uncounted) {
      return plain;
    }
    return Message.of(rows ? "step.rows" : "step.entries", plain.text(), count);
  }

  private static Message plain(Step step) {
    if (step instanceof Step.Choose s) {
      return Message.of("step.choose", names(s.columns()));
    } else if (step instanceof Step.Rename s) {
      return Message.of("step.rename", s.from(), s.to());
    } else if (step instanceof Step.Sort s) {
      return Message.of(s.descending() ? "step.sort-down" : "step.sort-up", s.column());
    } else if (step instanceof Step.LeaveOut s) {
      return Message.of("step.leave-out", s.where());
    } else if (step instanceof Step.LeaveOutRows s) {
      return Message.of(
          "step.leave-out-rows", names(s.rows().stream().map(String::valueOf).toList()));
    } else if (step instanceof Step.Recode s) {
      return Message.of("step.recode", s.column(), changes(s.changes()));
    } else if (step instanceof Step.Cut s) {
      String key = s.end() == ClassEnd.LOWER ? "step.cut-lower" : "step.cut-upper";
      return Message.of(key, s.column(), s.into(), String.join(", ", s.boundaries()));
    } else if (step instanceof Step.Compute s) {
      return Message.of("step.compute", s.into(), s.formula());
    } else if (step instanceof Step.Fill s) {
      return Message.of(
          "step.fill-" + s.with().name().toLowerCase(Locale.ROOT), s.column(), s.value());
    } else if (step instanceof Step.DropMissing s) {
      return Message.of("step.drop-missing", names(s.columns()));
    } else if (step instanceof Step.ChangeKind s) {
      return Message.of("step.change-kind-" + s.kind().code(), s.column());
    } else if (step instanceof Step.Stack s) {
      return Message.of("step.stack", names(s.columns()), s.value(), s.group());
    } else if (step instanceof Step.Unstack s) {
      return Message.of("step.unstack", s.value(), s.group());
    } else if (step instanceof Step.Across s) {
      String key = s.total() == Step.Total.SUM ? "step.across-sum" : "step.across-mean";
      return Message.of(key, names(s.columns()), s.into());
    } else if (step instanceof Step.TotalsRow s) {
      return Message.of(s.total() == Step.Total.SUM ? "step.totals-sum" : "step.totals-mean");
    }
    Step.Mend s = (Step.Mend) step;
    return Message.of("step.mend", s.column(), String.valueOf(s.row()), s.text());
  }

  private static String names(List<String> names) {
    String shown = names.stream().limit(MOST_NAMED).collect(Collectors.joining(", "));
    return names.size() > MOST_NAMED ? shown + ", … (" + names.size() + ")" : shown;
  }

  private static String changes(List<Step.Change> changes) {
    return names(
        changes.stream()
            .map(change -> change.from() + " → " + (change.to().isEmpty() ? "—" : change.to()))
            .toList());
  }
}
