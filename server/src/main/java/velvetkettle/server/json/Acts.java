package velvetkettle.server.json;

import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.util.List;
import java.util.stream.Stream;
import velvetkettle.core.work.Act;

/** Acts as they are stored and sent: each with its name beside its arguments. */
final class Acts extends SimpleModule {
  private static final long serialVersionUID = 1L;

  /** The field that says which act it is. */
  static final String NAME = "act";

  Acts() {
    super("acts");
    setMixInAnnotation(Act.class, Named.class);
    kinds().forEach(kind -> registerSubtypes(new NamedType(kind, kind.getSimpleName())));
  }

  /** All that hands can do. */
  static List<Class<?>> kinds() {
    return leaves(Act.class).toList();
  }

  private static Stream<Class<?>> leaves(Class<?> family) {
    return family.isSealed()
        ? Stream.of(family.getPermittedSubclasses()).flatMap(Acts::leaves)
        : Stream.of(family);
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = NAME)
  private interface Named {}
}
