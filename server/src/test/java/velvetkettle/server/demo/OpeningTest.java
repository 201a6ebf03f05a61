package velvetkettle.server.demo;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import org.junit.jupiter.api.Test;
import org.mockito.InOrder;
import velvetkettle.server.Owner;
import velvetkettle.server.ShopClock;

class OpeningTest {
  private final ShopMapper shops = mock(ShopMapper.class);
  private final DemoShop demoShop = mock(DemoShop.class);

  @Test
  void theFirstStartLoadsTheDemo() {
    start(true, false);
    InOrder order = inOrder(shops, demoShop);
    order.verify(shops).clear(any());
    order.verify(demoShop).load(DemoShop.SEED);
    // Last, so that a start that was interrupted begins again.
    order.verify(shops).open(any(), any(), anyBoolean());
  }

  @Test
  void aSecondStartDoesNot() {
    start(true, true);
    verify(demoShop, never()).load(anyLong());
    verify(shops, never()).clear(any());
  }

  @Test
  void withoutDemoTheShopOpensEmpty() {
    start(false, false);
    verify(shops).open(any(), any(), anyBoolean());
    verify(demoShop, never()).load(anyLong());
  }

  private void start(boolean demo, boolean open) {
    when(shops.isOpen(any())).thenReturn(open);
    new Opening(demo, shops, demoShop, new Owner(), new ShopClock()).afterSingletonsInstantiated();
  }
}
