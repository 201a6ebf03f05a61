package velvetkettle.server.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Planner;
import velvetkettle.core.plan.RandomJobs;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.Substance;
import velvetkettle.core.work.Act;

/** What is stored must open again for years. */
class StoredJsonTest {
  /** Plans as each schema stored them, with their requests; never to be written anew. */
  private static final Path GOLDEN = Path.of("src/test/resources/golden");

  private final StoredJson json = new StoredJson();

  @Test
  @DisplayName("plans and requests come back from storage equal to what went in")
  void roundTrip() {
    Planner planner = new Planner(new HeatMargins());
    RandomJobs.seeded(3, 200)
        .forEach(
            job -> {
              Plan plan = planner.plan(job);
              assertThat(json.read(json.write(job), JobRequest.class)).isEqualTo(job);
              assertThat(json.read(json.write(plan), Plan.class)).isEqualTo(plan);
            });
  }

  @Test
  void schemaOneStillOpens() throws IOException {
    Plan plan = json.read(golden("plan-schema-1.json"), Plan.class);
    JobRequest request = json.read(golden("request-schema-1.json"), JobRequest.class);
    assertThat(plan.schema()).isEqualTo(1);
    assertThat(plan.decorations().get(0).medium()).isEqualTo("film-block");
    assertThat(plan.steps()).hasSizeGreaterThan(5);
    assertThat(request.garment().name()).isEqualTo("rowing top");
    assertThat(request.press().calibration().measured()).isTrue();
  }

  @Test
  void schemaTwoStillOpens() throws IOException {
    Plan plan = json.read(golden("plan-schema-2.json"), Plan.class);
    JobRequest request = json.read(golden("request-schema-2.json"), JobRequest.class);
    assertThat(plan.schema()).isEqualTo(2);
    Stack stack = plan.decorations().get(0).options().get(0).stack();
    assertThat(stack.glueLinePeak()).isNotNull();
    assertThat(stack.layers().get(1).substance()).isEqualTo(Substance.CARRIER_FILM);
    assertThat(plan.decorations().get(0).options().get(0).margins().hold().computed()).isTrue();
    assertThat(request.workroom().humidity()).isEqualTo(60);
  }

  @Test
  @DisplayName("the one second press of an older recipe is the press after its main one")
  void olderSecondPress() throws IOException {
    Plan plan = json.read(golden("plan-schema-2.json"), Plan.class);
    Recipe recipe = plan.decorations().get(0).options().get(0).recipe();
    assertThat(recipe.presses().before()).isEmpty();
    assertThat(recipe.presses().after()).hasSize(1);
    assertThat(recipe.presses().after().get(0).kind()).isEqualTo(ExtraPress.Kind.SECOND);
    assertThat(recipe.presses().after().get(0).setting().time().count()).isEqualTo(5);
    assertThat(recipe.presses().after().get(0).setting().dial())
        .isEqualTo(recipe.setting().dial().value());
  }

  @Test
  void schemaThreeStillOpens() throws IOException {
    Plan plan = json.read(golden("plan-schema-3.json"), Plan.class);
    JobRequest request = json.read(golden("request-schema-3.json"), JobRequest.class);
    assertThat(plan.schema()).isEqualTo(3);
    Option option = plan.decorations().get(0).options().get(0);
    assertThat(option.standing().scores()).hasSizeGreaterThan(5);
    assertThat(option.recipe().presses().tool()).isNotEmpty();
    assertThat(plan.together().sequence()).isEmpty();
    assertThat(plan.together().clash()).isNull();
    assertThat(plan.effort().piece()).isNull();
    assertThat(request.decorations().get(0).over()).isNull();
    assertThat(request.shop().drawer()).hasSizeGreaterThan(1);
  }

  @Test
  void schemaFourStillOpens() throws IOException {
    Plan plan = json.read(golden("plan-schema-4.json"), Plan.class);
    JobRequest request = json.read(golden("request-schema-4.json"), JobRequest.class);
    assertThat(plan.schema()).isEqualTo(4);
    assertThat(plan.together().sequence()).hasSize(3);
    assertThat(plan.together().sequence().get(0).added()).isNotNull();
    assertThat(plan.together().alternatives()).isNotEmpty();
    assertThat(plan.effort().piece()).isNotNull();
    assertThat(plan.together().placed()).isEmpty();
    assertThat(request.decorations()).hasSize(3);
  }

  @Test
  void schemaFiveStillOpens() throws IOException {
    Plan plan = json.read(golden("plan-schema-5.json"), Plan.class);
    JobRequest request = json.read(golden("request-schema-5.json"), JobRequest.class);
    assertThat(plan.schema()).isEqualTo(5);
    assertThat(plan.together().placed()).hasSize(3);
    assertThat(plan.together().placed().get(0).placing().positions()).hasSize(1);
    assertThat(plan.steps()).anyMatch(step -> step.meanwhile() != null);
    assertThat(request.garment().layout().placed()).isEmpty();
  }

  @Test
  @DisplayName("of schema 6: what is kept of an older one in named parts is the same plan")
  void schemaSixStillOpens() throws IOException {
    Plan plan = json.read(golden("plan-schema-6.json"), Plan.class);
    JobRequest request = json.read(golden("request-schema-6.json"), JobRequest.class);
    assertThat(plan.schema()).isEqualTo(6);
    assertThat(plan.together().placed()).hasSize(3);
    assertThat(plan.decorations().get(0).options().get(0).recipe().peel().when()).isNotNull();
    assertThat(request).isEqualTo(json.read(golden("request-schema-5.json"), JobRequest.class));
  }

  @Test
  @DisplayName("of schema 7: what is done is kept act by act, and an older plan has none")
  void schemaSevenStillOpens() throws IOException {
    Plan plan = json.read(golden("plan-schema-7.json"), Plan.class);
    assertThat(plan.schema()).isEqualTo(7);
    assertThat(plan.steps()).allSatisfy(step -> assertThat(step.acts()).isNotEmpty());
    assertThat(plan.steps())
        .filteredOn(step -> step.kind() == StepKind.PLACE)
        .allSatisfy(step -> assertThat(step.acts()).hasAtLeastOneElementOfType(Act.LayOn.class));
    assertThat(json.read(json.write(plan), Plan.class)).isEqualTo(plan);
    Plan older = json.read(golden("plan-schema-6.json"), Plan.class);
    assertThat(older.steps())
        .isNotEmpty()
        .allSatisfy(
            step -> {
              assertThat(step.acts()).isEmpty();
              assertThat(step.round()).isEqualTo(1);
            });
  }

  @Test
  @DisplayName("the fields of an older plan come into their parts with what they said")
  void olderFieldsInParts() throws IOException {
    Json older = golden("plan-schema-5.json");
    JsonNode flat = json.tree(older).at("/decorations/0/options/0");
    Plan read = json.read(older, Plan.class);
    Option option = read.decorations().get(0).options().get(0);
    assertThat(option.recipe().setting().dial().value().degrees())
        .isEqualTo(flat.at("/recipe/dial/value").asDouble());
    assertThat(option.recipe().layUp().cover().value().name())
        .isEqualTo(flat.at("/recipe/cover/value").asText());
    assertThat(option.recipe().peel().when().value().name())
        .isEqualTo(flat.at("/recipe/peel/value").asText());
    assertThat(option.recipe().presses().drying().value().count())
        .isEqualTo(flat.at("/recipe/drying/value").asDouble());
    assertThat(option.recipe().waits().keepBack().value().count())
        .isEqualTo(flat.at("/recipe/keepBack/value").asDouble());
    assertThat(option.standing().order().count()).isEqualTo(flat.path("order").asDouble());
    assertThat(option.standing().reasons()).hasSize(flat.path("reasons").size());
    assertThat(read.table())
        .filteredOn(step -> step.decoration().equals(read.decorations().get(0).decoration()))
        .hasSize(flat.path("preparation").size());
    assertThat(read.table()).allSatisfy(step -> assertThat(step.acts()).isEmpty());
    assertThat(read.resting().keepBack().count())
        .isEqualTo(json.tree(older).path("keepBack").asDouble());
    assertThat(read.effort().order().count()).isEqualTo(json.tree(older).path("order").asDouble());
    assertThat(read.effort().piece()).isNotNull();
    Artwork art =
        json.read(golden("request-schema-5.json"), JobRequest.class).decorations().get(0).artwork();
    JsonNode flatArt = json.tree(golden("request-schema-5.json")).at("/decorations/0/artwork");
    assertThat(art.size().width().count()).isEqualTo(flatArt.path("width").asDouble());
    assertThat(art.tones().colours()).isEqualTo(flatArt.path("colours").asInt());
    assertThat(art.stones().count()).isEqualTo(flatArt.path("stones").asInt());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/resting",
        "/effort",
        "/together",
        "/decorations/0/options/0/standing",
        "/decorations/0/options/0/advice",
        "/decorations/0/options/0/recipe",
        "/decorations/0/options/0/recipe/setting",
        "/decorations/0/options/0/recipe/peel",
        "/decorations/0/options/0/recipe/presses"
      })
  @DisplayName("a plan that lacks a part is not taken for one, whoever sent it")
  void aPartIsMissing(String part) throws IOException {
    assertThatThrownBy(() -> json.read(without("plan-schema-6.json", part), Plan.class))
        .isInstanceOf(UncheckedIOException.class);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"/garment/cloth", "/decorations/0/artwork/size", "/decorations/0/artwork/stones"})
  void aPartOfARequestIsMissing(String part) throws IOException {
    assertThatThrownBy(() -> json.read(without("request-schema-6.json", part), JobRequest.class))
        .isInstanceOf(UncheckedIOException.class);
  }

  private Json without(String file, String part) throws IOException {
    JsonNode tree = json.tree(golden(file));
    int last = part.lastIndexOf('/');
    ((ObjectNode) tree.at(part.substring(0, last))).putNull(part.substring(last + 1));
    return json.write(tree);
  }

  @Test
  @DisplayName("a field that a later version dropped is passed over")
  void unknownFieldsArePassedOver() throws IOException {
    Json older =
        new Json(golden("plan-schema-1.json").text().replaceFirst("\\{", "{\"formerly\": 1, "));
    assertThat(json.read(older, Plan.class).schema()).isEqualTo(1);
  }

  private static Json golden(String name) throws IOException {
    return new Json(Files.readString(GOLDEN.resolve(name), StandardCharsets.UTF_8));
  }
}
