package promedio.files.table;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Reads XML that may come from anyone: nothing is fetched, no entities are expanded. Elements and
 * attributes go by their local names, since programs choose prefixes as they like.
 */
final class SafeXml {

  private static final XMLInputFactory XML = factory();

  private static final int HEAD = 1 << 13;

  /** The mark of UTF-8 at the start of a file, byte by byte. */
  private static final String MARK = "\u00EF\u00BB\u00BF";

  private static final Pattern OTHER_ENCODING =
      Pattern.compile("^[^>]*encoding\\s*=\\s*[\"'](?!(?i:utf-8)[\"'])");

  private SafeXml() {}

  private static XMLInputFactory factory() {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    factory.setProperty(XMLInputFactory.IS_COALESCING, true);
    return factory;
  }

  /** Walks through a document. */
  @FunctionalInterface
  interface Walk {

    /** Goes on from where the reader stands. */
    void go(XMLStreamReader xml) throws XMLStreamException, IOException;
  }

  /**
   * Walks through the document in the stream, and closes it.
   *
   * @throws IOException if the stream ends too soon or holds no XML
   */
  static void walk(InputStream in, Walk walk) throws IOException {
    try (in) {
      XMLStreamReader xml = reader(new BufferedInputStream(new ShortRuns(in), HEAD));
      walk.go(xml);
      xml.close();
    } catch (XMLStreamException e) {
      if (e.getNestedException() instanceof IOException cause) {
        throw cause;
      }
      throw new IOException("no XML", e);
    }
  }

  /**
   * UTF-8 is decoded here: of bytes that are none the parser of the platform writes to standard
   * error, whoever handles the failure.
   */
  private static XMLStreamReader reader(InputStream in) throws XMLStreamException, IOException {
    in.mark(HEAD);
    String head = new String(in.readNBytes(HEAD / 2), StandardCharsets.ISO_8859_1);
    in.reset();
    boolean utf16 = head.startsWith("\u00FE\u00FF") || head.startsWith("\u00FF\u00FE");
    if (utf16 || head.indexOf('\0') >= 0 || OTHER_ENCODING.matcher(head).find()) {
      return XML.createXMLStreamReader(in);
    }
    if (head.startsWith(MARK)) {
      in.skipNBytes(MARK.length());
    }
    return XML.createXMLStreamReader(
        new InputStreamReader(
            in,
            StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)));
  }

  /** {@return whether the reader goes on to the next element that begins} */
  static boolean nextStart(XMLStreamReader xml) throws XMLStreamException {
    while (xml.hasNext()) {
      if (xml.next() == XMLStreamConstants.START_ELEMENT) {
        return true;
      }
    }
    return false;
  }

  /** {@return the attribute of the element where the reader stands, of whatever namespace} */
  static Optional<String> attribute(XMLStreamReader xml, String name) {
    for (int i = 0; i < xml.getAttributeCount(); i++) {
      if (xml.getAttributeLocalName(i).equals(name)) {
        return Optional.of(xml.getAttributeValue(i));
      }
    }
    return Optional.empty();
  }
}
