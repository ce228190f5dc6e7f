import type { Dialect } from './dialect.ts';

export const SPANISH: Dialect = {
  language: 'Spanish',
  names: {
    club: 'Palo, Nombre del palo, Tipo de palo',
    hitAt: 'Hora, Fecha, Fecha y hora, Fecha hora',
    player: 'Jugador, Jugadora, Nombre del jugador, Alumno, Golfista',
    hand: 'Mano, Mano dominante',
    clubSpeedMps:
      'Velocidad del palo, Velocidad de palo, Velocidad palo, Velocidad de la cabeza, Velocidad de la cabeza del palo, Velocidad del swing',
    attackAngleDeg: 'Ángulo de ataque, Ataque',
    clubPathDeg:
      'Trayectoria del palo, Trayectoria, Recorrido del palo, Camino del palo, Senda del palo',
    faceAngleDeg: 'Ángulo de la cara, Ángulo de cara, ~Cara, Cara del palo, Ángulo cara',
    faceToPathDeg:
      'Cara a trayectoria, Cara respecto a trayectoria, Cara trayectoria, Cara respecto a la trayectoria, Cara/trayectoria, Cara a recorrido',
    dynamicLoftDeg: 'Loft dinámico',
    spinLoftDeg: 'Spin loft',
    swingDirectionDeg: 'Dirección del swing',
    swingPlaneDeg: 'Plano del swing, Plano de swing',
    strikeToeMm: 'Impacto horizontal, Punto de impacto horizontal, Impacto lateral',
    strikeHighMm: 'Impacto vertical, Punto de impacto vertical, Altura de impacto',
    ballSpeedMps: 'Velocidad de bola, Velocidad de la bola, Velocidad bola, Velocidad de la pelota',
    launchAngleDeg:
      'Ángulo de lanzamiento, Ángulo de salida, Lanzamiento vertical, Ángulo de despegue',
    startDirectionDeg:
      'Dirección de salida, Dirección de lanzamiento, Dirección inicial, Lanzamiento horizontal, Salida',
    spinRateRpm: 'Tasa de giro, Giro total, Rotación, Velocidad de giro, Efecto total',
    spinAxisTiltDeg: 'Eje de giro, Eje de rotación, Inclinación del eje, Eje del efecto',
    backSpinRpm: 'Retroceso, Efecto de retroceso',
    sideSpinRpm: 'Efecto lateral, Giro lateral',
    carryM: 'Vuelo, Distancia de vuelo, Distancia carry',
    totalM: 'Distancia total',
    offlineM:
      'Desviación lateral, ~Desviación, Lateral al vuelo, ~Desvío, Desvío lateral, Desviación al vuelo, ~Lado',
    curveM: 'Curva, Curvatura',
    apexM: 'Altura máxima, ~Altura, Ápice, Altura max',
    descentAngleDeg: 'Ángulo de caída, Ángulo de descenso, Ángulo de aterrizaje',
    flightTimeS: 'Tiempo de vuelo, Tiempo en el aire',
  },
  sides: {
    right: 'd, der, derecha, dcha',
    left: 'i, izq, izquierda, izda',
    out: 'dentro fuera, dentro-fuera, de dentro a fuera, abierta, abierto',
    in: 'fuera dentro, fuera-dentro, de fuera a dentro, cerrada, cerrado',
    toe: 'punta',
    heel: 'talón',
    up: 'alto, arriba',
    down: 'bajo, abajo',
  },
  averages:
    'promedio, promedios, media, prom, prom., mediana, desviación estándar, desv. est., desv',
  summaries:
    'suma, totales, objetivo, meta, mínimo, máximo, dispersión, referencia, mejor, todos, golpes, bolas',
  unused:
    'Golpe, N°, Número, Núm, Bola, Tipo de bola, Nota, Notas, Comentario, Comentarios, Observaciones, Factor smash, Temperatura, Viento, Sesión, Calidad',
  notThisBall: 'promedio, media, medio, objetivo, meta, desv. est., referencia',
  atRest: 'total, final, con rodada',
  plus: 'positivo, más',
  minus: 'negativo, menos',
  units: {
    m: 'metro, metros',
    yd: 'yarda, yardas',
    ft: 'pie, pies',
    in: 'pulgada, pulgadas',
    deg: 'grado, grados',
    rpm: 'rev/min, vueltas/min',
    s: 'segundo, segundos, seg',
  },
  missing: 'n/d, nd, sin dato, sin datos, no medido, ninguno',
};
