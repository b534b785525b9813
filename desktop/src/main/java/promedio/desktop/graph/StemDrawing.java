package promedio.desktop.graph;

import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import promedio.core.graph.StemAndLeaf;
import promedio.desktop.Texts;
import promedio.files.report.ShownNumbers;

/** Stems and leaves, written in columns; a second sample beside the first. */
final class StemDrawing implements Drawing {

  private static final float SIZE = 17;
  private static final int MARGIN = 26;
  private static final int GAP = 10;

  private final Graph graph;
  private final List<StemAndLeaf> parts = new ArrayList<>();

  StemDrawing(Graph graph) {
    this.graph = graph;
    for (Graph.Series series : graph.series()) {
      parts.add(
          StemAndLeaf.of(series.data().tally())
              .orElseThrow(
                  () -> new IllegalArgumentException(Texts.of("draw.no-stems", series.name()))));
    }
  }

  @Override
  public void draw(Graphics2D graphics, Rectangle2D area) {
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
    double each = (area.getWidth() - 2 * MARGIN) / parts.size();
    for (int i = 0; i < parts.size(); i++) {
      part(
          graphics, parts.get(i), graph.series().get(i).name(), MARGIN + i * each, top, area, each);
    }
  }

  private void part(
      Graphics2D graphics,
      StemAndLeaf part,
      String name,
      double left,
      double top,
      Rectangle2D area,
      double room) {
    int rows = part.stems().size() + 2;
    double height = Math.min(26, (area.getHeight() - top - MARGIN) / rows);
    int longest = part.stems().stream().mapToInt(s -> s.leaves().length()).max().orElse(1);
    float size =
        (float) Math.min(SIZE, Math.min(height * 0.78, (room - 70) / Math.max(1, longest) * 1.6));
    Font font = Ink.sans(Math.max(5, size));
    graphics.setFont(font);
    FontMetrics metrics = graphics.getFontMetrics();
    int stem = part.stems().stream().mapToInt(s -> metrics.stringWidth(s.label())).max().orElse(0);
    double line = left + stem + GAP;
    double at = top;
    graphics.setColor(Ink.QUIET);
    if (graph.series().size() > 1) {
      graphics.drawString(name, (float) left, (float) at);
    }
    graphics.setColor(Ink.INK);
    double first = at + height * 0.4;
    for (StemAndLeaf.Stem each : part.stems()) {
      at += height;
      graphics.drawString(
          each.label(), (float) (line - GAP - metrics.stringWidth(each.label())), (float) at);
      graphics.drawString(each.leaves(), (float) line + GAP, (float) at);
    }
    graphics.draw(new Line2D.Double(line, first, line, at + height * 0.3));
    graphics.setColor(Ink.QUIET);
    ShownNumbers numbers = new ShownNumbers(graph.rules(), graph.sign());
    graphics.setFont(Ink.sans(12.5f));
    graphics.drawString(
        Texts.of(
            "draw.leaf", part.stems().get(0).label(), numbers.shown(part.unit()), graph.xName()),
        (float) left,
        (float) (at + height * 1.2));
  }
}
