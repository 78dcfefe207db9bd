'use client';
import { faultWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { GATE_WORDS } from '@/core/isolation';
import type { ActHeldBy, OfferedTest } from '@/core/points';
import { said, type Text } from '@/core/said';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';

const heldWords = (by: ActHeldBy): Text =>
  by === 'licence' ? said('byLicence') : by === 'switchOnFirst' ? said('switchItOnFirst') : GATE_WORDS[by];

/** What an act asks of its circuit; where it may not be done now, why, and the way there. */
export function ActNeeds({
  act: { touches, needs },
  held,
}: {
  readonly act: Pick<OfferedTest, 'touches' | 'needs'>;
  readonly held: readonly ActHeldBy[];
}) {
  const say = useSay();
  const { go } = useJob();
  const [first] = held;
  if (first === undefined)
    return (
      <p className="soft">
        {needs === 'dead'
          ? faultWords.needsDead
          : needs === 'any'
            ? faultWords.noCircuit
            : touches === 'mains'
              ? faultWords.mainsLive
              : touches === 'bell'
                ? faultWords.bellLive
                : faultWords.staysLive}
      </p>
    );
  return (
    <div className="fault-held">
      <b className="brick">{faultWords.heldBy({ why: say(heldWords(first)) })}</b>
      {first === 'switchOnFirst' ? (
        <Button onClick={() => go('prove', 'checks')}>{faultWords.goToSwitchOn}</Button>
      ) : (
        first !== 'licence' && <Button onClick={() => go('isolate')}>{faultWords.goToIsolate}</Button>
      )}
    </div>
  );
}
