import type { Vec3 } from '../maths/vector.ts';

/** A 3×3 matrix by rows. */
export type Mat3 = readonly [Vec3, Vec3, Vec3];

export const IDENTITY: Mat3 = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
];

export const multiplyVector = (m: Mat3, v: Vec3): Vec3 => [
  m[0][0] * v[0] + m[0][1] * v[1] + m[0][2] * v[2],
  m[1][0] * v[0] + m[1][1] * v[1] + m[1][2] * v[2],
  m[2][0] * v[0] + m[2][1] * v[1] + m[2][2] * v[2],
];

export const transpose = (m: Mat3): Mat3 => [
  [m[0][0], m[1][0], m[2][0]],
  [m[0][1], m[1][1], m[2][1]],
  [m[0][2], m[1][2], m[2][2]],
];

export function multiply(a: Mat3, b: Mat3): Mat3 {
  const columns = transpose(b);
  const row = (r: Vec3): Vec3 => multiplyVector(columns, r);
  return [row(a[0]), row(a[1]), row(a[2])];
}

export const scaleMatrix = (m: Mat3, k: number): Mat3 => {
  const row = (r: Vec3): Vec3 => [r[0] * k, r[1] * k, r[2] * k];
  return [row(m[0]), row(m[1]), row(m[2])];
};

export const addMatrix = (a: Mat3, b: Mat3): Mat3 => {
  const row = (r: Vec3, s: Vec3): Vec3 => [r[0] + s[0], r[1] + s[1], r[2] + s[2]];
  return [row(a[0], b[0]), row(a[1], b[1]), row(a[2], b[2])];
};

/** The matrix of v ↦ a × v. */
export const crossMatrix = (a: Vec3): Mat3 => [
  [0, -a[2], a[1]],
  [a[2], 0, -a[0]],
  [-a[1], a[0], 0],
];

/** Solves m·x = b by Cramer's rule; m must be regular (an inverse mass matrix always is). */
export function solve3(m: Mat3, b: Vec3): Vec3 {
  const [[a, d, g], [e, f, h], [i, j, k]] = m;
  const c1 = f * k - h * j;
  const c2 = h * i - e * k;
  const c3 = e * j - f * i;
  const inverseDet = 1 / (a * c1 + d * c2 + g * c3);
  return [
    (b[0] * c1 + b[1] * (g * j - d * k) + b[2] * (d * h - g * f)) * inverseDet,
    (b[0] * c2 + b[1] * (a * k - g * i) + b[2] * (g * e - a * h)) * inverseDet,
    (b[0] * c3 + b[1] * (d * i - a * j) + b[2] * (a * f - d * e)) * inverseDet,
  ];
}
