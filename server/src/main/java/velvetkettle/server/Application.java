package velvetkettle.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.RememberedHeat;
import velvetkettle.core.heat.window.RememberedMaps;
import velvetkettle.core.heat.window.WindowMaps;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Planner;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.server.compute.EndableHeat;

/** Starts Velvet Kettle on this machine. */
@SpringBootApplication
public class Application {
  public static void main(String[] args) {
    SpringApplication.run(Application.class, args);
  }

  @Bean
  MediaCatalogue media() {
    return MediaCatalogue.TRADE;
  }

  @Bean
  HeatModel heat() {
    return new EndableHeat(new RememberedHeat(new HeatMargins()));
  }

  @Bean
  WindowMaps maps() {
    return new RememberedMaps();
  }

  @Bean
  Planner planner(HeatModel heat, WindowMaps maps, MediaCatalogue media) {
    return new Planner(heat, maps, media);
  }

  @Bean
  Trials trials(HeatModel heat, WindowMaps maps, MediaCatalogue media) {
    return new Trials(heat, maps, media);
  }
}
