package velvetkettle.core.work;

import org.jspecify.annotations.Nullable;

/**
 * How far a thing itself has come, beside what lies on the garment.
 *
 * @param begun whether it is printed, cut or sewn: it cannot be turned round any more
 * @param cutOut whether it has an outline of its own
 * @param wet from rinsing
 * @param underPaper whether the paper of its web covers its glue
 * @param stencil whether its stencil lies on the garment
 * @param openings whether the garment has been cut open for it
 */
record Readiness(
    boolean begun,
    boolean cutOut,
    boolean wet,
    boolean underPaper,
    boolean stencil,
    boolean openings) {
  static final Readiness FRESH = new Readiness(false, false, false, false, false, false);

  /** {@link RefusedActException} where that cannot be done to it any more, or not yet. */
  Readiness after(TableAct act) {
    String why = refusal(act);
    if (why != null) {
      throw new RefusedActException(act, why);
    }
    if (act instanceof TableAct.PrintSheet || act instanceof TableAct.SewPatch) {
      return new Readiness(true, cutOut, wet, underPaper, stencil, openings);
    }
    if (act instanceof TableAct.CutOut) {
      return new Readiness(true, true, wet, underPaper, stencil, openings);
    }
    if (act instanceof TableAct.StabiliserOff || act instanceof TableAct.DryOut) {
      boolean rinsed = act instanceof TableAct.StabiliserOff;
      return new Readiness(begun, cutOut, rinsed, underPaper, stencil, openings);
    }
    if (act instanceof TableAct.FuseWeb) {
      return withPaper(true);
    }
    boolean lies = stencil && !(act instanceof TableAct.LiftStencil);
    boolean laid = act instanceof TableAct.LayStencil;
    return new Readiness(begun, cutOut, wet, underPaper, lies || laid, openings);
  }

  private @Nullable String refusal(TableAct act) {
    if (act instanceof TableAct.Mirror) {
      return begun ? "it is made already" : null;
    }
    if (act instanceof TableAct.Weed || act instanceof TableAct.Mask) {
      return cutOut ? null : "it is not cut";
    }
    if (act instanceof TableAct.FuseWeb) {
      return wet ? "it is wet" : underPaper ? "web is on it already" : null;
    }
    if (act instanceof TableAct.PressOn) {
      return wet ? "it is wet" : begun ? null : "there is nothing to press on it";
    }
    if (act instanceof TableAct.LayStencil || act instanceof TableAct.LiftStencil) {
      boolean wanted = act instanceof TableAct.LiftStencil;
      return stencil == wanted ? null : wanted ? "no stencil lies there" : "it lies there already";
    }
    return null;
  }

  Readiness opened() {
    return new Readiness(begun, cutOut, wet, underPaper, stencil, true);
  }

  Readiness withPaper(boolean on) {
    return new Readiness(begun, cutOut, wet, on, stencil, openings);
  }
}
