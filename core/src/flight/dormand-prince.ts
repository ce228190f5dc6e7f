/**
 * Weights of the embedded pair of orders 5 and 4 of Dormand & Prince (1980), J. Comp. Appl. Math. 6:19: A of stages in
 * stages, B of stages in the step, E of the difference of the two orders. Of what changes by the rates of a rate, as a
 * position does by accelerations, the same weights taken twice: P in stages, Q in the step. C is when each stage is.
 */
export const A21 = 1 / 5;
export const A31 = 3 / 40;
export const A32 = 9 / 40;
export const A41 = 44 / 45;
export const A42 = -56 / 15;
export const A43 = 32 / 9;
export const A51 = 19372 / 6561;
export const A52 = -25360 / 2187;
export const A53 = 64448 / 6561;
export const A54 = -212 / 729;
export const A61 = 9017 / 3168;
export const A62 = -355 / 33;
export const A63 = 46732 / 5247;
export const A64 = 49 / 176;
export const A65 = -5103 / 18656;
export const B1 = 35 / 384;
export const B3 = 500 / 1113;
export const B4 = 125 / 192;
export const B5 = -2187 / 6784;
export const B6 = 11 / 84;
export const E1 = 71 / 57600;
export const E3 = -71 / 16695;
export const E4 = 71 / 1920;
export const E5 = -17253 / 339200;
export const E6 = 22 / 525;
export const E7 = -1 / 40;
// When each stage is, and the same weights taken twice: of the rates of the velocity in the position.
export const C3 = A31 + A32;
export const C4 = A41 + A42 + A43;
export const C5 = A51 + A52 + A53 + A54;
export const P31 = A32 * A21;
export const P41 = A42 * A21 + A43 * A31;
export const P42 = A43 * A32;
export const P51 = A52 * A21 + A53 * A31 + A54 * A41;
export const P52 = A53 * A32 + A54 * A42;
export const P53 = A54 * A43;
export const P61 = A62 * A21 + A63 * A31 + A64 * A41 + A65 * A51;
export const P62 = A63 * A32 + A64 * A42 + A65 * A52;
export const P63 = A64 * A43 + A65 * A53;
export const P64 = A65 * A54;
export const Q1 = B3 * A31 + B4 * A41 + B5 * A51 + B6 * A61;
export const Q2 = B3 * A32 + B4 * A42 + B5 * A52 + B6 * A62;
export const Q3 = B4 * A43 + B5 * A53 + B6 * A63;
export const Q4 = B5 * A54 + B6 * A64;
export const Q5 = B6 * A65;
