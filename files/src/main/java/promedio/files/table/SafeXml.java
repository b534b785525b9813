package promedio.files.table;

import java.io.IOException;
import java.io.InputStream;
import java.util.Optional;
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
      XMLStreamReader xml = XML.createXMLStreamReader(new ShortRuns(in));
      walk.go(xml);
      xml.close();
    } catch (XMLStreamException e) {
      if (e.getNestedException() instanceof IOException cause) {
        throw cause;
      }
      throw new IOException("no XML", e);
    }
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
