import { describe, expect, it } from 'vitest';
import { answer } from '@/contract/answers';
import { isAssessmentData } from '@/contract/judging';
import { fold } from '@/core/job';
import { assess, assessmentData, assessmentKey, assessmentOf, verdictOf, worriesOf } from '@/core/points';
import { demoJobs } from '@/demo/demoFirm';

let ids = 0;
const doors = demoJobs(
  () => `judging-${++ids}`,
  (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
)
  .map(({ title, entries }) => fold({ id: title, title, createdAt: '' }, entries))
  .flatMap((job) => job.points.filter(({ kind }) => kind === 'doorbell').map((point) => [job, point] as const));

describe('what is judged in another thread', () => {
  it.each(doors.slice(0, 6).map(([job, point]) => [`${job.title}, ${point.name}`, job, point] as const))(
    'says the same here: %s',
    (_name, job, point) => {
      const here = assess(job, point);
      // As a worker hands it over
      const told: unknown = structuredClone(assessmentData(here));
      const there = assessmentOf(answer(isAssessmentData)(told));
      expect(there.next()).toEqual(here.next());
      expect(there.advice()).toEqual(here.advice());
      expect(verdictOf(job, point, there)).toEqual(verdictOf(job, point, here));
      expect(worriesOf(job, point, there)).toEqual(worriesOf(job, point, here));
      expect(there.known.houses.openVolts).toEqual(here.known.houses.openVolts);
    },
  );

  it('is nothing else than an assessment', () => {
    expect(() => answer(isAssessmentData)({ survey: {}, next: null })).toThrow(TypeError);
    expect(() => answer(isAssessmentData)('<html>a guest network’s page</html>')).toThrow(TypeError);
  });

  it('is asked again where something of its circuit changes, and only there', () => {
    const [job, point] = doors[0] ?? [];
    if (!job || !point) throw new Error('the demo firm has no door');
    expect(assessmentKey({ ...job, title: 'Renamed', photos: [] }, point)).toBe(assessmentKey(job, point));
    const keyUnder = (weakSupply: 'headroom' | 'silence') =>
      assessmentKey({ ...job, policy: { ...job.policy, weakSupply } }, point);
    expect(keyUnder('headroom')).not.toBe(keyUnder('silence'));
  });
});
