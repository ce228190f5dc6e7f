import type { Dialect } from './dialect.ts';

export const GERMAN: Dialect = {
  language: 'German',
  names: {
    club: 'Schläger, Schlägertyp, Schlägername',
    hitAt: 'Zeit, Uhrzeit, Datum, Zeitpunkt, Zeitstempel, Datum Uhrzeit',
    player: 'Spieler, Spielername, Schüler, Golfer',
    hand: 'Händigkeit, Schlaghand, Spielhand',
    clubSpeedMps:
      'Schlägergeschwindigkeit, Schlägerkopfgeschwindigkeit, Schwunggeschwindigkeit, Schlägerkopfspeed, Schl.geschw., Kopfgeschwindigkeit',
    attackAngleDeg: 'Eintreffwinkel, Angriffswinkel, Anstellwinkel',
    clubPathDeg: 'Schlägerpfad, Schwungpfad, Schlägerweg, ~Pfad, Schwungbahn, Schlägerbahn',
    faceAngleDeg:
      'Schlagflächenwinkel, Schlägerblattstellung, Blattwinkel, ~Schlagfläche, Schlägerblattwinkel, Schlägerflächenwinkel, ~Schlägerblatt, Flächenwinkel',
    faceToPathDeg:
      'Schlagfläche zu Pfad, Fläche zu Pfad, Blatt zu Pfad, Schlagfläche zum Pfad, Schlägerblatt zu Schwungpfad, Blatt zum Pfad',
    dynamicLoftDeg: 'Dynamischer Loft, dyn. Loft, Loft im Treffmoment',
    spinLoftDeg: 'Spin-Loft',
    swingDirectionDeg: 'Schwungrichtung',
    swingPlaneDeg: 'Schwungebene',
    strikeToeMm:
      'Treffpunkt horizontal, Treffpunkt seitlich, Treffpunkt X, Treffpunkt Spitze Ferse',
    strikeHighMm: 'Treffpunkt vertikal, Treffpunkt Höhe, Treffpunkt Y, Treffpunkthöhe',
    ballSpeedMps: 'Ballgeschwindigkeit, Ballspeed, Ballgeschw., Ballstartgeschwindigkeit',
    launchAngleDeg: 'Abflugwinkel, Startwinkel, Abflugwinkel vertikal, vertikaler Abflugwinkel',
    startDirectionDeg:
      'Startrichtung, Abflugrichtung, Abflugwinkel horizontal, horizontaler Abflugwinkel, Anfangsrichtung, ~Richtung',
    spinRateRpm: 'Spinrate, Gesamtspin, Spinzahl, Drehzahl, Gesamt-Spin',
    spinAxisTiltDeg: 'Spinachse, Drehachse, Spinachsenneigung, Achsneigung, Neigung der Drehachse',
    backSpinRpm: 'Rückwärtsdrall, Rückspin, Rückwärtsspin',
    sideSpinRpm: 'Seitendrall, Seitenspin, Seitwärtsspin',
    carryM:
      'Carry-Weite, Fluglänge, Flugweite, Carrylänge, Carry-Distanz, Flugstrecke, Schlagweite Carry',
    totalM: 'Gesamtweite, Gesamtlänge, Gesamtdistanz, Gesamt',
    offlineM:
      'Seitenabweichung Carry, ~Seitenabweichung, ~Abweichung, ~Seitliche Abweichung, Carry seitlich, ~Seite, Carry-Seite, Carry-Abweichung',
    curveM: 'Kurve, Krümmung, ~Kurvenflug',
    apexM: 'Scheitelhöhe, maximale Höhe, Flughöhe, ~Höhe, Gipfelhöhe, Scheitelpunkt, max. Höhe',
    descentAngleDeg: 'Landewinkel, Einfallswinkel, Aufprallwinkel',
    flightTimeS: 'Flugzeit, Flugdauer',
  },
  sides: {
    right: 're, rechts',
    left: 'li, links',
    out: 'innen nach außen, innen-außen, offen, von innen',
    in: 'außen nach innen, außen-innen, geschlossen, von außen',
    toe: 'Spitze',
    heel: 'Ferse, Hacke',
    up: 'hoch, oben, aufwärts',
    down: 'tief, unten, abwärts',
  },
  averages:
    'Durchschnitt, Schnitt, Mittel, Mittelwert, Median, Standardabweichung, Std.-Abw., Streuung, Ø, Durchschn., MW, Stabw',
  summaries:
    'Summe, Gesamt, Ziel, Zielwert, Minimum, Maximum, Abweichung, Referenz, Vorgabe, Bestwert, alle, Schläge, Bälle',
  unused:
    'Nr, Nummer, Schlag, Schlagnummer, Schlag Nr, Ball, Balltyp, Notiz, Notizen, Bemerkung, Bemerkungen, Kommentar, Smashfaktor, Smash-Faktor, Temperatur, Wind, Sitzung, Qualität, Tiefpunkt',
  notThisBall:
    'Durchschnitt, Mittel, Mittelwert, Ø, Streuung, Standardabweichung, Ziel, Abw., Soll',
  atRest: 'gesamt, Ende, Endlage',
  plus: 'positiv',
  minus: 'negativ',
  units: {
    deg: 'Grad',
    rpm: 'U/min, Umdr./min, Umdrehungen, Upm, U/Min.',
    m: 'Meter',
    cm: 'Zentimeter',
    mm: 'Millimeter',
    s: 'Sek, Sekunden',
    in: 'Zoll',
    ft: 'Fuß',
  },
  missing: 'k. A., keine Angabe, nicht gemessen, fehlt, leer',
};
