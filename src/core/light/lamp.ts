import { directionOf, isHidden, lengthOf, minus, angleBetween, radiansOf, dot, type Solid, type Vec3 } from '../view';

/** One lamp head: a point that shines about its axis; the axis is where a camera with this bearing and tilt would look. */
export interface Lamp {
  readonly position: Vec3;
  readonly bearingDeg: number;
  readonly tiltDownDeg: number;
  readonly fluxLm: number;
  /** Between the two directions in which it shines half as strong as along its axis. */
  readonly beamDeg: number;
}

/** A flat thing that light falls on: where, and which way it faces. */
export interface Receiver {
  readonly point: Vec3;
  readonly normal: Vec3;
}

/** I(θ) = peakCd · cos^exponent θ, nothing from 90° on. */
export interface Beam {
  readonly exponent: number;
  readonly peakCd: number;
}

/** ln cos of an angle in radians, exact for small ones too. */
const lnCos = (angle: number): number => Math.log1p(-2 * Math.sin(angle / 2) ** 2);

/**
 * The strength of a lamp by its flux and beam: half as strong at half the beam angle (exponent = ln ½ / ln cos(beam/2)), and all
 * its flux in front of it (peak = flux · (exponent + 1) / 2π).
 */
export function beamOf({ fluxLm, beamDeg }: Pick<Lamp, 'fluxLm' | 'beamDeg'>): Beam {
  const exponent = Math.log(0.5) / lnCos(radiansOf(beamDeg / 2));
  return { exponent, peakCd: (fluxLm * (exponent + 1)) / (2 * Math.PI) };
}

/**
 * Lux of one lamp on receivers past boxes: inverse square and cosine, no reflection; 0 behind a receiver.
 * @returns a function of a receiver that is elsewhere than the lamp
 */
export function luxOf(lamp: Lamp, boxes: readonly Solid[]): (receiver: Receiver) => number {
  const { exponent, peakCd } = beamOf(lamp);
  const axis = directionOf(lamp.bearingDeg, lamp.tiltDownDeg);
  return ({ point, normal }) => {
    const way = minus(point, lamp.position);
    const distance = lengthOf(way);
    const incidence = -dot(way, normal) / (distance * lengthOf(normal));
    const off = angleBetween(axis, way);
    if (incidence <= 0 || off >= Math.PI / 2 || isHidden(boxes, lamp.position, point)) return 0;
    return (peakCd * Math.exp(exponent * lnCos(off)) * incidence) / distance ** 2;
  };
}

/**
 * Lux of one lamp on open ground at a place: {@link luxOf} without anything in the way, for rasters of many thousands.
 * @param fallShare by how much the ground falls along y, metres in a metre
 */
export function luxOnGround(lamp: Lamp, fallShare = 0): (x: number, y: number, z: number) => number {
  const { exponent, peakCd } = beamOf(lamp);
  const [ax, ay, az] = directionOf(lamp.bearingDeg, lamp.tiltDownDeg);
  const [lx, ly, lz] = lamp.position;
  const steep = Math.hypot(1, fallShare);
  return (x, y, z) => {
    const [dx, dy, height] = [x - lx, y - ly, lz - z];
    const squared = dx * dx + dy * dy + height * height;
    const away = Math.sqrt(squared);
    const along = (dx * ax + dy * ay - height * az) / away;
    const facing = (height - fallShare * dy) / steep;
    if (along <= 0 || facing <= 0) return 0;
    return (peakCd * along ** exponent * facing) / (squared * away);
  };
}
