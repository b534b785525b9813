package promedio.document;

import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdmodel.PDResources;
import org.jspecify.annotations.Nullable;
import promedio.core.limit.Limit;

/**
 * Looks for how many characters the fonts of a page give widths, before anything keeps them one by
 * one: two numbers of a damaged file may claim two thousand millions of them.
 */
final class FontWidths {

  private static final COSName WIDTHS = COSName.W;
  private static final COSName HEIGHTS = COSName.getPDFName("W2");

  private final Set<COSBase> seen = Collections.newSetFromMap(new IdentityHashMap<>());

  /**
   * Holds that the fonts of the resources, and of their graphics states, claim no more than is
   * taken.
   *
   * @throws PdfText.BeyondException if they do
   */
  void check(@Nullable PDResources resources) throws PdfText.BeyondException {
    if (resources == null || !seen.add(resources.getCOSObject())) {
      return;
    }
    COSDictionary all = resources.getCOSObject();
    for (COSBase font : entries(all.getDictionaryObject(COSName.FONT))) {
      checkFont(font);
    }
    for (COSBase state : entries(all.getDictionaryObject(COSName.EXT_G_STATE))) {
      if (state instanceof COSDictionary dictionary
          && dictionary.getDictionaryObject(COSName.FONT) instanceof COSArray font
          && font.size() > 0) {
        checkFont(font.getObject(0));
      }
    }
  }

  private static Iterable<COSBase> entries(@Nullable COSBase named) {
    return named instanceof COSDictionary dictionary
        ? dictionary.keySet().stream().map(dictionary::getDictionaryObject).toList()
        : Set.of();
  }

  private static void checkFont(@Nullable COSBase font) throws PdfText.BeyondException {
    if (font instanceof COSDictionary dictionary
        && dictionary.getDictionaryObject(COSName.DESCENDANT_FONTS) instanceof COSArray parts) {
      for (int i = 0; i < parts.size(); i++) {
        if (parts.getObject(i) instanceof COSDictionary part) {
          checkRanges(part.getDictionaryObject(WIDTHS), 1);
          checkRanges(part.getDictionaryObject(HEIGHTS), 3);
        }
      }
    }
  }

  /** In {@code first [w w …]} widths stand one by one, in {@code first last w} for all between. */
  private static void checkRanges(@Nullable COSBase list, int numbers)
      throws PdfText.BeyondException {
    if (!(list instanceof COSArray widths)) {
      return;
    }
    long claimed = 0;
    int at = 0;
    while (at + 1 < widths.size()) {
      if (widths.getObject(at + 1) instanceof COSArray) {
        at += 2;
      } else {
        long first = number(widths.getObject(at));
        claimed += Math.max(0, number(widths.getObject(at + 1)) - first);
        at += 2 + numbers;
      }
      if (claimed > Limit.PDF_CHARACTERS.most()) {
        throw new PdfText.BeyondException(Limit.PDF_CHARACTERS);
      }
    }
  }

  private static long number(@Nullable COSBase entry) {
    return entry instanceof COSNumber number ? number.longValue() : 0;
  }
}
