'use client';
import { frameWords } from '@/words/screens';
import { momentText } from '../figures/momentText';
import { useFirm, useLookForFirm } from './useFirm';

/** Tells on every page since when the firm’s server has not answered. */
export function WithoutFirm() {
  const { isAway, reachedAt } = useFirm();
  useLookForFirm();
  return (
    <span className="without-firm" role="status">
      {isAway && frameWords.withoutFirm({ since: reachedAt === null ? null : momentText(reachedAt) })}
    </span>
  );
}
