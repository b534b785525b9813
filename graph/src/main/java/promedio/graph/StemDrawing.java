package promedio.graph;

import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jfree.chart.ChartRenderingInfo;
import org.jfree.chart.axis.ValueAxis;
import promedio.core.graph.StemAndLeaf;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.files.report.ShownNumbers;

/** Stems and leaves, written in columns; two samples stand back to back, more beside each other. */
final class StemDrawing implements Drawing {

  private static final float SIZE = 17;
  private static final float SMALLEST = 5;
  private static final double ROW = 26;
  private static final int MARGIN = 26;
  private static final int GAP = 10;

  private final Graph graph;
  private final List<StemAndLeaf> parts;

  /**
   * Makes the drawing.
   *
   * @throws BadInputException if a sample has no stems; the message says so
   */
  StemDrawing(Graph graph) throws BadInputException {
    this.graph = graph;
    this.parts =
        StemAndLeaf.of(graph.series().stream().map(each -> each.data().tally()).toList())
            .orElseThrow(this::whyNone);
  }

  private BadInputException whyNone() {
    return graph.series().stream()
        .filter(each -> StemAndLeaf.of(each.data().tally()).isEmpty())
        .map(each -> Texts.refusal("draw.no-stems", each.name()))
        .findFirst()
        .orElseThrow();
  }

  @Override
  public Optional<ValueAxis> axis() {
    return Optional.empty();
  }

  @Override
  public void draw(Graphics2D graphics, Rectangle2D area, ChartRenderingInfo places) {
    graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    graphics.setColor(Ink.PAPER);
    graphics.fill(area);
    double top = MARGIN;
    if (!graph.title().isBlank()) {
      graphics.setColor(Ink.INK);
      graphics.setFont(Ink.serif(19));
      graphics.drawString(graph.title(), MARGIN, (float) top + 10);
      top += 34;
    }
    Page page = new Page(graphics, area, top);
    if (parts.size() == 2) {
      page.backToBack();
    } else {
      for (int i = 0; i < parts.size(); i++) {
        page.column(i);
      }
    }
    page.key();
  }

  /** One drawing of the stems on some paper. */
  private final class Page {

    private final Graphics2D graphics;
    private final double top;
    private final double row;
    private final double each;
    private final FontMetrics metrics;
    private final int stem;

    Page(Graphics2D graphics, Rectangle2D area, double top) {
      this.graphics = graphics;
      this.top = top;
      this.row =
          Math.min(ROW, (area.getHeight() - top - MARGIN) / (parts.get(0).stems().size() + 2));
      this.each = (area.getWidth() - 2 * MARGIN) / parts.size();
      int longest = stems().mapToInt(s -> s.leaves().length()).max().orElse(1);
      float size =
          (float) Math.min(SIZE, Math.min(row * 0.78, (each - 70) / Math.max(1, longest) * 1.6));
      Font font = Ink.sans(Math.max(SMALLEST, size));
      graphics.setFont(font);
      this.metrics = graphics.getFontMetrics();
      this.stem = stems().mapToInt(s -> metrics.stringWidth(s.label())).max().orElse(0);
    }

    private Stream<StemAndLeaf.Stem> stems() {
      return parts.stream().flatMap(part -> part.stems().stream());
    }

    /**
     * The first sample's leaves grow to the left of the common stems, the second's to the right.
     */
    void backToBack() {
      double middle = MARGIN + each;
      double left = middle - stem / 2.0 - GAP;
      double right = middle + stem / 2.0 + GAP;
      name(0, left - GAP - metrics.stringWidth(graph.series().get(0).name()));
      name(1, right + GAP);
      for (int i = 0; i < parts.get(0).stems().size(); i++) {
        double at = top + row * (i + 1);
        StemAndLeaf.Stem first = parts.get(0).stems().get(i);
        String turned = new StringBuilder(first.leaves()).reverse().toString();
        write(turned, left - GAP - metrics.stringWidth(turned), at);
        write(first.label(), right - GAP - metrics.stringWidth(first.label()), at);
        write(parts.get(1).stems().get(i).leaves(), right + GAP, at);
      }
      upright(left);
      upright(right);
    }

    void column(int index) {
      double from = MARGIN + index * each;
      double line = from + stem + GAP;
      if (parts.size() > 1) {
        name(index, from);
      }
      List<StemAndLeaf.Stem> stems = parts.get(index).stems();
      for (int i = 0; i < stems.size(); i++) {
        double at = top + row * (i + 1);
        String label = stems.get(i).label();
        write(label, line - GAP - metrics.stringWidth(label), at);
        write(stems.get(i).leaves(), line + GAP, at);
      }
      upright(line);
    }

    private void name(int index, double x) {
      graphics.setColor(Ink.QUIET);
      graphics.drawString(graph.series().get(index).name(), (float) x, (float) top);
      graphics.setColor(Ink.INK);
    }

    private void write(String text, double x, double y) {
      graphics.drawString(text, (float) x, (float) y);
    }

    private void upright(double x) {
      double end = top + row * (parts.get(0).stems().size() + 0.3);
      graphics.draw(new Line2D.Double(x, top + row * 0.4, x, end));
    }

    /** What a leaf is worth. */
    void key() {
      StemAndLeaf part = parts.get(0);
      ShownNumbers numbers = new ShownNumbers(graph.rules(), graph.sign());
      graphics.setColor(Ink.QUIET);
      graphics.setFont(Ink.sans(12.5f));
      graphics.drawString(
          Texts.of("draw.leaf", numbers.shown(part.unit()), graph.axis().name()),
          MARGIN,
          (float) (top + row * (part.stems().size() + 1.2)));
    }
  }
}
