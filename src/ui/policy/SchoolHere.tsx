'use client';
import { policyWords } from '@/words/screens';
import { Filled } from '../figures/Filled';
import type { ReactNode } from 'react';
import { TextInput } from '../form/TextInput';
import { Button } from 'react-bootstrap';
import { useSay } from '../log/useSay';
import { useState } from 'react';
import { useTypedText } from '../log/useTyped';
import { TEXT } from '@/core/kinds';
import { POLICY_MATTERS, type Policy, type School } from '@/core/policy';
import { Pick } from '../form/Pick';
import { useJob } from '../log/JobContext';

interface Props {
  readonly matter: keyof Policy;
  /** What the school does here: “It is proposed by this school”. */
  readonly lead: string;
  /** Said after both sides of it. */
  readonly remark?: string;
  /** What departing does. @param school the one that is picked instead */
  readonly submit: (school: string) => string;
}

/** The firm’s school in one matter on this job, with what is said for and against it; departing from it in words. */
export function SchoolHere({ matter, lead, remark, submit }: Props) {
  const say = useSay();
  const { keptJob, write } = useJob();
  const [why, setWhy] = useTypedText(`school/${matter}`, policyWords.whyThisJobDeparts);
  const [picked, setPicked] = useState<string | null>(null);
  const schools: readonly School[] = POLICY_MATTERS[matter].schools;
  const now = schools.find((school) => school.id === keptJob.policy[matter]);
  const others = schools.filter((school) => school !== now);
  const other = others.find((school) => school.id === picked) ?? others[0];
  if (!now || !other) return null;
  const said = keptJob.policyWhy[matter];
  return (
    <details className="policy-here">
      <summary>
        {lead}: {say(now.words)}
        {said ? ` (${said})` : ''}
      </summary>
      <p className="soft">
        <Filled parts={policyWords.forAgainst<ReactNode>({ pro: say(now.pro), contra: say(now.contra), remark })} />
      </p>
      <div className="fields">
        {others.length > 1 && (
          <Pick
            label={policyWords.anotherSchoolOnThis}
            options={others.map(({ id: value, words }) => ({ value, words: say(words) }))}
            chosen={other.id}
            onPick={setPicked}
          />
        )}
        <TextInput label={policyWords.whyThisJobDeparts} text={why} most={TEXT.short} onType={setWhy} />
        <Button
          variant="secondary"
          disabled={why.trim() === ''}
          onClick={() => {
            write('policyTaken', { [matter]: other.id, why: why.trim() });
            setWhy('');
            setPicked(null);
          }}
        >
          {submit(say(other.words))}
        </Button>
      </div>
    </details>
  );
}
