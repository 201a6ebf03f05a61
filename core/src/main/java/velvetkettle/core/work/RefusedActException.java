package velvetkettle.core.work;

/** A pair of hands cannot do that on this bench; the message says why. */
public final class RefusedActException extends IllegalStateException {
  private static final long serialVersionUID = 1L;

  RefusedActException(Act act, String why) {
    super(act + ": " + why);
  }
}
