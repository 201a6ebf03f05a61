package velvetkettle.server.json;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.Modifier;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.core.type.ClassMetadata;
import org.springframework.core.type.classreading.CachingMetadataReaderFactory;
import org.springframework.util.ClassUtils;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.TableStep;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.TableAct;

/**
 * Tells the API description what the JSON looks like: quantities are numbers, sentences and terms
 * are text, and every field is there unless its record says that it may be null. The web client's
 * types are generated from it.
 */
@Configuration
class ApiDescription {
  static {
    Quantities.UNITS.forEach(
        (type, unit) ->
            SpringDocUtils.getConfig()
                .replaceWithSchema(type, new NumberSchema().format("double").description(unit)));
    SpringDocUtils.getConfig().replaceWithSchema(Sentence.class, new StringSchema());
    SpringDocUtils.getConfig().replaceWithSchema(Term.class, new StringSchema());
  }

  @Bean
  OpenAPI title() {
    return new OpenAPI().info(new Info().title("Velvet Kettle").version("1")).servers(List.of());
  }

  @Bean
  OpenApiCustomizer everyFieldIsThere() {
    List<Class<?>> records = records();
    return api -> {
      api.setServers(List.of());
      api.getComponents()
          .getSchemas()
          .forEach(
              (name, schema) ->
                  records.stream()
                      .filter(type -> describes(name, schema, type))
                      .findFirst()
                      .ifPresent(type -> require(schema, type)));
      describeActs(api.getComponents().getSchemas());
    };
  }

  /** Each act is an object of its own, told apart by its name; no family stands between. */
  private static void describeActs(Map<String, Schema> schemas) {
    Schema<Object> any = new Schema<>();
    for (Class<?> kind : Acts.kinds()) {
      String name = kind.getSimpleName();
      Schema<Object> act = new Schema<>();
      act.addType("object");
      act.addProperty(Acts.NAME, new StringSchema()._enum(List.of(name)));
      arguments(schemas.get(name)).forEach(act::addProperty);
      require(act, kind);
      act.addRequiredItem(Acts.NAME);
      schemas.put(name, act);
      any.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + name));
    }
    List.of(Act.OfTool.class, Act.AtTheBench.class, TableAct.class)
        .forEach(family -> schemas.remove(family.getSimpleName()));
    schemas.put("Act", any);
    for (Class<?> step : List.of(Step.class, TableStep.class)) {
      Schema<?> told = Objects.requireNonNull(schemas.get(step.getSimpleName()));
      told.getProperties()
          .put("acts", new ArraySchema().items(new Schema<>().$ref("#/components/schemas/Act")));
    }
  }

  /** What stands beside the family that it belongs to. */
  private static Map<String, Schema> arguments(@Nullable Schema<?> told) {
    if (told == null || told.getAllOf() == null) {
      return Map.of();
    }
    Map<String, Schema> found = new TreeMap<>();
    told.getAllOf().stream()
        .filter(part -> part.getProperties() != null)
        .forEach(part -> found.putAll(part.getProperties()));
    return found;
  }

  /**
   * Whether a schema is a record's: it has its name and each of its fields, as two records of
   * different rooms may share a name. A generic record's schema is called after it and its
   * arguments: RecommendedCelsius.
   */
  private static boolean describes(String name, Schema<?> schema, Class<?> type) {
    boolean named =
        type.getTypeParameters().length > 0
            ? name.startsWith(type.getSimpleName())
            : name.equals(type.getSimpleName());
    return named
        && schema.getProperties() != null
        && Stream.of(type.getRecordComponents())
            .allMatch(component -> schema.getProperties().containsKey(component.getName()));
  }

  private static void require(Schema<?> schema, Class<?> type) {
    List<String> required = new ArrayList<>();
    for (RecordComponent component : type.getRecordComponents()) {
      Schema<?> property = schema.getProperties().get(component.getName());
      if (property == null) {
        continue;
      }
      required.add(component.getName());
      if (component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
        schema.getProperties().put(component.getName(), orNull(property));
      }
    }
    schema.setRequired(required);
  }

  private static Schema<?> orNull(Schema<?> property) {
    Schema<Object> nothing = new Schema<>();
    nothing.addType("null");
    Schema<Object> either = new Schema<>();
    either.setAnyOf(List.of(property, nothing));
    return either;
  }

  private static List<Class<?>> records() {
    List<Class<?>> records = new ArrayList<>();
    try {
      CachingMetadataReaderFactory reader = new CachingMetadataReaderFactory();
      for (Resource file :
          new PathMatchingResourcePatternResolver()
              .getResources("classpath*:velvetkettle/**/*.class")) {
        ClassMetadata read = reader.getMetadataReader(file).getClassMetadata();
        if (Record.class.getName().equals(read.getSuperClassName())) {
          Class<?> type = ClassUtils.resolveClassName(read.getClassName(), null);
          // Only public ones are told of.
          if (Modifier.isPublic(type.getModifiers())) {
            records.add(type);
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    records.sort(Comparator.comparing(Class::getName));
    return records;
  }
}
