import { treatmentById } from '../../chime';
import { lengthsOf } from '../../job/region';
import type { Rung } from '../../kinds/rungs';
import { WALL_FIXINGS } from '../../mount';
import { lowerFirst, lengthText } from '../../units';
import type { Mark, Standing } from '../climb';
import { isolateMark, leaveMark, mark, wireMark } from '../marks';
import { isFeedKnown } from './assessment';
import { checksOf } from './checks';
import type { Doorbell } from './doorbell';
import { missingAtDoor } from './look';

/** What each rung of a doorbell looks at. */
export const DOORBELL_MARKS: { readonly [R in Rung]: (standing: Standing<Doorbell>) => Mark } = {
  look: ({ job, point }) => {
    const missing = missingAtDoor(job, point);
    const begun = Object.keys(point.look).length + Object.keys(point.chime).length > 0;
    const reach = point.look.leadReachM;
    const seen = [
      ...(point.look.wall ? [WALL_FIXINGS[point.look.wall].name] : []),
      ...(reach === undefined ? [] : [`${lengthText(reach, lengthsOf(job), 'small')} of lead`]),
    ];
    if (missing.length === 0) return mark('done', seen.join(', '));
    return mark(begun ? 'inHand' : 'open', begun ? `${missing.length} to look at` : '');
  },
  measure: ({ point, assessment }) => {
    if (point.toBeMade && point.readings.length === 0)
      return mark(point.supply.from === undefined ? 'open' : 'done', 'no bell to measure');
    if (!isFeedKnown(assessment)) return mark(point.readings.length > 0 ? 'inHand' : 'open', 'nothing read yet');
    const { verdict, governingVolts } = assessment.reference.judgement;
    if (verdict === 'cannotTell') return mark('inHand', 'can’t tell yet');
    return mark('done', governingVolts > 0 ? `door ${governingVolts.toFixed(1)} V at worst` : 'collapses at worst');
  },
  choose: ({ point }) => {
    if (!point.choice) return mark('open', '');
    const treatment = treatmentById(point.choice.data.treatmentId);
    return mark(
      'done',
      [point.choice.data.transformer?.name ?? point.choice.data.tap?.screws, treatment && lowerFirst(treatment.name)]
        .filter(Boolean)
        .join(', '),
    );
  },
  isolate: isolateMark,
  wire: wireMark,
  mount: ({ job, point }) => {
    const { heightM, level, fixings, seal } = point.mount;
    const done = [heightM, level, fixings, seal].filter((fact) => fact !== undefined).length;
    const words = heightM === undefined ? '' : lengthText(heightM, lengthsOf(job), 'small');
    return mark(done === 4 ? 'done' : done > 0 ? 'inHand' : 'open', words);
  },
  prove: ({ point }) => {
    const checks = checksOf(point);
    const answers = checks.map(({ id }) => point.checks[id]?.data.result);
    const given = answers.filter((result) => result !== undefined).length;
    const failed = answers.filter((result) => result === 'failed').length;
    if (failed > 0) return mark('held', `held: ${failed} failed`);
    if (given === checks.length) return mark('done', `${given} checks`);
    return mark(
      given > 0 || Object.keys(point.waits).length > 0 ? 'inHand' : 'open',
      given > 0 ? `${given} of ${checks.length}` : '',
    );
  },
  leave: ({ point }) => leaveMark(point),
};
