'use client';
import { faultWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { complaintOf, helped, isTest, replacesDevice, type Trouble } from '@/core/points';
import { said } from '@/core/said';
import { capital } from '@/core/units';
import { useJob } from '../../../log/JobContext';
import { useSay } from '../../../log/useSay';
import { ActsSoFar } from './ActsSoFar';

/** A trouble that is over: what it was, and the sentence for the customer. */
export function TroubleEnd({ trouble }: { readonly trouble: Trouble }) {
  const say = useSay();
  const { kept, go } = useJob();
  const repair = helped(trouble);
  const { closed } = trouble;
  const tests = trouble.acts.filter(isTest).length;
  return (
    <section className="fault-end" data-testid="trouble-end">
      <h2>
        {repair
          ? `${faultWords.found}: ${say(said('faultName', { fault: repair.data.fault }))}`
          : capital(say(complaintOf(trouble)))}
      </h2>
      {repair && (
        <p>
          <b>{faultWords.forCustomer}:</b> {say(said('faultRepaired', { fault: repair.data.fault }))}
        </p>
      )}
      {repair && replacesDevice(repair.data.fault) && kept.device.code === undefined && (
        <p>
          {faultWords.anotherDevice}{' '}
          <Button variant="link" onClick={() => go('prove', 'checks')}>
            {faultWords.toItsCode}
          </Button>
        </p>
      )}
      {closed && <p>{faultWords.letBe({ name: closed.by.name, why: closed.data.why })}</p>}
      <p className="soft">{faultWords.spent({ tests, repairs: trouble.acts.length - tests })}</p>
      <ActsSoFar trouble={trouble} state="" strangers={[]} suspects={[]} isOver />
    </section>
  );
}
