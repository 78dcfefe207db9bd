'use client';
import { lookWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useSay } from '../../log/useSay';
import Link from 'next/link';
import { missingFromCustomer } from '@/core/job';
import { FieldGroup } from '../../form/FieldGroup';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';
import { VisitTime } from './VisitTime';

/** What has to be ready before anybody drives there. */
const QUESTIONS = ['someoneHome', 'wifiPassword', 'account', 'phone', 'pointNames', 'recording'] as const;

/** Whether the customer is ready: gone through once, by the office or the customer, in a few taps. */
export function BeforeArea() {
  const say = useSay();
  const { keptJob, write } = useJob();
  const { customer } = keptJob;
  const { ask, typed } = useFacts('customerDescribed', {}, customer);
  const missing = missingFromCustomer(keptJob);
  const known = missing.filter(({ state }) => state === 'missing');
  const asked = missing.length - known.length;
  const ready = Object.fromEntries(
    QUESTIONS.filter((name) => customer[name] === undefined).map((name) => [name, 'ready']),
  );
  return (
    <section>
      <div className="head-row">
        <h2>{lookWords.isTheCustomerReady}</h2>
        <Link className="btn btn-secondary" href={`/jobs/${keptJob.id}/before`}>
          {lookWords.pageForTheCustomer}
        </Link>
      </div>
      <p className={missing.length > 0 ? 'brick' : 'moss'}>
        {missing.length === 0
          ? lookWords.everythingIsThereThe
          : [...known.map(({ words }) => words), ...(asked > 0 ? [lookWords.notAskedYet({ asked })] : [])]
              .map(say)
              .join('. ')}
        {missing.length > 0 && '.'}
      </p>
      <div className="choice-rows halves">
        {QUESTIONS.map((name) => ask(name))}
        {ask('permission')}
        {ask('wifiBand')}
      </div>
      {Object.keys(ready).length > 1 && (
        <Button variant="secondary" onClick={() => write('customerDescribed', ready)}>
          {lookWords.allThatWasNot}
        </Button>
      )}
      <div className="block-top">
        <FieldGroup
          kind="customerDescribed"
          scope={{}}
          fields={[typed('name'), typed('wifiName'), typed('owner'), typed('sharers')]}
        />
        <VisitTime />
      </div>
    </section>
  );
}
