'use client';
import { Button } from 'react-bootstrap';
import { plugAt } from '@/core/points';
import { isolateWords } from '@/words/screens';
import { useJob } from '../../log/JobContext';
import { useTerms } from '../../log/useSay';
import { PlugPlate } from '../../verdict/PlugPlate';
import { BellExplained } from './BellExplained';

/** What plugs in is dead while its plug is out: whoever works on it looks for themselves. */
export function PlugMoves() {
  const terms = useTerms();
  const { keptJob, point, asker, write } = useJob();
  const { supplyId } = point.hangs;
  const plug = plugAt(keptJob, point);
  if (!plug) return null;
  const own = supplyId === null ? null : keptJob.isolation.plugOutOf(supplyId, asker.id);
  return (
    <section>
      <h2>{isolateWords.itsPlug}</h2>
      <PlugPlate job={keptJob} point={point} />
      {plug.state === 'keptOut' || supplyId === null ? (
        <p className="block-top">{isolateWords.nothingIsSwitchedOff(terms)}</p>
      ) : (
        <>
          <p className="block-top">{isolateWords.deadWhileOut(terms)}</p>
          <div className="row-of">
            {own?.mark.byId !== asker.id && (
              <Button size="lg" onClick={() => write('plugSeen', { supplyId, out: true })}>
                {isolateWords.iSeeItOut(terms)}
              </Button>
            )}
            {plug.state === 'out' && (
              <Button variant="secondary" size="lg" onClick={() => write('plugSeen', { supplyId, out: false })}>
                {isolateWords.itGoesIn(terms)}
              </Button>
            )}
          </div>
        </>
      )}
      {supplyId !== null && <BellExplained supplyId={supplyId} />}
    </section>
  );
}
