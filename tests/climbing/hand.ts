import { chooseAmong, optionsFor } from '@/core/advice';
import { newOpenVolts, predictedVolts } from '@/core/bell';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { fold, placeOf, type Job } from '@/core/job';
import {
  newEntry,
  type Entry,
  type EntryData,
  type EntryKind,
  type NextMove,
  type Rung,
  type Stated,
} from '@/core/kinds';
import {
  choiceOf,
  checksOf,
  circuitsOfPoint,
  failuresOf,
  fixtureOptions,
  nextMove,
  plugChoiceOf,
  READING_WORDS,
  plainRun,
  plugOptions,
  rememberingAssess,
  sensorBand,
  stepStandings,
  testOhms,
  type Assessment,
  type Point,
} from '@/core/points';
import { judgeOpenVolts, type CheckId } from '@/core/prove';
import { sayIn } from '@/words';

const INES = { id: 'ines', name: 'Ines' } as const;
const MINUTE_MS = 60_000;
/** Houses drawn for an assessment: what is asked for here is the way, not the last digit. */
const DRAWS = 150;
/** Most entries change nothing about a circuit, and climbs of like sites pass through like ones. */
const assessOnce = rememberingAssess(1000, SHIPPED_CATALOGUE, DRAWS);
const DOTTEREL_ROW = { id: 'j', title: 'Dotterel Row', createdAt: '2026-03-04T08:00:00Z' } as const;

/** What there is at a site, for whoever looks, asks and reads. Nothing said: the plainest answer. */
export interface Site {
  readonly region?: 'na-120' | 'gb-230';
  readonly kind: 'doorbell' | 'floodlight' | 'plugFloodlight';
  readonly look?: Omit<EntryData<'pointDescribed'>, 'pointId'>;
  readonly chime?: Omit<EntryData<'chimeDescribed'>, 'chimeId'>;
  readonly supply?: Omit<EntryData<'supplyPlanned'>, 'supplyId'>;
  readonly transformer?: Omit<EntryData<'transformerDescribed'>, 'supplyId'>;
  /** What a meter reads: open volts at the screws, and the source’s own ohms. */
  readonly source?: { readonly openVolts: number; readonly ohms: number };
  /** The run to the door, where it was looked at. */
  readonly runs?: { readonly awg: number; readonly lengthM: number; readonly sparePairs?: number };
  readonly box?: Omit<EntryData<'boxDescribed'>, 'boxId'>;
  readonly cables?: readonly NonNullable<EntryData<'cableDescribed'>['conductors']>[];
  readonly policy?: EntryData<'policyTaken'>;
  /** A second door on the same chime. */
  readonly rear?: true;
  /** Readings that can’t be had there. */
  readonly cantRead?: EntryData<'pointDescribed'>['cantRead'];
  /** The new transformer reads this, whatever its sheet says. */
  readonly newOpenVolts?: number;
  /** Checks that fail at first. */
  readonly fails?: readonly CheckId[];
  /** What failed stays so: the hand lets it stand in words. */
  readonly letsStand?: true;
  /** The transformer that is taken first can’t be bought. */
  readonly cantBuy?: true;
}

/** An act of the hand: what it was asked for, and how many taps and filled fields it took. */
export interface Act {
  readonly rung: Rung;
  readonly code: string;
  readonly words: string;
  readonly taps: number;
}

/** What is one tap on the screen, whatever its entry carries; and lists that are done whole by one. */
const ONE_TAP: ReadonlySet<string> = new Set([
  'choiceMade',
  'fixtureChosen',
  'plugFixtureChosen',
  'stepTicked',
  'waitStarted',
  'deviceDescribed',
]);
/** Forms that are kept by a tap; a group of fields keeps itself when it is left, a choice at once. */
const FORMS: ReadonlySet<string> = new Set(['pointLeft', 'wifiRead']);
const READINESS = new Set(['ready', 'notNeeded']);

/** The answers in an entry: each is a field that is filled or a choice that is tapped. What names a thing is no answer. */
function answersIn(value: unknown, name = ''): number {
  if (value === null || value === undefined || /Id$|^id$/.test(name)) return 0;
  if (Array.isArray(value)) return value.reduce<number>((sum, one) => sum + answersIn(one), 0);
  if (typeof value === 'object') return Object.entries(value).reduce((sum, [key, one]) => sum + answersIn(one, key), 0);
  return 1;
}

const carriesIn = (data: object): number =>
  'conductors' in data && Array.isArray(data.conductors)
    ? data.conductors.filter((one: object) => 'carries' in one).length
    : 0;

/** Taps and filled fields behind what one act wrote. */
function tapsOfAct(made: readonly Entry[]): number {
  const ticks = made.filter(({ kind }) => kind === 'stepTicked');
  // Steps that are ticked together are one tap; a proof, or what switches on, ticks its own step
  const isTicked = made.some(({ kind }) => kind === 'deadProved' || kind === 'circuitSwitched');
  const spared = Math.max(0, ticks.length - (isTicked ? 0 : 1));
  return made.reduce((sum, entry) => sum + tapsOf(entry), 0) - spared;
}

/** Taps and filled fields behind an entry: its answers, and a tap where a form of figures is kept. */
function tapsOf({ kind, data }: Entry): number {
  if (ONE_TAP.has(kind)) return 1;
  // A list of ticks that is done whole is one of them
  const ticks = Object.values(data).filter((value) => value === true || READINESS.has(String(value))).length;
  const whole = Math.max(0, ticks - 1);
  switch (kind) {
    // Its place, state and run are the question’s, not the hand’s
    case 'readingTaken':
      return 2;
    // A figure and the mains beside it; where there is none, the answer itself
    case 'checkDone':
      return 1 + ['figure', 'mainsVolts', 'reason'].filter((name) => name in data).length;
    case 'deadProved':
      // Nothing at all three is one tap; that all is so, and it is written, the other
      return 2;
    // Of this point it is named at it; the name of the circuit can wait; what was looked for and is not there is one tap
    case 'circuitListed':
      return answersIn({ ...data, feeds: undefined, name: undefined, otherInBox: undefined });
    // Level, fixed and sealed as the firm does it
    case 'mountRecorded':
      return 'level' in data ? 1 : answersIn(data);
    // A usual cable comes in by its short name, with its role; what each conductor carries is tapped
    case 'cableDescribed':
      return 3 + carriesIn(data);
    // With all that goes with it
    case 'circuitSwitched':
      return 1;
    default:
      return answersIn(data) - whole + (FORMS.has(kind) ? 1 : 0);
  }
}

type Said = { readonly code: string };
const codeOf = (text: NextMove['words']): string => (typeof text === 'string' ? text : (text as Said).code);

const READING_CODES: Readonly<Record<string, NextMove['words']>> = Object.fromEntries(
  Object.entries(READING_WORDS).map(([id, { words }]) => [id, words]),
);

/** Dead between all conductors, every box ticked. */
const DEAD_MAINS = {
  weight: 'mains',
  hotNeutralVolts: 0,
  hotGroundVolts: 0,
  neutralGroundVolts: 0,
  everyConductor: true,
  triedBefore: true,
  triedAfter: true,
} as const;

/**
 * Somebody who knows nothing but the next move: does what it says, with the answers that the site gives. Every act writes
 * entries as a screen would.
 */
export class Hand {
  readonly entries: Entry[] = [];
  readonly acts: Act[] = [];
  private folded: { readonly at: number; readonly job: Job } | null = null;
  private swapped = false;
  private readonly failed = new Set<string>();
  private atMs = Date.parse('2026-03-04T09:00:00Z');

  /** @param starts what the job begins with, where one was at the house before */
  constructor(
    private readonly site: Site,
    starts?: readonly Stated[],
  ) {
    const { region = 'na-120', kind, policy } = site;
    if (starts) {
      for (const { kind: of, data } of starts) this.write(of, data);
      return;
    }
    this.write('siteDescribed', { region, colourEra: 'now' });
    if (policy) this.write('policyTaken', policy);
    this.write('pointAdded', {
      pointId: 'p',
      pointKind: kind,
      name: kind === 'doorbell' ? 'Front door' : 'Yard',
      ...(kind === 'doorbell' ? { supplyId: 's', chimeId: 'c', terminal: 'Front' as const } : {}),
      boxId: 'b',
    });
    if (site.runs)
      this.write('runDescribed', {
        pointId: 'p',
        run: 'toDoor',
        lengthLowM: site.runs.lengthM,
        lengthHighM: site.runs.lengthM,
        awg: site.runs.awg,
        ...(site.runs.sparePairs ? { pairs: 1, sparePairs: site.runs.sparePairs } : {}),
      });
    if (site.rear)
      this.write('pointAdded', {
        pointId: 'r',
        pointKind: 'doorbell',
        name: 'Rear door',
        supplyId: 's',
        chimeId: 'c',
        terminal: 'Rear',
        boxId: 'b',
      });
  }

  write<K extends EntryKind>(kind: K, data: EntryData<K>): this {
    const seq = this.entries.length + 1;
    const at = new Date(this.atMs).toISOString();
    const id = `e${seq}`;
    this.entries.push({ ...newEntry(kind, data, { id, at, by: INES }), seq, receivedAt: at });
    this.atMs += MINUTE_MS / 6;
    return this;
  }

  get job(): Job {
    // As often as the hand and its watchers look, nothing is folded twice
    if (this.folded?.at !== this.entries.length)
      this.folded = { at: this.entries.length, job: fold(DOTTEREL_ROW, this.entries) };
    return this.folded.job;
  }

  pointOf(id: string): Point {
    const point = this.job.points.find((one) => one.id === id);
    if (!point) throw new Error(`no point ${id}`);
    return point;
  }

  get asker() {
    return { id: INES.id, at: this.atMs, ownProofs: null, licensed: true } as const;
  }

  moveOf(id: string, assessment = this.assessed(this.pointOf(id))): NextMove {
    return nextMove(this.job, this.pointOf(id), assessment, this.asker);
  }

  /** Follows the next moves of a point until nothing is left. @param onWay told of each move before it is made @returns the acts */
  climb(id = 'p', onWay: (move: NextMove, assessment: Assessment) => void = () => {}): readonly Act[] {
    const from = this.acts.length;
    for (let i = 0; i < MOST_ACTS; i++) {
      const assessment = this.assessed(this.pointOf(id));
      const move = this.moveOf(id, assessment);
      const code = codeOf(move.words);
      const words = sayIn(placeOf(this.job))(move.words);
      onWay(move, assessment);
      if (code === 'nothingLeftDo') return this.acts.slice(from);
      const before = this.entries.length;
      this.act(id, move, code, words);
      if (this.entries.length === before) throw new Error(`no hand knows how to do “${words}” (${move.rung}, ${code})`);
      const last = this.acts.at(-1);
      if (last?.words === words && last.rung === move.rung && this.acts.at(-2)?.words === words)
        throw new Error(`“${words}” was asked for three times in a row`);
      // To another rung it takes a tap on the move itself
      const there = last?.rung === move.rung ? 0 : 1;
      const made = this.entries.slice(before);
      this.acts.push({ rung: move.rung, code, words, taps: there + tapsOfAct(made) });
    }
    throw new Error(
      `never ends: ${this.acts
        .slice(-6)
        .map(({ words }) => words)
        .join(' · ')}`,
    );
  }

  private act(id: string, move: NextMove, code: string, words: string): void {
    const point = this.pointOf(id);
    if (code === 'readCodeBeforeMount')
      return void this.write('deviceDescribed', { pointId: id, code: `CAM-${id}`, codeReadBy: 'picture' });
    switch (move.rung) {
      case 'look':
        return this.look(point, code);
      case 'measure':
        return this.measure(point, code);
      case 'choose':
        return this.choose(point, code);
      case 'isolate':
        return this.isolate(point, code);
      case 'wire':
        return code === 'sayWhetherSecond' ? this.lookForOthers(point) : this.wire(point);
      case 'mount':
        return this.mount(point, code);
      case 'prove':
        return this.prove(point, words);
      case 'leave':
        return void this.write('pointLeft', {
          pointId: id,
          customer: 'R. Carne',
          copyGiven: true,
          asked: checksOf(point).map(({ id: check }) => check),
          signed: 'absent',
          unsignedWhy: 'nobody was at home',
        });
    }
  }

  private look(point: Point, code: string): void {
    const { site } = this;
    const pointId = point.id;
    const say = (data: Omit<EntryData<'pointDescribed'>, 'pointId'>) =>
      this.write('pointDescribed', { pointId, ...data });
    const supplyId = point.hangs.supplyId ?? '';
    switch (code) {
      case 'goThroughBefore':
        // One tap: all that was not asked yet is ready
        this.write('customerDescribed', {
          permission: 'notNeeded',
          pointNames: 'ready',
          someoneHome: 'ready',
          recording: 'ready',
          wifiPassword: 'ready',
          account: 'ready',
          phone: 'ready',
        });
        return;
      case 'sayBefore':
        return void say({ wasThere: site.look?.wasThere ?? 'button' });
      case 'ownCableKept':
        return void say({ ownCable: site.look?.ownCable ?? 'kept' });
      case 'nameWallDoor':
      case 'nameFixed':
        return void say({ wall: 'brick' });
      case 'pullLeadHow':
        return void say({ leadReachM: 0.1 });
      case 'sayHangsNow':
        return void say({ oldFixture: site.look?.oldFixture ?? 'lamp' });
      case 'wallEavePost':
        return void say({ mountedOn: site.look?.mountedOn ?? 'wall', wall: 'brick' });
      case 'measureHeightOver':
        return void say({ fixtureHeightM: 2.8 });
      case 'openChimeKind':
        return void this.write('chimeDescribed', {
          chimeId: point.hangs.chimeId ?? '',
          chimeKind: 'mechanical',
          place: 'hall',
          ...site.chime,
        });
      case 'readWiFi':
        return void this.write('wifiRead', { pointId, dbm: -58 });
      case 'lookTransformer':
      case 'sayTransformer':
        return void this.write('transformerDescribed', { supplyId, foundAt: 'basementJoist', place: 'by the board' });
      case 'makeSureBells':
        return void this.write('transformerDescribed', { supplyId, toldApart: 'secondaryFollowed' });
      case 'tryEverySwitch':
        return void this.write('transformerDescribed', { supplyId, alwaysFed: 'yes' });
      case 'saySupplyCan':
        return void this.write('supplyPlanned', { supplyId, from: 'board', ...site.supply });
    }
  }

  private measure(point: Point, code: string): void {
    const { site } = this;
    const boxId = point.hangs.boxId;
    if (point.kind === 'floodlight') return this.measureBox(boxId, code);
    if (point.kind === 'plugFloodlight') {
      const facts: Readonly<Record<string, Omit<EntryData<'outletDescribed'>, 'pointId'>>> = {
        tapeLeadsWay: { wayM: 1.8 },
        tryEverySwitchDoes: { alwaysOn: 'yes' },
        pressTestButton: { residual: 'yes' },
        coversOutlet: { cover: 'inUse' },
      };
      const fact = facts[code];
      if (fact) this.write('outletDescribed', { pointId: point.id, ...fact });
      return;
    }
    const { openVolts, ohms } = site.source ?? { openVolts: 18.4, ohms: 4 };
    const read = (data: Omit<EntryData<'readingTaken'>, 'pointId'>) =>
      this.write('readingTaken', { pointId: point.id, ...data });
    const both = (value: number) => ({ low: value, high: value });
    const door = point;
    const missed = site.cantRead?.find((one) => code === codeOf(READING_CODES[one] ?? ''));
    if (missed) {
      const before = point.look.cantRead ?? [];
      return void this.write('pointDescribed', { pointId: point.id, cantRead: [...before, missed] });
    }
    const { known } = this.assessed(door);
    switch (code) {
      case 'readVoltsVa':
        return void this.write('transformerDescribed', {
          supplyId: door.hangs.supplyId,
          ratedVolts: 16,
          ratedVa: 10,
          ...site.transformer,
        });
      case 'readOpenVolts':
        return void read({ what: 'volts', at: 'transformer', state: 'open', ...both(openVolts) });
      case 'readMainsOutlet':
        return void read({ what: 'mainsVolts', ...both(site.region === 'gb-230' ? 231 : 120) });
      case 'readVoltsTransformer': {
        const load = testOhms(known);
        const volts = Math.round((10 * openVolts * load) / (load + ohms)) / 10;
        return void read({ what: 'volts', at: 'transformer', state: 'resistor', ohms: load, ...both(volts) });
      }
      case 'readLoopOhms':
        return void read({ what: 'loopOhms', run: 'toChime', ...both(0.6) });
      case 'readLoopOhmsRun':
        return void read({ what: 'loopOhms', run: 'toDoor', ...both(0.5) });
      case 'readChimeCoils':
        return void read({ what: 'coilOhms', ...both(6) });
      case 'readVoltsDoor':
        return void read({ what: 'volts', at: 'door', state: 'liveDay', ...both(14.9) });
    }
  }

  private measureBox(boxId: string, code: string): void {
    const { site } = this;
    if (code === 'nameCablesCome') {
      const colours =
        site.region === 'gb-230' ? (['brown', 'blue', 'greenYellow'] as const) : (['black', 'white', 'bare'] as const);
      const plain = (['hot', 'neutral', 'ground'] as const).map((carries, i) => ({
        id: String(i + 1),
        ...(site.region === 'gb-230' ? { mm2: 1.5 } : { awg: 14 }),
        strands: 'solid' as const,
        metal: 'copper' as const,
        colour: colours[i] ?? 'black',
        carries,
      }));
      (site.cables ?? [plain]).forEach((conductors, i) =>
        this.write('cableDescribed', { boxId, cableId: `k${i}`, role: 'feed', conductors }),
      );
      return;
    }
    const all: Omit<EntryData<'boxDescribed'>, 'boxId'> = {
      ...(site.region === 'gb-230' ? { markedIn3: 21 } : { standardBox: 'oct-2-1-8', clamps: 'internal', fittings: 0 }),
      material: 'metal',
      bonded: 'yes',
      recessM: 0.002,
      setting: 'flush',
      wetRated: 'yes',
      fixedTo: 'stud',
      bears: 'yes',
      ahead: 'none',
      deviceIn: 'none',
      ratedAmps: site.region === 'gb-230' ? 6 : 15,
      existingVa: 200,
      ...site.box,
    };
    // A form of its own at each of them; a hand fills in what stands before it
    if (code === 'nameBoxShape')
      this.write('boxDescribed', {
        boxId,
        ...(all.standardBox ? { standardBox: all.standardBox } : {}),
        ...(all.markedIn3 ? { markedIn3: all.markedIn3 } : {}),
        ...(all.clamps ? { clamps: all.clamps, fittings: all.fittings } : {}),
      });
    else if (code === 'boxMetalPlastic')
      this.write('boxDescribed', { boxId, material: all.material, bonded: all.bonded });
    // What was said before is not said again
    else {
      const said = new Set(
        this.entries.flatMap(({ kind, data }) => (kind === 'boxDescribed' ? Object.keys(data) : [])),
      );
      this.write('boxDescribed', {
        boxId,
        ...Object.fromEntries(Object.entries(all).filter(([name]) => !said.has(name))),
      });
    }
  }

  assessed(point: Point): Assessment {
    return assessOnce(this.job, point);
  }

  private choose(point: Point, code: string): void {
    if (point.kind === 'floodlight') {
      const { data } = fixtureOptions(point, SHIPPED_CATALOGUE, {});
      if (data) this.write('fixtureChosen', data);
      return;
    }
    if (point.kind === 'plugFloodlight') {
      const [first] = plugOptions(point, SHIPPED_CATALOGUE);
      if (first) this.write('plugFixtureChosen', plugChoiceOf(point.id, first.fixture));
      return;
    }
    const supplyId = point.hangs.supplyId;
    if (code === 'sayWhatItRestsOn') {
      const asks = this.moveOf(point.id).words as unknown as { readonly what: string };
      this.write(
        'transformerDescribed',
        asks.what === 'outletNear' ? { supplyId, outletNear: 'no' } : { supplyId, freeWays: 0 },
      );
      return;
    }
    const bought = point.choice?.data.transformer;
    if (this.site.cantBuy && code === 'pickAnotherWay') this.swapped = true;
    const { survey, premises, known } = this.assessed(point);
    const choosing = chooseAmong(survey, known.houses, optionsFor(survey, premises), this.job.policy.weakSupply);
    const way = choosing.proposed ?? choosing.instead ?? choosing.options.find(({ forbidden }) => forbidden === null);
    if (!way) throw new Error('no way at all');
    if (way.instead) this.write('pointDescribed', { pointId: point.id, deviceId: way.device.id });
    const say = sayIn(placeOf(this.job));
    if (bought?.id && bought.id === way.transformer?.id)
      throw new Error(`${bought.name} can’t be bought, and is proposed`);
    this.write('choiceMade', choiceOf(point.id, way, say(way.judgement.reason), say));
    if (this.site.cantBuy && !this.swapped && way.transformer)
      this.write('pointDescribed', {
        pointId: point.id,
        cantHave: [{ id: way.transformer.id, name: way.transformer.name }],
      });
  }

  private isolate(point: Point, code: string): void {
    const job = this.job;
    const circuits = circuitsOfPoint(job, point);
    const [first] = circuits;
    const supplyId = point.hangs.supplyId ?? '';
    if (code === 'seePlugOut') return void this.write('plugSeen', { supplyId, out: true });
    if (!first)
      return void this.write('circuitListed', {
        circuitId: 'k',
        way: '4',
        name: 'bell',
        feeds: [point.id],
        otherInBox: 'no',
        sharedNeutral: 'no',
      });
    const live = circuits.find(({ state }) => state.state !== 'off' && state.state !== 'provedDead');
    if (live)
      return void this.write('circuitSwitched', {
        circuitId: live.id,
        to: 'off',
        tagged: true,
        houseTold: true,
        guard: 'locked',
      });
    if (code === 'proveDeadBellWires')
      this.write('deadProved', {
        circuitId: first.id,
        placeId: supplyId,
        weight: 'bell',
        betweenVolts: 0,
        firstToEarthVolts: 0,
        secondToEarthVolts: 0,
        meterMainsRated: true,
        dry: true,
      });
  }

  /** A circuit whose name was known before: whether another comes into its box, or shares its neutral. */
  private lookForOthers(point: Point): void {
    const open = circuitsOfPoint(this.job, point).find(({ lookedAt }) => lookedAt === null);
    if (open) this.write('circuitListed', { circuitId: open.id, otherInBox: 'no', sharedNeutral: 'no' });
  }

  private wire(point: Point): void {
    const job = this.job;
    const standing = stepStandings(job, point, this.asker).find(({ ticked }) => !ticked);
    if (!standing) return;
    const { step, placeId, toProve, held } = standing;
    if (step.reads === 'newOpenVolts' && held === null && point.kind === 'doorbell' && !point.checks.newOpenVolts) {
      const transformer = point.choice?.data.transformer;
      const mainsVolts = this.site.region === 'gb-230' ? 230 : 120;
      if (!transformer) throw new Error('a step reads a transformer that nobody chose');
      const band = newOpenVolts(this.assessed(point).known, transformer, mainsVolts);
      // The first one out of its box may be another than its sheet says; the next one is not
      const figure =
        this.site.newOpenVolts && !this.swapped ? this.site.newOpenVolts : Math.round(band.likely * 10) / 10;
      const condition = point.choice?.data.openCondition ?? null;
      const judged = judgeOpenVolts(figure, {
        ratedVolts: transformer.ratedVolts,
        condition,
        band,
        mains: { low: 1, high: 1 },
      });
      this.write('checkDone', {
        pointId: point.id,
        check: 'newOpenVolts',
        mainsVolts,
        figure,
        bandLow: band.low,
        bandHigh: band.high,
        ...(judged.fits === true
          ? { result: 'passed' as const }
          : { result: 'failed' as const, reason: 'reads otherwise' }),
      });
      if (judged.fits !== true) return;
    }
    if (toProve.length > 0 && (step.role === 'proof' || held !== null)) {
      for (const circuitId of toProve) this.write('deadProved', { circuitId, placeId, ...DEAD_MAINS });
      if (step.role !== 'proof') return;
    } else if (held !== null) return;
    if (step.energises)
      for (const { id: circuitId } of circuitsOfPoint(job, point))
        this.write('circuitSwitched', { circuitId, to: 'on' });
    // What comes next at the same place is ticked with it
    const run = plainRun(stepStandings(job, point, this.asker));
    for (const { step: one, placeId: at } of run[0]?.step.id === step.id ? run : [standing])
      this.write('stepTicked', {
        pointId: point.id,
        stepId: one.id,
        touches: one.touches,
        role: one.role,
        placeId: at,
        how: 'done',
        ...(one.energises ? { energises: true } : {}),
        ...(one.closes ? { closes: true } : {}),
      });
  }

  private mount(point: Point, code: string): void {
    const facts: Readonly<Record<string, Omit<EntryData<'mountRecorded'>, 'pointId'>>> = {
      mountNoteHeight: { heightM: 1.2 },
      noteHeightCameIn: { heightM: 2.8 },
      setLevel: point.kind === 'doorbell' ? { level: 'yes', fixings: 'own', seal: 'topAndSides' } : { level: 'yes' },
      noteWhereLooks: { bearingDeg: 180 },
    };
    const fact = facts[code];
    if (fact) this.write('mountRecorded', { pointId: point.id, ...fact });
  }

  private prove(point: Point, words: string): void {
    const job = this.job;
    const wrong = failuresOf(point).find(({ accepted }) => accepted === null);
    if (wrong) {
      if (this.site.letsStand)
        this.write('failureAccepted', { pointId: point.id, of: wrong.answer.entryId, words: 'the customer knows' });
      // Put right: the answer is taken back, and the check done again
      else this.write('entryStruck', { target: wrong.answer.entryId });
      this.swapped = true;
      return;
    }
    const off = circuitsOfPoint(job, point).find(({ state }) => state.state !== 'live');
    if (off) return void this.write('circuitSwitched', { circuitId: off.id, to: 'on' });
    const check = checksOf(point).find(({ id }) => !point.checks[id]);
    if (!check) throw new Error(`Prove asks for “${words}”, and every check is answered`);
    if (this.site.fails?.includes(check.id) && !this.failed.has(check.id)) {
      this.failed.add(check.id);
      return void this.write('checkDone', { pointId: point.id, check: check.id, result: 'failed', reason: 'does not' });
    }
    const base = { pointId: point.id, check: check.id, result: 'passed' } as const;
    if (check.answer.kind === 'wait' && !point.waits[check.id]) {
      this.write('waitStarted', { pointId: point.id, check: check.id, minutes: check.answer.minutes });
      this.atMs += check.answer.minutes * MINUTE_MS;
      return;
    }
    if (check.answer.kind === 'metres') {
      const band = sensorBand(this.job, point);
      return void this.write('checkDone', { ...base, ...(band ? { figure: (band.low + band.high) / 2 } : {}) });
    }
    if (check.answer.kind === 'ring') return void this.write('checkDone', { ...base, figure: 0.8, rang: 'clean' });
    if (check.answer.kind === 'report') return void this.write('checkDone', { ...base, reported: 'good' });
    if (check.answer.kind === 'setting') {
      const { wanted } = check.answer;
      return void this.write('checkDone', { ...base, ...(wanted ? { setTo: wanted } : {}) });
    }
    if (check.answer.kind === 'volts' && point.kind === 'doorbell') {
      const { known, reference } = this.assessed(point);
      const band = predictedVolts(known, reference.change, check.answer.state, null, 'transformer');
      return void this.write('checkDone', {
        ...base,
        figure: band.likely,
        at: 'transformer',
        bandLow: band.low,
        bandHigh: band.high,
      });
    }
    this.write('checkDone', base);
  }
}

const MOST_ACTS = 160;
