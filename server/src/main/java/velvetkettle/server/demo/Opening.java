package velvetkettle.server.demo;

import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import velvetkettle.server.Owner;
import velvetkettle.server.ShopClock;

/**
 * Opens the shop at the very first start, before the first page can be asked for: with the demo or
 * empty. All of it in one transaction, so that an interrupted first start begins again.
 */
@Component
class Opening implements SmartInitializingSingleton {
  private final boolean demo;
  private final ShopMapper shops;
  private final DemoShop demoShop;
  private final TransactionTemplate transaction;
  private final Owner owner;
  private final ShopClock clock;

  Opening(
      @Value("${kettle.demo}") boolean demo,
      ShopMapper shops,
      DemoShop demoShop,
      TransactionTemplate transaction,
      Owner owner,
      ShopClock clock) {
    this.demo = demo;
    this.shops = shops;
    this.demoShop = demoShop;
    this.transaction = transaction;
    this.owner = owner;
    this.clock = clock;
  }

  @Override
  public void afterSingletonsInstantiated() {
    transaction.executeWithoutResult(
        status -> {
          boolean first = shops.open(owner.name(), clock.instant(), demo) == 1;
          if (first && demo) {
            demoShop.load(DemoShop.SEED);
          }
        });
  }
}
