package velvetkettle.server.demo;

import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import velvetkettle.server.Owner;
import velvetkettle.server.ShopClock;

/**
 * Opens the shop at the very first start, before the first page can be asked for: with the demo or
 * empty. That it is open is written down last, so that an interrupted first start begins again;
 * what that one left is taken away first.
 */
@Component
class Opening implements SmartInitializingSingleton {
  private final boolean demo;
  private final ShopMapper shops;
  private final DemoShop demoShop;
  private final Owner owner;
  private final ShopClock clock;

  Opening(
      @Value("${kettle.demo}") boolean demo,
      ShopMapper shops,
      DemoShop demoShop,
      Owner owner,
      ShopClock clock) {
    this.demo = demo;
    this.shops = shops;
    this.demoShop = demoShop;
    this.owner = owner;
    this.clock = clock;
  }

  @Override
  public void afterSingletonsInstantiated() {
    if (shops.isOpen(owner.name())) {
      return;
    }
    shops.clear(owner.name());
    if (demo) {
      demoShop.load(DemoShop.SEED);
    }
    shops.open(owner.name(), clock.instant(), demo);
  }
}
