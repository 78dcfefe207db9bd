import { timeOf, asked } from '@/core/job/forTests';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { chooseAmong, optionsFor, whyNotThis } from '@/core/advice';
import { DEVICES, LASTING_STATES } from '@/core/catalogue';
import { CHIME_KINDS } from '@/core/chime';
import { fold } from '@/core/job';
import { ENTRY_KINDS, type Entry, type EntryData, type EntryKind } from '@/core/kinds';
import { assess, choiceOf, ladderOf, nextMove, partsOf, stepStandings, worriesOf } from '@/core/points';
import { WALLS } from '@/core/mount';
import { REGION_PACKS } from '@/core/region';
import { loopWords } from '@/ui/points/doorbell/loopWords';

const pointId = 'front';
const by = { id: 'ines', name: 'Ines' };

class Log {
  readonly entries: Entry[] = [];
  write<K extends EntryKind>(kind: K, data: EntryData<K>): this {
    const seq = this.entries.length + 1;
    const at = timeOf(seq);
    this.entries.push({ id: `e${seq}`, at, by, kind, data, seq, receivedAt: at } as Entry);
    return this;
  }
  stand() {
    const job = fold({ id: 'x', title: 'x', createdAt: timeOf(0) }, this.entries);
    const [point] = job.points;
    if (point?.kind !== 'doorbell') throw new Error('no door');
    return { job, point, assessment: assess(job, point, 120) };
  }
}

const combinations = REGION_PACKS.flatMap(({ id: region }) =>
  CHIME_KINDS.flatMap((chimeKind) => DEVICES.map(({ id: deviceId }) => [region, chimeKind, deviceId] as const)),
);

describe('every kind of chime, device and region', () => {
  it.each(combinations)('%s, %s, %s: has an answer on every screen', (region, chimeKind, deviceId) => {
    const log = new Log()
      .write('siteDescribed', { region })
      .write('pointAdded', { pointId, pointKind: 'doorbell', name: 'Front door' })
      .write('pointDescribed', { pointId, deviceId, wall: WALLS[0], wasThere: 'button', leadReachM: 0.1 })
      .write('chimeDescribed', { chimeId: pointId, chimeKind })
      .write('runDescribed', { pointId, run: 'toDoor', sparePairs: 1 })
      .write('transformerDescribed', { supplyId: pointId, ratedVolts: region === 'na-120' ? 16 : 12, ratedVa: 20 });
    const { job, point, assessment } = log.stand();
    const choosing = chooseAmong(
      assessment.survey,
      assessment.known.houses,
      optionsFor(assessment.survey, assessment.premises),
      job.policy.weakSupply,
    );
    const ways = choosing.options;
    expect(ways.length).toBeGreaterThan(0);
    for (const { judgement } of ways) {
      expect(say(judgement.reason)).not.toMatch(/NaN|undefined|Infinity/);
      expect(judgement.belief).toBeGreaterThanOrEqual(0);
      expect(judgement.belief).toBeLessThanOrEqual(1);
    }
    for (const way of ways)
      expect(say(whyNotThis(assessment.survey, way, choosing))).not.toMatch(/NaN|undefined|Infinity/);
    const { next, idle, contradictions } = assessment.advice();
    expect(JSON.stringify([next, idle, contradictions, choosing.reason])).not.toMatch(/NaN|undefined|Infinity/);
    const best = choosing.proposed;
    if (best) expect(best.forbidden).toBeNull();
    for (const state of LASTING_STATES)
      expect(JSON.stringify(loopWords(job, point, assessment, state))).not.toMatch(/NaN|undefined|Infinity/);
    // Any allowed way can be taken, and leads to steps, parts and a next move
    const way = best ?? ways.find(({ forbidden }) => forbidden === null);
    if (!way) return;
    const data = choiceOf(pointId, way, 'tried', say);
    expect(ENTRY_KINDS.choiceMade.isValidSync(data, { strict: true })).toBe(true);
    const taken = log.write('choiceMade', data).stand();
    const steps = stepStandings(taken.job, taken.point, asked('ines'));
    expect(steps.length).toBeGreaterThan(0);
    // Nothing that touches a wire is open before the circuit is named
    expect(steps.filter(({ step, held }) => step.touches !== 'nothing' && held === null)).toEqual([]);
    const words = [
      ...worriesOf(taken.job, taken.point, taken.assessment).map((worry) => worry.words),
      ...partsOf(taken.job, taken.point),
      ...ladderOf(taken.job, taken.point, taken.assessment, asked('ines')).map((mark) => mark.words),
      nextMove(taken.job, taken.point, taken.assessment, asked('ines')).words,
    ];
    expect(words.map(say).join('\n')).not.toMatch(/NaN|undefined|Infinity|\[object/);
  });
});
