package velvetkettle.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.RememberedHeat;
import velvetkettle.core.plan.Planner;

/** Starts Velvet Kettle on this machine. */
@SpringBootApplication
public class Application {
  public static void main(String[] args) {
    SpringApplication.run(Application.class, args);
  }

  @Bean
  Planner planner() {
    return new Planner(new RememberedHeat(new HeatMargins()));
  }
}
