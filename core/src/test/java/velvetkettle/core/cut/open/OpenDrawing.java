package velvetkettle.core.cut.open;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.jar.JarEntry;
import java.util.jar.JarFile;

/**
 * A drawing that others made and gave away, of a package in test scope.
 *
 * @param name with its package's
 * @param file as SVG
 */
public record OpenDrawing(String name, byte[] file) {
  private static final String PACKAGES = "META-INF/resources/webjars/";
  private static final String SETS = PACKAGES + "iconify__json/2.2.378/json/";

  /**
   * The files of a package.
   *
   * @param folder of it, with its version
   * @param drawings the folder within that where they lie, with a / at its end
   */
  public static List<OpenDrawing> files(String folder, String drawings) {
    String at = PACKAGES + folder + "/";
    String place = Objects.requireNonNull(loader().getResource(at + "package.json")).getPath();
    List<OpenDrawing> files = new ArrayList<>();
    try (JarFile jar = new JarFile(place.substring("file:".length(), place.indexOf('!')))) {
      for (JarEntry entry : jar.stream().toList()) {
        String name = entry.getName();
        if (name.startsWith(at + drawings) && name.endsWith(".svg")) {
          files.add(
              new OpenDrawing(
                  name.substring(PACKAGES.length()), jar.getInputStream(entry).readAllBytes()));
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return files;
  }

  /** A set that is kept as one file, each drawing with what stands between its outer tags. */
  public static List<OpenDrawing> set(String name) {
    try (InputStream in = loader().getResourceAsStream(SETS + name + ".json")) {
      JsonNode set = new ObjectMapper().readTree(in);
      List<OpenDrawing> drawings = new ArrayList<>();
      set.path("icons")
          .fields()
          .forEachRemaining(
              icon ->
                  drawings.add(
                      new OpenDrawing(
                          name + "/" + icon.getKey(),
                          whole(icon.getValue(), set).getBytes(StandardCharsets.UTF_8))));
      return drawings;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String whole(JsonNode icon, JsonNode set) {
    int width = icon.path("width").asInt(set.path("width").asInt(16));
    int height = icon.path("height").asInt(set.path("height").asInt(16));
    return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\""
            .formatted(width, height)
        + " viewBox=\"%d %d %d %d\">"
            .formatted(icon.path("left").asInt(0), icon.path("top").asInt(0), width, height)
        + icon.path("body").asText()
        + "</svg>";
  }

  private static ClassLoader loader() {
    return OpenDrawing.class.getClassLoader();
  }
}
