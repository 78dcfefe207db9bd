import { parts, type Slots } from '../../parts';

/** The school of a job. */
export const policy = {
  forAgainst: <T>({ pro, contra, remark }: Slots<T, 'pro' | 'contra' | 'remark'>) =>
    parts`For: ${pro} Against: ${contra} ${remark}`,
  anotherSchoolOnThis: 'another school on this job',
  whyThisJobDeparts: 'why this job departs',
};
