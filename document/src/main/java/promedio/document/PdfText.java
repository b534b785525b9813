package promedio.document;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.contentstream.operator.OperatorName;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.limit.Limit;
import promedio.core.message.Texts;
import promedio.files.RefusedFileException;

/** The words of a PDF that may come from anyone. */
public final class PdfText {

  private static final Logger LOG = LoggerFactory.getLogger(PdfText.class);

  private PdfText() {}

  /**
   * {@return the words, line by line as they stand on the pages}
   *
   * @param name what to call it in messages
   * @throws RefusedFileException if it is torn, encrypted or without words, or holds more of
   *     something than is taken; the message says which
   */
  public static String of(String name, byte[] bytes) throws RefusedFileException {
    try {
      PackedStreams.check(bytes);
      try (PDDocument document = Loader.loadPDF(bytes)) {
        if (document.getNumberOfPages() == 0) {
          throw new RefusedFileException(Texts.of("pdf.torn", name));
        }
        Bounded words = new Bounded();
        words.hold(document.getNumberOfPages(), Limit.PDF_PAGES);
        String text = words.getText(document);
        if (text.isBlank()) {
          throw new RefusedFileException(Texts.of("pdf.no-text", name));
        }
        return text;
      }
    } catch (BeyondException e) {
      throw new RefusedFileException(e.limit.beyond(name).text(), e);
    } catch (InvalidPasswordException e) {
      throw new RefusedFileException(Texts.of("pdf.encrypted", name), e);
    } catch (IOException | RuntimeException | StackOverflowError e) {
      // The library meets damage in many ways; none of them is a mistake of the one who chose it.
      LOG.info("cannot read {}", name, e);
      throw new RefusedFileException(Texts.of("pdf.torn", name), e);
    }
  }

  /** There is more of something than is taken. */
  static final class BeyondException extends InterruptedIOException {

    private static final long serialVersionUID = 1;

    private final Limit limit;

    BeyondException(Limit limit) {
      super(limit.code());
      this.limit = limit;
    }
  }

  /** Takes the words as long as there are not too many, on not too many pages, in time. */
  private static final class Bounded extends PDFTextStripper {

    private static final long NANOSECONDS = 1_000_000_000L;

    private final long end = System.nanoTime() + Limit.PDF_SECONDS.most() * NANOSECONDS;
    private long pages;
    private long steps;
    private long objects;
    private long characters;
    private final FontClaims claims = new FontClaims();

    Bounded() {
      setSortByPosition(true);
    }

    private void hold(long count, Limit limit) throws BeyondException {
      if (count > limit.most()) {
        throw new BeyondException(limit);
      }
    }

    @Override
    public void processPage(PDPage page) throws IOException {
      hold(++pages, Limit.PDF_PAGES);
      super.processPage(page);
    }

    @Override
    protected void processOperator(Operator operator, List<COSBase> operands) throws IOException {
      hold(++steps, Limit.PDF_STEPS);
      hold(characters, Limit.PDF_CHARACTERS);
      switch (operator.getName()) {
        case OperatorName.DRAW_OBJECT -> hold(++objects, Limit.PDF_OBJECTS);
        case OperatorName.SET_FONT_AND_SIZE, OperatorName.SET_GRAPHICS_STATE_PARAMS ->
            claims.check(getResources());
        default -> {}
      }
      if (System.nanoTime() > end) {
        throw new BeyondException(Limit.PDF_SECONDS);
      }
      super.processOperator(operator, operands);
    }

    @Override
    protected void operatorException(Operator operator, List<COSBase> operands, IOException failure)
        throws IOException {
      if (failure instanceof BeyondException) {
        // The library passes over what it cannot draw; this is not one of those.
        throw failure;
      }
      super.operatorException(operator, operands, failure);
    }

    @Override
    protected void processTextPosition(TextPosition text) {
      // This may not throw; the next step does.
      if (++characters <= Limit.PDF_CHARACTERS.most()) {
        super.processTextPosition(text);
      }
    }
  }
}
