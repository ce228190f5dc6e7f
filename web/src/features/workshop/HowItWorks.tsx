import { AERODYNAMICS, DEVICE_ACCURACY, FIXED_SPLIT, STANDARD_HEADS } from '@loxos/core';
import { clubOf } from '../../app/workshop-state.ts';
import type { WorkshopState } from '../../app/workshop-state.ts';

/** How the figures come about, from the same numbers as the code. */
export function HowItWorks({ state }: { state: WorkshopState }) {
  const head = STANDARD_HEADS[clubOf(state).kind];
  const { dragBase, dragPerSpin, liftFactor, liftExponent, spinDecay } = AERODYNAMICS.modern;
  return (
    <div className="space-y-2 text-[0.95rem]">
      <p>
        <b>Impact.</b> Ball and clubhead collide as two free rigid bodies: K·J = Δv at the contact,
        with the normal speed reversed by restitution e = {head.restitution}
        {head.restitutionPerMps > 0 && ` − ${head.restitutionPerMps} · v`} and the ball gripped
        unless friction {head.friction} gives way. Head {head.headMassKg} kg, centre of gravity{' '}
        {Math.round(head.cgDepthM * 1000)} mm behind the face. Start, spin, its axis and gear effect
        all follow. Cochran &amp; Stobbs 1968; Penner 2003 (from memory).
      </p>
      <p>
        <b>Flight.</b> Drag C<sub>D</sub> = {dragBase} + {dragPerSpin} S, lift C<sub>L</sub> ={' '}
        {liftFactor} S<sup>{liftExponent}</sup>, S = ωr/v; spin falls by {spinDecay} v/r. Calibrated
        to the overall-distance test of the rules: 294 yd of carry from 175.5 mph, 10°, 42 rev/s.
      </p>
      <p>
        <b>Split.</b> Shapley values over face, path, strike and wind: each part averaged over every
        order of putting right, so the parts add up to the miss.
      </p>
      <p>
        <b>Schools.</b> Fixed split {FIXED_SPLIT.woods * 100} % face for woods,{' '}
        {FIXED_SPLIT.irons * 100} % for irons (common practice). A monitor is taken to be off by{' '}
        {DEVICE_ACCURACY.faceAngleDeg}° in face and path, {DEVICE_ACCURACY.spinAxisTiltDeg}° in spin
        axis, unless the settings say otherwise.
      </p>
      <p className="text-soft">
        Where measured: path and face at first touch; the path of the middle of the face; the face
        at its middle, which on a bulged face differs from the strike point.
      </p>
    </div>
  );
}
