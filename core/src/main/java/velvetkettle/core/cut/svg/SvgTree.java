package velvetkettle.core.cut.svg;

import java.io.ByteArrayInputStream;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.jspecify.annotations.Nullable;

/**
 * The elements of an SVG file, read without its document type: no entity is expanded and nothing is
 * fetched.
 *
 * @param ids the elements that have an id, the first of each
 * @param elements how many there are, those of other languages too
 */
record SvgTree(SvgElement root, Map<String, SvgElement> ids, int elements) {
  static final int LARGEST = 10_000_000;
  private static final int MOST_ELEMENTS = 100_000;
  private static final int DEEPEST = 200;
  private static final Set<String> TEXTS = Set.of("text", "tspan", "a", "textPath");
  private static final String SVG = "http://www.w3.org/2000/svg";

  static SvgTree read(byte[] file) {
    if (file.length > LARGEST) {
      throw UnreadableDrawingException.of("svg.too-large", LARGEST / 1_000_000);
    }
    Magic.check(file);
    try {
      return new Reading().read(file);
    } catch (XMLStreamException e) {
      int line = e.getLocation() == null ? 1 : Math.max(1, e.getLocation().getLineNumber());
      boolean entity = String.valueOf(e.getMessage()).contains("was referenced");
      throw UnreadableDrawingException.of(entity ? "svg.entity" : "svg.broken", line);
    }
  }

  private static final class Reading {
    private final Map<String, SvgElement> ids = new HashMap<>();
    private @Nullable SvgElement root;
    private @Nullable SvgElement open;
    private int elements;
    private int depth;

    /** How deep within an element of another language; 0 outside. */
    private int foreign;

    SvgTree read(byte[] file) throws XMLStreamException {
      XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
      factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
      factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
      factory.setProperty(XMLInputFactory.IS_COALESCING, true);
      factory.setXMLReporter((message, kind, about, where) -> {});
      XMLStreamReader xml = factory.createXMLStreamReader(new ByteArrayInputStream(file));
      while (xml.hasNext()) {
        switch (xml.next()) {
          case XMLStreamConstants.START_ELEMENT -> start(xml);
          case XMLStreamConstants.END_ELEMENT -> end();
          case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA -> text(xml.getText());
          case XMLStreamConstants.ENTITY_REFERENCE ->
              throw UnreadableDrawingException.of(
                  "svg.entity", Math.max(1, xml.getLocation().getLineNumber()));
          default -> {}
        }
      }
      if (root == null || !root.name().equals("svg")) {
        throw UnreadableDrawingException.of("svg.not-svg");
      }
      return new SvgTree(root, ids, elements);
    }

    private void start(XMLStreamReader xml) {
      depth++;
      if (depth > DEEPEST) {
        throw UnreadableDrawingException.of("svg.too-deep", DEEPEST);
      }
      if (++elements > MOST_ELEMENTS) {
        throw UnreadableDrawingException.of("svg.too-many", MOST_ELEMENTS);
      }
      String namespace = xml.getNamespaceURI();
      if (foreign > 0 || (namespace != null && !namespace.isEmpty() && !namespace.equals(SVG))) {
        foreign++;
        return;
      }
      SvgElement element = new SvgElement(xml.getLocalName(), attributes(xml), open);
      if (open == null) {
        root = element;
      } else {
        open.children().add(element);
      }
      String id = element.attribute("id");
      if (id != null) {
        ids.putIfAbsent(id, element);
      }
      open = element;
    }

    private static Map<String, String> attributes(XMLStreamReader xml) {
      Map<String, String> attributes = new LinkedHashMap<>();
      for (int i = 0; i < xml.getAttributeCount(); i++) {
        String namespace = xml.getAttributeNamespace(i);
        boolean plain = namespace == null || namespace.isEmpty() || namespace.endsWith("xlink");
        if (plain) {
          attributes.putIfAbsent(xml.getAttributeLocalName(i), xml.getAttributeValue(i));
        }
      }
      return attributes;
    }

    private void end() {
      depth--;
      if (foreign > 0) {
        foreign--;
      } else if (open != null) {
        open = open.parent();
      }
    }

    private void text(String text) {
      if (foreign == 0 && open != null) {
        if (TEXTS.contains(open.name())) {
          SvgElement signs = new SvgElement(SvgElement.SIGNS, Map.of(), open);
          signs.text().append(text);
          open.children().add(signs);
        } else {
          open.text().append(text);
        }
      }
    }
  }
}
