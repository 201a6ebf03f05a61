package velvetkettle.server.json;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.DeserializationFeature;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * The browser's JSON: strict about fields and limited in size, because nothing that comes in is
 * trusted.
 */
@Configuration
class JsonConfiguration {
  /** A ticket is a few kilobytes; a hundred times that is not a ticket. */
  private static final long LARGEST_DOCUMENT = 512_000;

  @Bean
  Quantities quantities() {
    return new Quantities();
  }

  @Bean
  Acts acts() {
    return new Acts();
  }

  @Bean
  Jackson2ObjectMapperBuilderCustomizer strict() {
    return builder ->
        builder
            .factory(
                JsonFactory.builder()
                    .streamReadConstraints(
                        StreamReadConstraints.builder()
                            .maxDocumentLength(LARGEST_DOCUMENT)
                            .maxNestingDepth(20)
                            .maxStringLength(20_000)
                            .build())
                    .build())
            // Of a field that stands there twice nobody knows which was meant.
            .featuresToEnable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION)
            .featuresToEnable(
                DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES,
                DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
                DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
            // A null in a list is nobody's choice.
            .postConfigurer(
                mapper ->
                    mapper.setDefaultSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL)));
  }
}
