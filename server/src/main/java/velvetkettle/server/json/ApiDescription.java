package velvetkettle.server.json;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.Modifier;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
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
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

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
    Map<String, Class<?>> records = recordsByName();
    return api -> {
      api.setServers(List.of());
      api.getComponents()
          .getSchemas()
          .forEach((name, schema) -> require(schema, recordOf(name, records)));
    };
  }

  /** A generic record's schema is called after it and its arguments: RecommendedCelsius. */
  private static @Nullable Class<?> recordOf(String schema, Map<String, Class<?>> records) {
    Class<?> exact = records.get(schema);
    return exact != null
        ? exact
        : records.entrySet().stream()
            .filter(
                entry ->
                    entry.getValue().getTypeParameters().length > 0
                        && schema.startsWith(entry.getKey()))
            .map(Map.Entry::getValue)
            .findFirst()
            .orElse(null);
  }

  private static void require(Schema<?> schema, @Nullable Class<?> type) {
    if (type == null || schema.getProperties() == null) {
      return;
    }
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

  private static Map<String, Class<?>> recordsByName() {
    Map<String, Class<?>> records = new TreeMap<>();
    try {
      CachingMetadataReaderFactory reader = new CachingMetadataReaderFactory();
      for (Resource file :
          new PathMatchingResourcePatternResolver()
              .getResources("classpath*:velvetkettle/**/*.class")) {
        ClassMetadata read = reader.getMetadataReader(file).getClassMetadata();
        if (Record.class.getName().equals(read.getSuperClassName())) {
          Class<?> type = ClassUtils.resolveClassName(read.getClassName(), null);
          // Only public ones are told of; a private one may share a name with them.
          if (Modifier.isPublic(type.getModifiers())) {
            records.put(type.getSimpleName(), type);
          }
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return records;
  }
}
