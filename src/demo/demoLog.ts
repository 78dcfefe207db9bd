import { sayIn } from '@/words';
import { chooseAmong, optionId, optionsFor } from '@/core/advice';
import { DRAWS_FOR_A_CHOICE, newOpenVolts, predictedVolts } from '@/core/bell';
import { fold, placeOf, type Job } from '@/core/job';
import { newEntry, type Entry, type EntryData, type EntryKind, type Person } from '@/core/kinds';
import { assess, checksOf, choiceOf, huntOf, pointSteps, sensorBand, type Doorbell } from '@/core/points';
import type { CheckId } from '@/core/prove';

const MINUTE_MS = 60_000;
/** What passes between two entries. */
const STEP_MS = 2 * MINUTE_MS;

/** What a customer has to bring, all of it there. */
const ALL_READY = {
  pointNames: 'ready',
  someoneHome: 'ready',
  recording: 'ready',
  wifiPassword: 'ready',
  account: 'ready',
  phone: 'ready',
} as const;

/** A way by what it is made of. */
interface Way {
  readonly transformerId: string | null;
  readonly treatmentId: string;
  readonly joinPairs?: boolean;
}

/** Writes a made-up job entry by entry; what depends on a computation is worked out from what was written before. */
export class DemoLog {
  readonly entries: Entry[] = [];
  readonly pointId = 'front';

  constructor(
    private readonly title: string,
    private readonly newId: () => string,
    private by: Person,
    private atMs: number,
  ) {}

  /** Somebody goes on, at another time. */
  then(by: Person, atMs: number): this {
    this.by = by;
    this.atMs = atMs;
    return this;
  }

  wait(minutes: number): this {
    this.atMs += minutes * MINUTE_MS;
    return this;
  }

  write<K extends EntryKind>(kind: K, data: EntryData<K>): this {
    const at = new Date(this.atMs).toISOString();
    const entry = newEntry(kind, data, { id: this.newId(), at, by: this.by });
    this.entries.push({ ...entry, seq: this.entries.length + 1, receivedAt: at });
    this.atMs += STEP_MS;
    return this;
  }

  /** A customer who owns the device and has everything ready, but for what is said. */
  customer(said: EntryData<'customerDescribed'>): this {
    const { name } = said;
    return this.write('customerDescribed', { ...ALL_READY, ...(name ? { owner: name } : {}), ...said });
  }

  visit(atMs: number): this {
    return this.write('visitPlanned', { expectedAt: new Date(atMs).toISOString() });
  }

  /** A door with a supply, a chime and a box of its own. */
  door(pointId: string, name: string): this {
    const own = { supplyId: pointId, chimeId: pointId, boxId: pointId };
    return this.write('pointAdded', { pointId, pointKind: 'doorbell', name, ...own });
  }

  /** A floodlight on a box of its own. */
  floodlight(pointId: string, name: string): this {
    return this.write('pointAdded', { pointId, pointKind: 'floodlight', name, boxId: pointId });
  }

  get job(): Job {
    return fold({ id: 'demo', title: this.title, createdAt: '' }, this.entries);
  }

  private get point(): Doorbell {
    const [point] = this.job.points;
    if (point?.kind !== 'doorbell') throw new Error(`${this.title} has no door yet`);
    return point;
  }

  /** Takes a way with the verdict that the program gives it; without a reason of one’s own, with its. */
  take({ transformerId, treatmentId, joinPairs = false }: Way, reason?: string): this {
    const { survey, premises, known } = assess(this.job, this.point, DRAWS_FOR_A_CHOICE);
    const id = optionId({
      transformer: transformerId === null ? null : { id: transformerId },
      tap: null,
      treatmentId,
      wire: joinPairs ? 'join' : 'keep',
    });
    const options = optionsFor(survey, premises).filter((option) => option.id === id);
    const [way] = chooseAmong(survey, known.houses, options, this.job.policy.weakSupply).options;
    if (!way) throw new Error(`${this.title} has no way ${id}`);
    const say = sayIn(placeOf(this.job));
    return this.write('choiceMade', choiceOf(this.pointId, way, reason ?? say(way.judgement.reason), say));
  }

  /** Names the circuit, switches it off, tags it and proves the bell side dead. */
  isolate(way: string, name: string): this {
    const circuitId = `of-${this.pointId}`;
    return this.write('circuitListed', { circuitId, way, name, feeds: [this.pointId] })
      .write('circuitSwitched', { circuitId, to: 'off', tagged: true, houseTold: true, guard: 'locked' })
      .write('deadProved', {
        circuitId,
        placeId: this.pointId,
        weight: 'bell',
        betweenVolts: 0,
        firstToEarthVolts: 0.2,
        secondToEarthVolts: 0,
        meterMainsRated: true,
        dry: true,
      });
  }

  /** Ticks the first steps of the taken way. */
  tick(count = Infinity, differs: Readonly<Record<string, string>> = {}): this {
    for (const { id: stepId, touches, role } of pointSteps(this.point).slice(0, count)) {
      const other = differs[stepId];
      this.write('stepTicked', {
        pointId: this.pointId,
        stepId,
        touches,
        role,
        how: 'done',
        ...(other ? { differs: other } : {}),
      });
    }
    return this;
  }

  /** Answers some tests of the hunt as a house would whose bell hangs on this way. */
  hunt(truth: string, tests: number): this {
    for (let i = 0; i < tests; i++) {
      const hunt = huntOf(this.job, this.point);
      if (hunt.state !== 'hunting' || !hunt.drop) break;
      const died = hunt.drop.includes(truth);
      this.wait(4).write('huntTested', { pointId: this.pointId, dropped: [...hunt.drop], died });
    }
    return this;
  }

  /** The open volts of the new transformer, as its sheet predicts them at these mains. */
  private readOpen(mainsVolts: number): void {
    const transformer = this.point.choice?.data.transformer;
    if (!transformer) return;
    const band = newOpenVolts(assess(this.job, this.point).known, transformer, mainsVolts);
    this.write('checkDone', {
      pointId: this.pointId,
      check: 'newOpenVolts',
      result: 'passed',
      figure: Number(band.likely.toFixed(1)),
      at: 'transformer',
      mainsVolts,
      bandLow: band.low,
      bandHigh: band.high,
    });
  }

  /** How far off the sensor fired: as it was predicted to. */
  private fired(): Partial<EntryData<'checkDone'>> {
    const band = sensorBand(this.job, this.point);
    if (!band) return {};
    return { figure: Number(((band.low + band.high) / 2).toFixed(1)), bandLow: band.low, bandHigh: band.high };
  }

  switchOn(): this {
    return this.write('circuitSwitched', { circuitId: `of-${this.pointId}`, to: 'on' });
  }

  /** Answers checks up to and with one of them; the volts are those that the program predicts at these mains. */
  prove(last: CheckId, mainsVolts: number): this {
    for (const { id: check, answer } of checksOf(this.point)) {
      const base = { pointId: this.pointId, check, result: 'passed' } as const;
      if (answer.kind === 'wait')
        this.write('waitStarted', { pointId: this.pointId, check, minutes: answer.minutes }).wait(answer.minutes);
      if (answer.kind === 'openVolts') this.readOpen(mainsVolts);
      else if (answer.kind === 'ring') this.write('checkDone', { ...base, figure: 0.8, rang: 'clean' });
      else if (answer.kind === 'setting')
        this.write('checkDone', { ...base, ...(answer.wanted ? { setTo: answer.wanted } : {}) });
      else if (answer.kind === 'report') this.write('checkDone', { ...base, reported: 'good' });
      else if (answer.kind === 'metres') this.write('checkDone', { ...base, ...this.fired() });
      else if (answer.kind === 'volts') {
        const { known, reference } = assess(this.job, this.point);
        const band = predictedVolts(known, reference.change, answer.state, mainsVolts, 'transformer');
        const figure = Number(band.likely.toFixed(1));
        this.write('checkDone', {
          ...base,
          figure,
          at: 'transformer',
          mainsVolts,
          bandLow: band.low,
          bandHigh: band.high,
        });
      } else this.write('checkDone', base);
      if (check === last) break;
    }
    return this;
  }
}
