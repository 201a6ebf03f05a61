package velvetkettle.server.demo;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyBoolean;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;
import velvetkettle.server.Owner;
import velvetkettle.server.ShopClock;

class OpeningTest {
  private final ShopMapper shops = mock(ShopMapper.class);
  private final DemoShop demoShop = mock(DemoShop.class);
  private final TransactionTemplate transaction = mock(TransactionTemplate.class);

  @BeforeEach
  void transactionsJustRun() {
    doAnswer(
            call -> {
              call.<Consumer<TransactionStatus>>getArgument(0)
                  .accept(mock(TransactionStatus.class));
              return null;
            })
        .when(transaction)
        .executeWithoutResult(any());
  }

  @Test
  void theFirstStartLoadsTheDemo() {
    start(true, 1);
    verify(demoShop).load(DemoShop.SEED);
  }

  @Test
  void aSecondStartDoesNot() {
    start(true, 0);
    verify(demoShop, never()).load(anyLong());
  }

  @Test
  void withoutDemoTheShopOpensEmpty() {
    start(false, 1);
    verify(shops).open(any(), any(), anyBoolean());
    verify(demoShop, never()).load(anyLong());
  }

  private void start(boolean demo, int opened) {
    when(shops.open(any(), any(), anyBoolean())).thenReturn(opened);
    new Opening(demo, shops, demoShop, transaction, new Owner(), new ShopClock())
        .afterSingletonsInstantiated();
  }
}
