package velvetkettle.bench;

import java.lang.reflect.RecordComponent;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Planner;
import velvetkettle.core.plan.RandomJobs;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.trial.Trials;

/**
 * Plans seeded random jobs and prints a fingerprint of each plan, field by field whatever record
 * the field stands in: two versions of the code that print the same plan the same. With a number
 * after seed and count it prints every field of that job instead.
 */
public final class PlansOfJobs {
  /** Fields that stand in a named part by now, as they were called before. */
  private static final List<Map.Entry<Pattern, String>> BEFORE =
      List.of(
          before("\\.recipe\\.peel\\.waiting\\b", ".recipe.peelWait"),
          before("\\.recipe\\.peel\\.when\\b", ".recipe.peel"),
          before("\\.recipe\\.(setting|layUp|presses|waits)\\.", ".recipe."),
          before("(\\.options\\[\\d+])\\.(standing|advice)\\.", "$1."),
          before("^(plan|taken)\\.effort\\.piece\\b", "$1.totals"),
          before("^(plan|taken)\\.(effort|resting|together)\\.", "$1."),
          before("^(plan|taken)\\.schema=.*", "$1.schema=5"));

  private PlansOfJobs() {}

  public static void main(String[] arguments) throws Exception {
    long seed = Long.parseLong(arguments[0]);
    int count = Integer.parseInt(arguments[1]);
    int shown = arguments.length > 2 ? Integer.parseInt(arguments[2]) : -1;
    List<JobRequest> jobs = RandomJobs.seeded(seed, count).toList();
    for (int n = 0; n < count; n++) {
      if (shown < 0 || shown == n) {
        print(n, planned(jobs.get(n), new Random(seed * 31 + n), n % 10 == 0), shown == n);
      }
    }
  }

  private static void print(int job, List<List<String>> parts, boolean whole) throws Exception {
    StringBuilder line = new StringBuilder("job " + job);
    for (List<String> leaves : parts) {
      if (whole) {
        leaves.forEach(System.out::println);
      }
      byte[] text = String.join("\n", leaves).getBytes(StandardCharsets.UTF_8);
      byte[] hash = MessageDigest.getInstance("SHA-256").digest(text);
      line.append(' ').append(leaves.size()).append(':');
      line.append(HexFormat.of().formatHex(hash, 0, 8));
    }
    System.out.println(line);
  }

  /** As it is planned, again with media taken by lot, and now and then what would be otherwise. */
  private static List<List<String>> planned(JobRequest job, Random random, boolean trials) {
    Planner planner = new Planner(new HeatMargins());
    Plan first = planner.plan(job);
    List<List<String>> parts = new ArrayList<>(List.of(leaves("plan", first)));
    JobRequest taken = job.withMedia(decoration -> any(optionsOf(first, decoration), random));
    try {
      parts.add(leaves("taken", planner.plan(taken)));
    } catch (RuntimeException e) {
      parts.add(List.of(e.getClass().getSimpleName() + " " + e.getMessage()));
    }
    Decoration decoration = taken.decorations().get(0);
    if (trials && decoration.medium() != null) {
      Trials tried = new Trials(new HeatMargins(), WindowMap::of, MediaCatalogue.TRADE);
      parts.add(leaves("whatifs", tried.whatIfs(taken, decoration.id(), decoration.medium())));
    }
    return parts;
  }

  private static List<Option> optionsOf(Plan plan, Decoration decoration) {
    return plan.decorations().stream()
        .filter(weighed -> weighed.decoration().equals(decoration.id()))
        .map(DecorationPlan::options)
        .findFirst()
        .orElseThrow();
  }

  private static @Nullable String any(List<Option> options, Random random) {
    return options.isEmpty() ? null : options.get(random.nextInt(options.size())).medium();
  }

  private static List<String> leaves(String path, Object value) {
    List<String> leaves = new ArrayList<>();
    collect(path, value, leaves);
    return leaves.stream().map(PlansOfJobs::asBefore).sorted().toList();
  }

  private static Map.Entry<Pattern, String> before(String now, String then) {
    return Map.entry(Pattern.compile(now), then);
  }

  private static String asBefore(String leaf) {
    for (Map.Entry<Pattern, String> rename : BEFORE) {
      leaf = rename.getKey().matcher(leaf).replaceFirst(rename.getValue());
    }
    return leaf;
  }

  private static void collect(String path, @Nullable Object value, List<String> leaves) {
    if (value instanceof Record fields) {
      for (RecordComponent component : fields.getClass().getRecordComponents()) {
        collect(path + "." + component.getName(), read(component, fields), leaves);
      }
    } else if (value instanceof List<?> many) {
      leaves.add(path + ".size=" + many.size());
      for (int i = 0; i < many.size(); i++) {
        collect(path + "[" + i + "]", many.get(i), leaves);
      }
    } else if (value instanceof Collection<?> many) {
      leaves.add(path + "=" + many.stream().map(String::valueOf).sorted().toList());
    } else if (value instanceof Map<?, ?> many) {
      leaves.add(path + "=" + new TreeMap<>(many));
    } else if (value instanceof Optional<?> one) {
      collect(path, one.orElse(null), leaves);
    } else {
      leaves.add(path + "=" + value);
    }
  }

  private static @Nullable Object read(RecordComponent component, Record of) {
    try {
      component.getAccessor().setAccessible(true);
      return component.getAccessor().invoke(of);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }
}
