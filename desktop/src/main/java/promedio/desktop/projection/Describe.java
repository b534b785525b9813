package promedio.desktop.projection;

import java.math.BigInteger;
import java.util.Locale;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Item;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.entry.Typed;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.sample.Categories;
import promedio.core.sample.ClassTable;
import promedio.core.sample.CrossTable;
import promedio.core.sample.Data;
import promedio.core.sample.FrequencyTable;
import promedio.core.sample.GoodnessOfFitData;
import promedio.core.sample.Groups;
import promedio.core.sample.Pairs;
import promedio.core.sample.Sample;

/** Short descriptions of data in words. */
public final class Describe {

  private Describe() {}

  /** {@return what kind of data the item holds, with its unit} */
  public static String source(Item item) {
    String kind =
        item.source() instanceof Source.Linked linked
            ? Texts.of(
                linked.found() ? "describe.linked" : "describe.parted", columns(linked.link()))
            : Texts.of("describe." + item.source().shape().name().toLowerCase(Locale.ROOT));
    return item.unit().isEmpty() ? kind : Texts.of("describe.with-unit", kind, item.unit());
  }

  private static final Link.Visitor<String> COLUMNS =
      new Link.Visitor<>() {
        @Override
        public String column(Link.OfColumn link) {
          return link.column();
        }

        @Override
        public String pairs(Link.OfPairs link) {
          return Texts.of("describe.columns-pairs", link.x(), link.y());
        }

        @Override
        public String groups(Link.OfGroups link) {
          return Texts.of("describe.columns-by", link.value(), String.join(", ", link.by()));
        }

        @Override
        public String counts(Link.OfCounts link) {
          return Texts.of("describe.columns-by", link.down(), link.across());
        }
      };

  /** {@return the columns that a link takes, in words} */
  public static String columns(Link link) {
    return link.accept(COLUMNS);
  }

  /** {@return how large the table is, or that it is not read} */
  public static String table(ImportedTable table) {
    return table.isRead()
        ? Texts.of(
            "describe.imported", grouped(table.table().rows()), table.table().columns().size())
        : Texts.of("describe.unread");
  }

  /** {@return how many values there are, missing, and to mend} */
  public static String counts(Analysis analysis) {
    Typed typed = analysis.typed();
    Data data = typed.data();
    StringBuilder counts = new StringBuilder(size(data));
    if (data.missing() > 0) {
      counts.append(Texts.of("counts.missing", grouped(data.missing())));
    }
    int unreadable =
        analysis.item().source() instanceof Source.Linked linked
            ? linked.unreadable()
            : typed.unreadable().size();
    if (unreadable > 0) {
      counts.append(Texts.of("counts.unreadable", grouped(unreadable)));
    }
    typed.problem().map(Message::text).ifPresent(why -> counts.append("\n").append(why));
    return counts.toString();
  }

  /** {@return the counts and the unit, and how far the student has come with the answers} */
  public static String progress(Analysis analysis) {
    String unit = analysis.item().unit();
    String described =
        unit.isEmpty() ? counts(analysis) : Texts.of("sheet.with-unit", counts(analysis), unit);
    Analysis.Progress progress = analysis.progress();
    String told =
        progress.answered() == 0
            ? described
            : Texts.of("sheet.progress", described, progress.agreed(), progress.answered());
    long uncovered =
        analysis.assignment().uncovered().stream()
            .filter(question -> question.about().item() == analysis.item().id())
            .count();
    return analysis.assignment().coversOf(analysis.item().id()) && uncovered > 0
        ? Texts.of("cover.progress", told, uncovered)
        : told;
  }

  private static String size(Data data) {
    return data.accept(new Size());
  }

  /** How many there are, in the words of the kind of data. */
  private static final class Size implements Data.Visitor<String> {

    @Override
    public String sample(Sample sample) {
      BigInteger n = sample.total().numerator();
      return Texts.of("counts.values", n, grouped(n.longValue()));
    }

    @Override
    public String frequencies(FrequencyTable table) {
      int rows = table.rows().size();
      return Texts.of("counts.rows", rows, grouped(rows), table.total().toString());
    }

    @Override
    public String classes(ClassTable table) {
      return Texts.of("counts.classes", table.rows().size(), table.total().toString());
    }

    @Override
    public String categories(Categories categories) {
      int rows = categories.rows().size();
      return Texts.of("counts.categories", rows, grouped(rows), categories.total().toString());
    }

    @Override
    public String pairs(Pairs pairs) {
      return Texts.of("counts.pairs", pairs.size(), grouped(pairs.size()));
    }

    @Override
    public String groups(Groups groups) {
      int size = groups.samples().size();
      return Texts.of("counts.groups", size, groups.total().toString());
    }

    @Override
    public String cross(CrossTable table) {
      return Texts.of(
          "counts.cross", table.rows().size(), table.columns().size(), table.total().toString());
    }

    @Override
    public String fit(GoodnessOfFitData fit) {
      return categories(fit.counted());
    }
  }

  /** Groups thousands with a narrow space, which no decimal sign can be taken for. */
  public static String grouped(long count) {
    return String.format(Locale.ROOT, "%,d", count).replace(',', '\u202F');
  }
}
