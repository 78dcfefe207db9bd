/** What is possible at a field, in SI units. The schema of the entries and the fields on screen both use these. */
export const LIMITS = {
  bellVolts: { least: 0, most: 60 },
  nameplateVolts: { least: 3, most: 48 },
  voltAmps: { least: 1, most: 200 },
  mainsVolts: { least: 80, most: 280 },
  loopOhms: { least: 0, most: 200 },
  coilOhms: { least: 0.2, most: 2000 },
  loadOhms: { least: 1, most: 10_000 },
  proofVolts: { least: 0, most: 1000 },
  runM: { least: 0.1, most: 300 },
  /** Something held to a tape at the door. */
  tapeM: { least: 0, most: 5 },
  heightM: { least: 0.2, most: 6 },
  /** Of a visitor, to the crown. */
  visitorM: { least: 0.4, most: 2.4 },
  /** From a wall to where a visitor stands. */
  standsM: { least: 0.2, most: 5 },
  /** A step before a door. */
  stepM: { least: 0, most: 1 },
  fixtureHeightM: { least: 0.5, most: 15 },
  /** Of any lens: a doorbell’s or a floodlight camera’s. */
  lensM: { least: 0.2, most: 15 },
  degrees: { least: 0, most: 60 },
  /** Below the horizon; above it is less than 0. */
  downDeg: { least: -90, most: 90 },
  /** By how much a sensor that should be level points down. */
  sensorDownDeg: { least: -45, most: 45 },
  /** To the right or left, from straight ahead. */
  turnDeg: { least: -180, most: 180 },
  /** From a wall to what is looked at. */
  yardM: { least: 0.3, most: 200 },
  /** A side of something that stands in a yard. */
  obstacleM: { least: 0.05, most: 60 },
  /** A place on the plan of a site. */
  planM: { least: -300, most: 300 },
  /** From the corner of a wall to a point on it. */
  alongM: { least: 0, most: 300 },
  latitudeDeg: { least: -90, most: 90 },
  longitudeDeg: { least: -180, most: 180 },
  /** By how much eaves stand out. */
  eaveM: { least: 0, most: 3 },
  /** Ground over that of the plan. */
  groundM: { least: -20, most: 20 },
  /** How much ground falls away from a wall, in a hundred. */
  fallPercent: { least: -50, most: 50 },
  lampDownDeg: { least: 0, most: 90 },
  lampOutDeg: { least: 0, most: 90 },
  /** Of a compass. */
  bearingDeg: { least: 0, most: 360 },
  pairs: { least: 1, most: 8 },
  sparePairs: { least: 0, most: 8 },
  yearBuilt: { least: 1600, most: 2100 },
  seconds: { least: 0, most: 120 },
  minutes: { least: 0, most: 600 },
  mbitPerSecond: { least: 0, most: 10_000 },
  storeys: { least: 1, most: 60 },
  /** Ways of one board. */
  ways: { least: 1, most: 120 },
  amps: { least: 0.5, most: 400 },
  dbm: { least: -120, most: 0 },
  /** Way of a lead with a plug along a wall. */
  leadWayM: { least: 0.05, most: 30 },
  routerM: { least: 0, most: 300 },
  routerWalls: { least: 0, most: 12 },
  segmentM: { least: 0.05, most: 200 },
  holes: { least: 0, most: 50 },
  segments: { least: 0, most: 30 },
  marks: { least: 0, most: 40 },
  boxIn3: { least: 1, most: 400 },
  boxDepthM: { least: 0.005, most: 0.3 },
  recessM: { least: 0, most: 0.2 },
  barM: { least: 0.0005, most: 0.02 },
  circuitVa: { least: 0, most: 20_000 },
  conductors: { least: 1, most: 40 },
  /** Accuracy of a meter: ± % of the reading, and counts of its last digit. */
  meterPercent: { least: 0, most: 10 },
  meterCounts: { least: 0, most: 50 },
} as const;

export const TEXT = { short: 120, long: 4000 } as const;
