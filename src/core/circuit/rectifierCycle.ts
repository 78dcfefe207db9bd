/** The loop as the time domain sees it. A shunted coil (`beside…`) lies beside `shuntOhms`; 0 where there is none. */
export interface RectifierCircuit {
  readonly frequencyHz: number;
  readonly peakVolts: number;
  readonly sourceOhms: number;
  readonly sourceHenries: number;
  readonly wireOhms: number;
  /** What lies in series between Trans and Front. */
  readonly chimeOhms: number;
  readonly chimeHenries: number;
  readonly besideOhms: number;
  readonly besideHenries: number;
  readonly shuntOhms: number;
  readonly watts: number;
  readonly capacitanceF: number;
  readonly dropVolts: number;
}

export interface RectifierState {
  /** In the loop, positive from the source’s first screw. */
  readonly amps: number;
  /** In a coil that lies beside a shunt. */
  readonly coilAmps: number;
  readonly capVolts: number;
}

export interface CycleEnd extends RectifierState {
  readonly lowestCapVolts: number;
}

/** Nothing in the world has less: keeps an ideal source from giving an infinite current. */
const LEAST_OHMS = 1e-6;
/** TR-BDF2: second order, and stiff parts die out (Bank et al. 1985; γ = 2 − √2). */
const GAMMA = 2 - Math.SQRT2;
const HALF_GAMMA = GAMMA / 2;
const FROM_MIDDLE = 1 / (GAMMA * (2 - GAMMA));
const FROM_START = FROM_MIDDLE - 1;
/** Halvings of a step in which the bridge opens or closes. */
const SWITCH_TRIES = 24;
const SWITCH_SHARE = 1e-7;

/**
 * One cycle of the source, from a zero crossing, rising, in equal steps that are cut where the bridge opens or closes.
 * @param sums filled, where given, with means over the cycle of: door volts², amps², chime volts², screw volts²,
 * watts into the bridge, watts out of the source’s inside, capacitor volts
 * @returns null where the converter empties the capacitor
 */
export function rectifierCycle(
  circuit: RectifierCircuit,
  from: RectifierState,
  steps: number,
  sums: Float64Array | null,
): CycleEnd | null {
  const { peakVolts, dropVolts, capacitanceF, watts, shuntOhms, besideOhms, besideHenries } = circuit;
  const omega = 2 * Math.PI * circuit.frequencyHz;
  const ohms = Math.max(LEAST_OHMS, circuit.sourceOhms + circuit.wireOhms + circuit.chimeOhms);
  const henries = circuit.sourceHenries + circuit.chimeHenries;
  const period = 1 / circuit.frequencyHz;
  const coilDecay = besideHenries > 0 ? (shuntOhms + besideOhms) / besideHenries : 0;
  const eps = 1e-9 * peakVolts;

  let amps = from.amps;
  let coil = from.coilAmps;
  let cap = from.capVolts;
  let way = Math.sign(amps);
  let lowest = cap;
  // What a tried step ends with
  let ampsAt = 0;
  let coilAt = 0;
  let capAt = 0;

  /** One implicit stage: unknowns at `time` from what stands on the right side of the formula. False: run dry. */
  const stage = (time: number, alpha: number, ampsRight: number, coilRight: number, capRight: number): boolean => {
    const coilSlow = besideHenries / alpha;
    const whole = coilSlow + shuntOhms + besideOhms;
    const coilShare = whole > 0 ? shuntOhms / whole : 0;
    const coilBase = whole > 0 ? (coilSlow * coilRight) / whole : 0;
    const slow = henries / alpha;
    const against = slow + ohms + shuntOhms * (1 - coilShare);
    const push = peakVolts * Math.sin(omega * time) + slow * ampsRight + shuntOhms * coilBase;
    const square = capacitanceF / alpha + 1 / against;
    const linear = (capacitanceF / alpha) * capRight + (way * push - dropVolts) / against;
    const root = linear * linear - 4 * square * watts;
    if (root < 0 || linear <= 0) return false;
    capAt = (linear + Math.sqrt(root)) / (2 * square);
    ampsAt = (push - way * (capAt + dropVolts)) / against;
    coilAt = coilBase + coilShare * ampsAt;
    return true;
  };

  /** Tries a conducting step of `length` from `time`. False: run dry. */
  const conduct = (time: number, length: number): boolean => {
    const alpha = HALF_GAMMA * length;
    const emf = peakVolts * Math.sin(omega * time);
    const over = emf - ohms * amps - shuntOhms * (amps - coil) - way * (cap + dropVolts);
    const ampsSlope = henries > 0 ? over / henries : 0;
    const coilSlope = besideHenries > 0 ? (shuntOhms * (amps - coil) - besideOhms * coil) / besideHenries : 0;
    const capSlope = (way * amps - watts / cap) / capacitanceF;
    const middle = time + GAMMA * length;
    if (!stage(middle, alpha, amps + alpha * ampsSlope, coil + alpha * coilSlope, cap + alpha * capSlope)) return false;
    const ampsMiddle = ampsAt;
    const coilMiddle = coilAt;
    const capMiddle = capAt;
    return stage(
      time + length,
      alpha,
      FROM_MIDDLE * ampsMiddle - FROM_START * amps,
      FROM_MIDDLE * coilMiddle - FROM_START * coil,
      FROM_MIDDLE * capMiddle - FROM_START * cap,
    );
  };

  /** A blocked step: the converter lives from the capacitor, a shunted coil’s current dies away. False: run dry. */
  const block = (length: number): boolean => {
    const left = cap * cap - (2 * watts * length) / capacitanceF;
    if (left <= 0) return false;
    ampsAt = 0;
    capAt = Math.sqrt(left);
    coilAt = coil === 0 ? 0 : coil * Math.exp(-coilDecay * length);
    return true;
  };

  /** Volts by which the open terminals stand over what the bridge asks for. */
  const openOver = (time: number): number =>
    Math.abs(peakVolts * Math.sin(omega * time) + shuntOhms * coilAt) - dropVolts - capAt;

  /** Adds half of a step’s values, as they stand at one of its ends. */
  const add = (time: number, half: number, conducting: boolean, i: number, ic: number, v: number): void => {
    if (!sums) return;
    const emf = peakVolts * Math.sin(omega * time);
    const shunted = shuntOhms * (i - ic);
    const door = conducting ? way * (v + dropVolts) : emf - shunted;
    const slope = conducting && henries > 0 ? (emf - ohms * i - shunted - door) / henries : 0;
    const chime = circuit.chimeOhms * i + circuit.chimeHenries * slope + shunted;
    const screws = emf - circuit.sourceOhms * i - circuit.sourceHenries * slope;
    const values = [door * door, i * i, chime * chime, screws * screws, i * door, emf * i, v];
    for (let k = 0; k < values.length; k++) sums[k] = (sums[k] ?? 0) + half * (values[k] ?? 0);
  };

  const grid = period / steps;
  for (let step = 0; step < steps; step++) {
    let time = step * grid;
    const end = (step + 1) * grid;
    // A step is cut at most a few times: the bridge opens or closes once each way
    for (let cut = 0; cut < 8 && end - time > SWITCH_SHARE * grid; cut++) {
      const left = end - time;
      if (way === 0) {
        ampsAt = 0;
        capAt = cap;
        coilAt = coil;
        if (openOver(time) > eps) {
          way = Math.sign(peakVolts * Math.sin(omega * time) + shuntOhms * coil);
          continue;
        }
      }
      const conducting = way !== 0;
      const attempt = (length: number): boolean => (conducting ? conduct(time, length) : block(length));
      /** Over 0 once the bridge has switched. */
      const switched = (length: number): number => (conducting ? -way * ampsAt : openOver(time + length) - eps);
      let length = left;
      if (!attempt(length)) return null;
      let switches = false;
      let above = switched(length);
      if (above > 0) {
        switches = true;
        let low = 0;
        let below = conducting
          ? -Math.abs(amps)
          : Math.min(0, Math.abs(peakVolts * Math.sin(omega * time) + shuntOhms * coil) - dropVolts - cap - eps);
        let high = length;
        for (let i = 0; i < SWITCH_TRIES && high - low > SWITCH_SHARE * grid; i++) {
          const share = below < 0 ? below / (below - above) : 0.5;
          // Now and then a plain halving: the secant alone can creep along one side
          length = low + (high - low) * (i % 3 === 2 ? 0.5 : Math.min(0.98, Math.max(0.02, share)));
          if (!attempt(length)) return null;
          const here = switched(length);
          if (here > 0) {
            high = length;
            above = here;
          } else {
            low = length;
            below = here;
          }
        }
        length = high;
        if (!attempt(length)) return null;
      }
      add(time, length / 2 / period, conducting, amps, coil, cap);
      amps = conducting && switches ? 0 : ampsAt;
      coil = coilAt;
      cap = capAt;
      time += length;
      add(time, length / 2 / period, conducting, amps, coil, cap);
      if (cap < lowest) lowest = cap;
      if (switches) way = conducting ? 0 : Math.sign(peakVolts * Math.sin(omega * time) + shuntOhms * coil);
    }
  }
  return { amps, coilAmps: coil, capVolts: cap, lowestCapVolts: lowest };
}
