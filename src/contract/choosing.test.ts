import { describe, expect, it } from 'vitest';
import { ORDINARY_PREMISES, chooseAmong, optionsFor } from '@/core/advice';
import { estimate } from '@/core/bell';
import { startedLog } from '@/core/job/forTests';
import { surveyOf } from '@/core/points';
import { isChoosingQuestion, isChoosingTold } from './choosing';

const { job, door } = startedLog().write('chimeDescribed', { chimeId: 'p', chimeKind: 'mechanical' });
const survey = surveyOf(job, door);
const question = { survey, premises: ORDINARY_PREMISES, policy: 'soundest', module: 'demanded' };
const choosing = chooseAmong(survey, estimate(survey, 50).houses, optionsFor(survey, ORDINARY_PREMISES), 'soundest');

describe('what Choose and its worker say to one another', () => {
  it('is believed in full', () => {
    expect(isChoosingQuestion(JSON.parse(JSON.stringify(question)))).toBe(true);
    expect(isChoosingTold(structuredClone({ kind: 'first', choosing }))).toBe(true);
    expect(isChoosingTold({ kind: 'progress', done: 3, of: 9 })).toBe(true);
  });
  it('is believed by neither with a part missing or of another form', () => {
    for (const part of ['survey', 'premises', 'policy', 'module'])
      expect(isChoosingQuestion({ ...question, [part]: undefined })).toBe(false);
    expect(isChoosingQuestion({ ...question, policy: 'cheapest' })).toBe(false);
    expect(isChoosingQuestion({ ...question, premises: { ...ORDINARY_PREMISES, catalogue: {} } })).toBe(false);
    const [way] = choosing.options;
    const told = (options: readonly unknown[]) => isChoosingTold({ kind: 'full', choosing: { ...choosing, options } });
    expect(told([way])).toBe(true);
    expect(told([{ ...way, judgement: { ...way?.judgement, verdict: 'fine' } }])).toBe(false);
    expect(told([{ ...way, minutes: NaN }])).toBe(false);
    for (const other of [null, 'done', { kind: 'whole', choosing }, { kind: 'progress', done: '3', of: 9 }])
      expect(isChoosingTold(other)).toBe(false);
  });
});
