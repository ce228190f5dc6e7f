import { PATH, CLUBS, ALL, lines, comma, base } from './balls.ts';
import type { WrittenFile } from './balls.ts';

/** Other languages. */
export const LANGUAGES: readonly WrittenFile[] = [
  {
    name: 'German',
    text: base('Schläger;Schlagflächenwinkel;Schlägerpfad;Startrichtung', comma, ';').replaceAll(
      '7 Iron',
      'Eisen 7',
    ),
    want: ALL,
    clubs: CLUBS,
  },
  {
    name: 'German sides',
    text: base(
      'Schläger;Schlagflächenwinkel (links +);Schlägerpfad (Grad);Startrichtung',
      comma,
      ';',
    ),
    want: { faceAngleDeg: [-1.2, 2.1, -3], clubPathDeg: PATH },
  },
  {
    name: 'German words',
    text: lines(
      'Schläger;Schlägerpfad;Ballgeschwindigkeit (km/h);Spinrate (U/min)',
      'Eisen 7;3,4 links;180,0;6.480',
    ),
    want: { clubPathDeg: [-3.4], ballSpeedMps: [50], spinRateRpm: [6480] },
  },
  {
    name: 'French',
    text: base('Club;Angle de face;Chemin du club;Direction de départ', comma, ';'),
    want: ALL,
  },
  {
    name: 'French letters',
    text: lines(
      'Club;Angle de face;Chemin du club;Impact horizontal (mm)',
      'Fer 7;1,2 D;3,4 G;6 T',
    ),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4], strikeToeMm: [-6] },
  },
  {
    name: 'French averages',
    text: lines('Club;Angle de face;Vitesse de balle (km/h)', 'Fer 7;1,2;180', 'Moyenne;1,2;180'),
    want: { ballSpeedMps: [50] },
    fates: { summary: 1 },
  },
  {
    name: 'Spanish',
    text: base('Palo;Ángulo de la cara;Trayectoria del palo;Dirección de salida', comma, ';'),
    want: ALL,
  },
  {
    name: 'Spanish sides',
    text: lines(
      'Palo;Ángulo de la cara (izq +);Trayectoria del palo',
      'Hierro 7;1,2;3,4 izquierda',
    ),
    want: { faceAngleDeg: [-1.2], clubPathDeg: [-3.4] },
  },
  {
    name: 'Swedish',
    text: base('Klubba;Bladvinkel;Klubbana;Startriktning', comma, ';'),
    want: ALL,
  },
  {
    name: 'Swedish letters',
    text: lines('Klubba;Bladvinkel;Klubbana (V+/H-)', '7i;1,2 H;3,4'),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4] },
  },
  { name: 'Japanese', text: base('クラブ,フェース角,クラブパス,打ち出し方向'), want: ALL },
  {
    name: 'Japanese sides and units',
    text: lines(
      'クラブ,フェース角（右+）,クラブパス（度）,ボール初速（m/s）,キャリー（ヤード）',
      '7I,1.2,左 3.4,52,150',
    ),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4], ballSpeedMps: [52], carryM: [137.16] },
  },
  {
    name: 'Japanese averages',
    text: lines('クラブ,フェース角', '7I,1.2', '平均,1.2'),
    want: { faceAngleDeg: [1.2] },
    fates: { summary: 1 },
  },
  { name: 'Korean', text: base('클럽,페이스 앵글,클럽 패스,발사 방향'), want: ALL },
  {
    name: 'Korean sides',
    text: lines('클럽,페이스 각도(우+),클럽 패스,캐리(미터)', '7I,1.2,좌 3.4,140'),
    want: { faceAngleDeg: [1.2], clubPathDeg: [-3.4], carryM: [140] },
  },
];
