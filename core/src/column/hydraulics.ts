import type { Retention } from '../retention';

/** A medium as the column knows it: its curve, and how fast water moves in it. */
export interface Hydraulics {
  readonly thetaS: number;
  /** Water, slope of the curve (1/cm) and conductivity (cm/s) at a pressure head, cm; written into `out`. */
  readonly at: (psi_cm: number, out: State) => void;
  /** Pressure head at which the curve is steepest, cm; from there to saturation its slope only falls. */
  readonly steepest_cm: number;
  /** Pressure head at which it holds so much water, cm; 0 and above it is full. */
  readonly psiAt: (theta: number) => number;
}

/** Water fraction, slope of the curve per cm, conductivity in cm/s. */
export interface State {
  theta: number;
  slope: number;
  k: number;
}

export const SOLVER = Object.freeze({
  /** Faster media drain within one step of any clock; the solver takes them as this, and says so. */
  mostKs_cms: 0.5,
  /** Under this n the conductivity falls without bound at saturation; the curve is then flat up to this suction. */
  steepBelow_n: 1.3,
  airEntry_cm: 2,
  /** Connection of the pores. */
  l: 0.5,
});

/**
 * Curve and conductivity of a medium.
 *
 * theta(psi) = theta_r + (theta_m - theta_r) [1 + (alpha |psi|)^n]^-m, m = 1 - 1/n, theta_m = theta_s, or for n under 1.3
 * such that the curve reaches theta_s at 2 cm of suction; K = Ks Se^l [(1 - F(Se)) / (1 - F(1))]^2,
 * F(Se) = (1 - (Se (theta_s - theta_r) / (theta_m - theta_r))^(1/m))^m. Heads in cm, K in cm/s.
 * Source: Mualem (1976), Water Resour. Res. 12, 513-522; van Genuchten (1980), Soil Sci. Soc. Am. J. 44, 892-898;
 * Vogel, van Genuchten and Cislerova (2001), Adv. Water Resour. 24, 133-144.
 * Example: thetaR 0.1, thetaS 0.9, alpha 0.1, n 2, Ks 0.01 at -10 cm: theta 0.665685, K 0.01 x 0.840896 x 0.085786.
 */
export function hydraulics({ thetaR, thetaS, alpha_percm, n }: Retention, ks_cms: number): Hydraulics {
  const m = 1 - 1 / n;
  const ks = Math.min(ks_cms, SOLVER.mostKs_cms);
  const entry = n < SOLVER.steepBelow_n ? SOLVER.airEntry_cm : 0;
  const thetaM = thetaR + (thetaS - thetaR) * (1 + (alpha_percm * entry) ** n) ** m;
  const span = thetaM - thetaR;
  /** F(1): 1 less the part of K's bracket that is lost to the cut at the air entry. */
  const whole = 1 - (1 - ((thetaS - thetaR) / span) ** (1 / m)) ** m;
  const at = (psi: number, out: State): void => {
    const h = -psi;
    if (h <= entry) {
      out.theta = thetaS;
      out.slope = 0;
      out.k = ks;
      return;
    }
    const drawn = Math.exp(n * Math.log(alpha_percm * h));
    const inner = 1 / (1 + drawn);
    // Se of the whole curve; its (1/m)-th power is `inner`.
    const se = Math.exp(m * Math.log(inner));
    out.theta = thetaR + span * se;
    out.slope = (span * m * n * drawn * inner * se) / h;
    const bracket = (1 - Math.exp(m * Math.log(1 - inner))) / whole;
    out.k = ks * Math.sqrt((out.theta - thetaR) / (thetaS - thetaR)) * bracket * bracket;
  };
  const psiAt = (theta: number): number => {
    if (theta >= thetaS) return 0;
    const se = Math.max(1e-6, (theta - thetaR) / span);
    return -((se ** (-1 / m) - 1) ** (1 / n)) / alpha_percm;
  };
  const steepest_cm = -Math.max(entry * (1 + 1e-9), m ** (1 / n) / alpha_percm);
  return { thetaS, at, steepest_cm, psiAt };
}
