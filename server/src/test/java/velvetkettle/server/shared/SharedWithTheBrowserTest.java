package velvetkettle.server.shared;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.LayoutCheck;
import velvetkettle.core.cut.lay.Mat;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.run.RunEvent;
import velvetkettle.core.run.RunProgress;

/**
 * What the browser works out for itself while it waits, held against the same cases as the browser
 * is.
 */
class SharedWithTheBrowserTest {
  private static final Path SHARED = Path.of("..", "web", "src", "testing", "shared");

  private static JsonNode cases(String name) throws IOException {
    return new ObjectMapper().readTree(SHARED.resolve(name).toFile());
  }

  @Test
  @DisplayName("what is cut or printed before the press")
  void cutFaces() throws IOException {
    JsonNode faces = cases("cut-faces.json");
    assertThat(faces).hasSize(CutFace.values().length);
    for (CutFace face : CutFace.values()) {
      assertThat(face.worked()).as(face.name()).isEqualTo(faces.get(face.name()).asBoolean());
    }
  }

  @Test
  @DisplayName("what every event at the press makes of the progress")
  void progress() throws IOException {
    JsonNode told = cases("run-progress.json");
    ObjectMapper mapper =
        JsonMapper.builder()
            .addModule(new JavaTimeModule())
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .build();
    RunProgress now = RunProgress.BEGUN;
    for (JsonNode event : told.get("events")) {
      ObjectNode happened = event.deepCopy();
      happened.remove("then");
      now = now.after(mapper.treeToValue(happened, RunEvent.class), told.get("steps").asInt());
      assertThat(mapper.readTree(mapper.writeValueAsString(now)))
          .as(event.toString())
          .isEqualTo(event.get("then"));
    }
  }

  @Test
  @DisplayName("where a piece may lie on a mat")
  void pieces() throws IOException {
    JsonNode shared = cases("pieces-on-a-mat.json");
    for (JsonNode each : shared.get("cases")) {
      boolean wrong = wrong(shared, each, shared.get("neighbour"), shared.get("margin").asDouble());
      assertThat(wrong).as(each.toString()).isEqualTo(each.get("wrong").asBoolean());
    }
    JsonNode two = shared.get("acrossTwoMaterials");
    assertThat(wrong(shared, two.get("piece"), two.get("neighbour"), two.get("margin").asDouble()))
        .isEqualTo(two.get("wrong").asBoolean());
  }

  private static boolean wrong(JsonNode shared, JsonNode piece, JsonNode neighbour, double margin) {
    List<Mat.LaidStock> stocks =
        shared.get("stocks").findValues("id").stream()
            .map(
                id -> {
                  JsonNode stock = stock(shared, id.asText());
                  return new Mat.LaidStock(
                      id.asText(),
                      stock.get("material").asText(),
                      at(stock),
                      stock.get("turned").asBoolean());
                })
            .toList();
    Mat mat = new Mat(stocks, List.of(placed("p", piece), placed("q", neighbour)));
    LayRules rules = new LayRules(shared.get("spacing").asDouble(), margin, 300, 300);
    return LayoutCheck.of(mat, rules).stream().anyMatch(each -> each.piece().equals("p"));
  }

  private static JsonNode stock(JsonNode shared, String id) {
    for (JsonNode stock : shared.get("stocks")) {
      if (stock.get("id").asText().equals(id)) {
        return stock;
      }
    }
    throw new IllegalArgumentException(id);
  }

  private static PlacedPiece placed(String id, JsonNode piece) {
    Rectangle at = at(piece);
    boolean turnable = piece.path("turnable").asBoolean(true);
    Piece itself = new Piece(id, piece.get("material").asText(), at.width(), at.height(), turnable);
    return new PlacedPiece(itself, at, piece.path("turned").asBoolean(false));
  }

  private static Rectangle at(JsonNode node) {
    JsonNode at = node.get("at");
    return new Rectangle(
        at.get("x").asDouble(),
        at.get("y").asDouble(),
        at.get("width").asDouble(),
        at.get("height").asDouble());
  }
}
