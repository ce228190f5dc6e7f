import type { Dialect } from './dialect.ts';

export const ENGLISH: Dialect = {
  language: 'English',
  names: {
    club: 'club, club name, club type, club used, club id',
    hitAt: 'time, date, timestamp, date time, shot time, hit at, shot date, recorded, recorded at',
    player: 'player, player name, golfer, student, athlete, pupil',
    hand: 'hand, handed, handedness, player hand, dexterity',
    clubSpeedMps:
      'club speed, club head speed, head speed, swing speed, club velocity, clubhead velocity, club spd, chs, speed club',
    attackAngleDeg:
      'attack angle, angle of attack, aoa, ~attack, attack ang, attack angle vertical, vertical attack angle',
    clubPathDeg:
      'club path, ~path, swing path, club path angle, path angle, club path direction, horizontal club path, clubhead path, path to target',
    faceAngleDeg:
      'face angle, ~face, ~club face, club face angle, face to target, face ang, face angle to target, club face to target, clubface direction, face direction, face target, horizontal face angle, face angle horizontal',
    faceToPathDeg:
      'face to path, face path, ftp, f2p, face to path angle, club face to path, face angle to path, face vs path, face relative to path, face minus path',
    dynamicLoftDeg:
      'dynamic loft, dyn loft, dyn. loft, delivered loft, loft at impact, dynamic loft angle, impact loft, effective loft',
    spinLoftDeg: 'spin loft',
    swingDirectionDeg:
      'swing direction, swing dir, swing direction angle, horizontal swing plane, hsp',
    swingPlaneDeg: 'swing plane, swing plane angle, plane angle, vertical swing plane, vsp',
    strikeToeMm:
      'strike towards the toe, strike toe, strike x, impact toe, impact x, horizontal impact, impact horizontal, ~toe, toe heel, heel toe, face impact horizontal, impact offset, strike horizontal, horizontal strike, horizontal impact location, impact location horizontal, face impact lateral, lateral impact',
    strikeHighMm:
      'strike above the middle, strike high, strike y, impact y, impact height, vertical impact, impact vertical, high low, face impact vertical, impact high, strike vertical, vertical strike, vertical impact location, impact location vertical, strike height',
    ballSpeedMps:
      'ball speed, ball velocity, initial ball speed, ball spd, launch speed, initial velocity, speed ball',
    launchAngleDeg:
      'launch angle, ~launch, vertical launch, vertical launch angle, vla, launch v, vert launch, launch ang, launch vertical, launch angle vertical, angle launch',
    startDirectionDeg:
      'launch direction, start direction, start line, horizontal launch, horizontal launch angle, hla, azimuth, launch h, ~direction, start dir, launch dir, side angle, ~start, ball direction, initial direction, launch horizontal, horizontal angle, launch azimuth, launch direction angle, ball start direction, ball start line',
    spinRateRpm:
      'spin rate, total spin, ~spin, ball spin, spin rate total, spin total, rate of spin',
    spinAxisTiltDeg:
      'spin axis, spin axis tilt, ~axis, axis tilt, spin tilt, spin axis angle, tilt angle, axis angle, spin tilt axis, tilt axis',
    backSpinRpm: 'back spin, backspin, back spin rate',
    sideSpinRpm: 'side spin, sidespin, side spin rate',
    carryM:
      'carry, carry distance, carry dist, carry length, carry flat, distance carry, carry dist flat',
    totalM: 'total, total distance, total dist, total length, distance total, ~distance',
    offlineM:
      'offline, ~side, carry side, side carry, ~lateral, ~deviation, offline distance, carry offline, ~side distance, offline carry, carry deviation, carry lateral, lateral carry, side at carry, offline at carry, off line, ~lateral distance, carry side distance',
    curveM: 'curve, curvature, ~bend, curve distance, curve dist',
    apexM:
      'apex, ~height, max height, peak height, apex height, maximum height, height max, peak, apex max',
    descentAngleDeg:
      'descent angle, landing angle, land angle, angle of descent, ~descent, land ang, descent ang, angle landing',
    flightTimeS: 'flight time, hang time, air time, time of flight, carry time, time in air',
  },
  sides: {
    right: 'r, right',
    left: 'l, left',
    out: 'i-o, in-out, in to out, inside out, inside-to-out, open, fade, slice, i to o, i>o, o',
    in: 'o-i, out-in, out to in, outside in, outside-to-in, closed, draw, hook, close, o to i, o>i, c',
    toe: 't, toe',
    heel: 'h, heel',
    up: 'high, up, u, above, upward',
    down: 'low, down, d, below, downward',
  },
  averages:
    'avg, average, averages, mean, median, std, st dev, std dev, stdev, standard dev, standard deviation, sd, consistency, variance, deviation',
  summaries:
    'min, max, minimum, maximum, total, totals, sum, spread, range, target, goal, goals, tour, benchmark, reference, optimal, optimum, ideal, best, session, summary, all, group, scratch, handicap, norm, norms, count, shots, shot, balls, ball, n, of, the, for, dev, standard, value, values, tour player, pro',
  unused:
    'smash, smash factor, efficiency, shot, shot number, shot no, shot id, no, nr, number, ball, ball no, ball type, ball name, ball model, note, notes, comment, comments, tag, tags, remark, remarks, low point, low point distance, swing tempo, tempo, session, session id, session name, id, row, dynamic lie, lie, lie angle, closure rate, face closure rate, temperature, wind, wind speed, altitude, humidity, shot type, shape, shot shape, target, lane, bay, quality, shot quality, units, location, roll, run, bounce, valid, use, used, excluded, favorite, favourite',
  notThisBall:
    'avg, average, mean, median, std, stdev, dev, std dev, sd, target, goal, tour, optimal, ideal, min, max, error, diff, difference, delta, confidence, quality, last, previous, baseline, expected, normalized, normalised, rank, score',
  atRest: 'total, rest, final, rolled, with roll',
  plus: '+, plus, positive, pos',
  minus: '-, minus, negative, neg',
  units: {
    m: 'm, metre, metres, meter, meters, mtr, mtrs',
    cm: 'cm, centimetre, centimetres, centimeter, centimeters',
    mm: 'mm, millimetre, millimetres, millimeter, millimeters',
    yd: 'yd, yds, yard, yards, y',
    ft: "ft, feet, foot, '",
    in: 'in, inch, inches, ", ins',
    'm/s': 'm/s, mps, ms-1, m·s-1, m/sec, metres per second, meters per second',
    mph: 'mph, mi/h, miles per hour, m.p.h',
    'km/h': 'km/h, kph, kmh, kmph, kilometres per hour, kilometers per hour',
    deg: 'deg, degree, degrees, °, º, degs, dg',
    rad: 'rad, radians, radian',
    rpm: 'rpm, rev/min, r/min, 1/min, revs, revs/min, r.p.m, min-1',
    'rev/s': 'rev/s, rps, revs/s',
    'rad/s': 'rad/s',
    s: 's, sec, secs, second, seconds',
    ms: 'ms, msec, milliseconds',
  },
  missing:
    'n/a, na, null, none, nan, no data, not measured, missing, undefined, no read, inf, -inf, err, error',
};
