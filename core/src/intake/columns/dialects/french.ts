import type { Dialect } from './dialect.ts';

export const FRENCH: Dialect = {
  language: 'French',
  names: {
    club: 'Canne, Nom du club, Type de club, Bâton',
    hitAt: 'Heure, Horodatage, Date et heure, Date heure',
    player: 'Joueur, Joueuse, Nom du joueur, Élève, Golfeur',
    hand: 'Main, Latéralité, Main dominante',
    clubSpeedMps:
      'Vitesse club, Vitesse du club, Vitesse de club, Vitesse tête de club, Vitesse de la tête, Vitesse de la tête de club, Vitesse de swing',
    attackAngleDeg: "Angle d'attaque, Attaque",
    clubPathDeg:
      'Chemin du club, Chemin de club, Trajectoire du club, Chemin, Trajectoire club, Plan horizontal',
    faceAngleDeg:
      'Angle de face, Angle de la face, ~Face du club, Orientation de la face, Angle face',
    faceToPathDeg:
      'Face par rapport au chemin, Face chemin, Face/chemin, Face à chemin, Face - chemin, Face au chemin',
    dynamicLoftDeg: 'Loft dynamique',
    spinLoftDeg: 'Spin loft',
    swingDirectionDeg: 'Direction du swing',
    swingPlaneDeg: 'Plan de swing, Plan du swing',
    strikeToeMm:
      'Impact horizontal, Impact latéral, Point de contact horizontal, Impact pointe talon',
    strikeHighMm: 'Impact vertical, Point de contact vertical, Hauteur d’impact',
    ballSpeedMps: 'Vitesse balle, Vitesse de balle, Vitesse de la balle',
    launchAngleDeg: 'Angle de lancement, Angle de décollage, Angle d’envol, Lancement vertical',
    startDirectionDeg:
      'Direction de départ, Direction de lancement, Départ, Direction initiale, Angle de départ horizontal, Lancement horizontal',
    spinRateRpm:
      'Taux de spin, Spin total, Vitesse de rotation, Rotation, Taux de rotation, Effet total',
    spinAxisTiltDeg: 'Axe de spin, Axe de rotation, Inclinaison de l’axe, Axe du spin',
    backSpinRpm: 'Rétro, Effet rétro, Effet arrière',
    sideSpinRpm: 'Effet latéral, Spin latéral',
    carryM: 'Portée, Distance carry, Distance de vol, Distance en vol',
    totalM: 'Distance totale, Totale',
    offlineM:
      'Écart latéral, Déviation latérale, ~Déviation, ~Écart, Latéral au carry, Écart au carry, ~Côté, Déviation carry',
    curveM: 'Courbe, Courbure',
    apexM: 'Hauteur max, Hauteur maximale, ~Hauteur, Sommet, Flèche',
    descentAngleDeg: 'Angle de descente, Angle d’atterrissage, Angle de chute',
    flightTimeS: 'Temps de vol, Durée de vol, Temps en l’air',
  },
  sides: {
    right: 'd, droite, dr',
    left: 'g, gauche',
    out: 'intérieur extérieur, int-ext, ouvert, ouverte',
    in: 'extérieur intérieur, ext-int, fermé, fermée',
    toe: 'pointe, p',
    heel: 'talon, t',
    up: 'haut, haute',
    down: 'bas, basse',
  },
  averages: 'moyenne, moyennes, moy, moy., médiane, écart type, écart-type, écarts types',
  summaries:
    'somme, totaux, objectif, cible, minimum, maximum, dispersion, référence, meilleur, meilleure, tous, coups, balles',
  unused:
    'Coup, N°, Numéro, Balle, Type de balle, Note, Notes, Commentaire, Remarque, Remarques, Smash, Facteur de smash, Température, Vent, Séance, Qualité',
  notThisBall: 'moyenne, moy, moyen, écart type, objectif, cible, référence',
  atRest: 'totale, final, finale, après roule',
  plus: 'positif',
  minus: 'négatif, moins',
  units: {
    m: 'mètre, mètres',
    yd: 'verges, vg',
    ft: 'pied, pieds, pi',
    in: 'pouce, pouces, po',
    deg: 'degré, degrés',
    rpm: 'tr/min, tours/min, tpm, t/min',
    s: 'seconde, secondes',
    mph: 'mi/h, milles/h',
  },
  missing: 's/o, nd, non mesuré, vide, aucun',
};
