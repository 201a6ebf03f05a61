package velvetkettle.server.speech;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.springframework.asm.ClassReader;
import org.springframework.asm.ClassVisitor;
import org.springframework.asm.MethodVisitor;
import org.springframework.asm.Opcodes;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * Reads every text that stands in core's compiled classes: what looks like a key of a sentence has
 * words, whole or as the beginning of keys that are put together.
 */
class EveryKeyHasWordsTest {
  private static final Pattern LIKE_A_KEY = Pattern.compile("[a-z][a-z-]*(\\.[a-z0-9-]+)+[.-]?");

  /** Not keys: file names and such; the first part of a key is one that some key begins with. */
  private static final Pattern FIRST = Pattern.compile("[a-z-]+");

  private final Set<String> words = words();

  @Test
  @DisplayName("no key that core can say is without words")
  void everyKey() throws IOException {
    Set<String> missing = new TreeSet<>();
    Set<String> said = texts();
    for (String text : said) {
      if (LIKE_A_KEY.matcher(text).matches() && rooms().contains(first(text)) && !known(text)) {
        missing.add(text);
      }
    }
    assertThat(said).hasSizeGreaterThan(500);
    assertThat(missing).isEmpty();
  }

  @Test
  @DisplayName("a key that nobody wrote words for would be found")
  void aMissingOneIsFound() {
    assertThat(known("do.press")).isTrue();
    assertThat(known("do.place.")).isTrue();
    assertThat(known("do.press-everything-twice")).isFalse();
  }

  private boolean known(String text) {
    return words.contains(text)
        || words.stream().anyMatch(key -> key.startsWith(text) && beginsAPart(key, text));
  }

  private static boolean beginsAPart(String key, String text) {
    char last = text.charAt(text.length() - 1);
    char next = key.charAt(text.length());
    return last == '.' || last == '-' || next == '.' || next == '-';
  }

  private Set<String> rooms() {
    return words.stream().map(EveryKeyHasWordsTest::first).collect(Collectors.toSet());
  }

  private static String first(String key) {
    var first = FIRST.matcher(key);
    return first.lookingAt() ? first.group() : "";
  }

  private static Set<String> texts() throws IOException {
    Set<String> texts = new TreeSet<>();
    for (Resource file :
        new PathMatchingResourcePatternResolver()
            .getResources("classpath*:velvetkettle/core/**/*.class")) {
      if (file.getURL().getPath().contains("tests")) {
        continue;
      }
      try (InputStream in = file.getInputStream()) {
        new ClassReader(in).accept(new Texts(texts), ClassReader.SKIP_DEBUG);
      }
    }
    return texts;
  }

  private static Set<String> words() {
    Set<String> keys = new TreeSet<>();
    for (String name : new String[] {"sentences", "terms"}) {
      Properties all = new Properties();
      try (InputStream in =
          EveryKeyHasWordsTest.class.getResourceAsStream("/words/" + name + ".properties")) {
        all.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new java.io.UncheckedIOException(e);
      }
      keys.addAll(all.stringPropertyNames());
    }
    return keys;
  }

  /** Collects the text constants that methods load. */
  private static final class Texts extends ClassVisitor {
    private final Set<String> texts;

    Texts(Set<String> texts) {
      super(Opcodes.ASM9);
      this.texts = texts;
    }

    @Override
    public MethodVisitor visitMethod(int a, String n, String d, String s, String[] e) {
      return new MethodVisitor(Opcodes.ASM9) {
        @Override
        public void visitLdcInsn(Object constant) {
          if (constant instanceof String text) {
            texts.add(text);
          }
        }
      };
    }
  }
}
