import { answerName } from '../../kinds/factText';
import { said } from '../../said';
import { treatmentById } from '../../chime';
import type { Rung } from '../../kinds/rungs';
import type { Mark, Standing } from '../climb';
import { isolateMark, leaveMark, mark, wireMark } from '../marks';
import { proveMark } from '../proving';
import { isFeedKnown } from './assessment';
import { checksAtDoor } from './checks';
import { isStillRead } from './decision';
import type { Doorbell } from './doorbell';
import { missingAtDoor } from './look';
import { notToBeHad } from './premisesOf';

/** What each rung of a doorbell looks at. */
export const DOORBELL_MARKS: { readonly [R in Rung]: (standing: Standing<Doorbell>) => Mark } = {
  look: ({ job, point }) => {
    const missing = missingAtDoor(job, point);
    const begun = Object.keys(point.look).length + Object.keys(point.chime).length > 0;
    const reach = point.look.leadReachM;
    const seen = [
      ...(point.look.wall ? [answerName('pointDescribed', 'wall', point.look.wall)] : []),
      ...(reach === undefined ? [] : [said('ofLead', { reach })]),
    ];
    if (missing.length === 0) return mark('done', said('listed', { items: seen }));
    return mark(begun ? 'inHand' : 'open', begun ? said('toLookAt', { missingCount: missing.length }) : '');
  },
  measure: ({ point, assessment }) => {
    if (point.toBeMade && point.readings.length === 0)
      return mark(point.supply.from === undefined ? 'open' : 'done', said('noBellMeasure'));
    if (!isFeedKnown(assessment)) return mark(point.readings.length > 0 ? 'inHand' : 'open', said('nothingReadYet'));
    const { verdict, governingVolts } = assessment.reference.judgement;
    if (verdict === 'cannotTell') return mark('inHand', said('cantTellSoFar'));
    if (verdict === 'notComputed') return mark('done', said('verdictSoFar', { verdict }));
    const worst = governingVolts > 0 ? said('doorVWorst', { governingVolts }) : said('collapsesWorst');
    return mark(!point.choice && isStillRead(assessment) ? 'inHand' : 'done', worst);
  },
  choose: ({ point }) => {
    if (!point.choice) return mark('open', '');
    const gone = notToBeHad(point);
    if (gone !== null) return mark('held', said('cantBeHad', { name: gone }));
    const treatment = treatmentById(point.choice.data.treatmentId);
    return mark(
      'done',
      said('listed', {
        items: [
          point.choice.data.transformer?.name ?? point.choice.data.tap?.screws,
          treatment && said('within', { words: treatment.name }),
        ].flatMap((item) => item ?? []),
      }),
    );
  },
  isolate: isolateMark,
  wire: wireMark,
  mount: ({ point }) => {
    const { heightM, level, fixings, seal } = point.mount;
    const done = [heightM, level, fixings, seal].filter((fact) => fact !== undefined).length;
    const words = heightM === undefined ? '' : said('tapeLength', { metres: heightM });
    return mark(done === 4 ? 'done' : done > 0 ? 'inHand' : 'open', words);
  },
  prove: ({ job, point }) => proveMark(job, point, checksAtDoor(point)),
  leave: ({ point }) => leaveMark(point),
};
