package promedio.document;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.jspecify.annotations.Nullable;
import promedio.core.limit.Limit;

/**
 * Looks for how many characters the fonts of a page give widths or letters, before anything keeps
 * them one by one: two numbers of a damaged file may claim two thousand millions of them.
 */
final class FontClaims {

  private static final Pattern RANGES =
      Pattern.compile("begin(?:bf|cid)range(.*?)(?:end(?:bf|cid)range|$)", Pattern.DOTALL);
  private static final Pattern RANGE =
      Pattern.compile(
          "\\G\\s*<([0-9A-Fa-f]{1,8})>\\s*<([0-9A-Fa-f]{1,8})>\\s*"
              + "(?:<[0-9A-Fa-f\\s]*>|\\[[^\\]]*\\]|\\d+)");

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
    if (!(font instanceof COSDictionary dictionary)) {
      return;
    }
    checkLetters(dictionary, COSName.TO_UNICODE);
    checkLetters(dictionary, COSName.ENCODING);
    if (dictionary.getDictionaryObject(COSName.DESCENDANT_FONTS) instanceof COSArray parts) {
      for (int i = 0; i < parts.size(); i++) {
        if (parts.getObject(i) instanceof COSDictionary part) {
          checkRanges(part.getDictionaryObject(WIDTHS), 1);
          checkRanges(part.getDictionaryObject(HEIGHTS), 3);
        }
      }
    }
  }

  /** In {@code <0000> <FFFF> <0041>} letters stand for all characters between. */
  private static void checkLetters(COSDictionary font, COSName key) throws PdfText.BeyondException {
    if (!(font.getDictionaryObject(key) instanceof COSStream stream)) {
      return;
    }
    String text;
    try (InputStream in = stream.createInputStream()) {
      text = new String(in.readAllBytes(), StandardCharsets.ISO_8859_1);
    } catch (IOException e) {
      // Torn: whoever uses it says so.
      return;
    }
    long claimed = 0;
    for (Matcher block = RANGES.matcher(text); block.find(); ) {
      Matcher range = RANGE.matcher(block.group(1));
      int read = 0;
      while (range.find()) {
        long first = Long.parseLong(range.group(1), 16);
        claimed += Math.max(0, Long.parseLong(range.group(2), 16) - first);
        hold(claimed);
        read = range.end();
      }
      if (!block.group(1).substring(read).isBlank()) {
        // Damaged: nobody knows what the library would read there.
        font.removeItem(key);
        return;
      }
    }
  }

  private static void hold(long claimed) throws PdfText.BeyondException {
    if (claimed > Limit.PDF_CHARACTERS.most()) {
      throw new PdfText.BeyondException(Limit.PDF_CHARACTERS);
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
      hold(claimed);
    }
  }

  private static long number(@Nullable COSBase entry) {
    return entry instanceof COSNumber number ? number.longValue() : 0;
  }
}
