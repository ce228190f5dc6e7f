/** A vector in the target-line frame: x towards the target, y up, z right. */
export type Vec3 = readonly [number, number, number];

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const subtract = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const norm = (a: Vec3): number => Math.sqrt(dot(a, a));
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

/** Unit vector for an elevation and an azimuth in radians; azimuth positive right. */
export const direction = (elevationRad: number, azimuthRad: number): Vec3 => [
  Math.cos(elevationRad) * Math.cos(azimuthRad),
  Math.sin(elevationRad),
  Math.cos(elevationRad) * Math.sin(azimuthRad),
];
/** Elevation of a vector, radians, in [−π/2, π/2]. */
export const elevationOf = (a: Vec3): number => Math.atan2(a[1], Math.hypot(a[0], a[2]));
/** Azimuth of a vector, radians, positive right, in (−π, π]. */
export const azimuthOf = (a: Vec3): number => Math.atan2(a[2], a[0]);
/** Horizontal unit vector to the right of an azimuth. */
export const rightOf = (azimuthRad: number): Vec3 => [
  -Math.sin(azimuthRad),
  0,
  Math.cos(azimuthRad),
];
