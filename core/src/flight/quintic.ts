import { rootOf } from '../maths/root.ts';

/** A share of a step is found when it moves by less than this: below a micrometre for any step taken. */
const SHARE_ERROR = 1e-9;
/** Newton's rule takes three or four; whatever takes more is bracketed instead. */
const NEWTON_TRIES = 8;

/**
 * The quintic through a place, its speed and its acceleration at both ends of a step (Hermite), by the share u of
 * the step in [0, 1]: of order six, as good as the steps it lies between.
 */
export class Quintic {
  private readonly c = new Float64Array(6);

  /** Through (p, v, a) at the start and (q, w, b) at the end of `h` seconds. */
  fit(h: number, p: number, v: number, a: number, q: number, w: number, b: number): this {
    const { c } = this;
    const rise = q - p;
    const v0 = h * v;
    const v1 = h * w;
    const a0 = (h * h * a) / 2;
    const a1 = (h * h * b) / 2;
    c[0] = p;
    c[1] = v0;
    c[2] = a0;
    c[3] = 10 * rise - 6 * v0 - 4 * v1 - 3 * a0 + a1;
    c[4] = -15 * rise + 8 * v0 + 7 * v1 + 3 * a0 - 2 * a1;
    c[5] = 6 * rise - 3 * v0 - 3 * v1 - a0 + a1;
    return this;
  }

  at(u: number): number {
    const { c } = this;
    return c[0]! + u * (c[1]! + u * (c[2]! + u * (c[3]! + u * (c[4]! + u * c[5]!))));
  }

  /** Its change for a whole step more, at `u`. */
  slopeAt(u: number): number {
    const { c } = this;
    return c[1]! + u * (2 * c[2]! + u * (3 * c[3]! + u * (4 * c[4]! + u * 5 * c[5]!)));
  }

  /** Returns the change of its slope for a whole step more, at `u`. */
  private bendAt(u: number): number {
    const { c } = this;
    return 2 * c[2]! + u * (6 * c[3]! + u * (12 * c[4]! + u * 20 * c[5]!));
  }

  /** Returns the share after `from` at which it is at `level`, on the other side of which it ends. */
  shareAt(level: number, from = 0): number {
    let u = 1;
    for (let n = 0; n < NEWTON_TRIES; n++) {
      const step = (this.at(u) - level) / this.slopeAt(u);
      u -= step;
      if (!(u >= from && u <= 1)) break;
      if (Math.abs(step) < SHARE_ERROR) return u;
    }
    return rootOf((share) => this.at(share) - level, from, 1, SHARE_ERROR);
  }

  /** Returns the share at which it stops rising. */
  shareOfTop(): number {
    let u = 0.5;
    for (let n = 0; n < NEWTON_TRIES; n++) {
      const step = this.slopeAt(u) / this.bendAt(u);
      u -= step;
      if (!(u >= 0 && u <= 1)) break;
      if (Math.abs(step) < SHARE_ERROR) return u;
    }
    return rootOf((share) => this.slopeAt(share), 0, 1, SHARE_ERROR);
  }
}
