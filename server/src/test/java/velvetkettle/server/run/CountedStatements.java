package velvetkettle.server.run;

import java.sql.Connection;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.ibatis.executor.statement.StatementHandler;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;

/** Counts the statements that this thread sends to the database. */
@Intercepts(
    @Signature(
        type = StatementHandler.class,
        method = "prepare",
        args = {Connection.class, Integer.class}))
public final class CountedStatements implements Interceptor {
  private final ThreadLocal<AtomicInteger> sent = ThreadLocal.withInitial(AtomicInteger::new);

  void begin() {
    sent.get().set(0);
  }

  int count() {
    return sent.get().get();
  }

  @Override
  public Object intercept(Invocation invocation) throws Throwable {
    sent.get().incrementAndGet();
    return invocation.proceed();
  }
}
