package velvetkettle.server;

import org.springframework.stereotype.Component;

/**
 * The acting person. One shop without login for now; every row and every service already asks whose
 * it is.
 */
@Component
public class Owner {
  public String name() {
    return "shop";
  }
}
