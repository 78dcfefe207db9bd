'use client';
import { chooseWords } from '@/words/screens';
import { Filled } from '../../../figures/Filled';
import type { ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import Link from 'next/link';
import { capital } from '@/core/units';
import { useState } from 'react';
import { optionId, restsOn, whyNotThis, worthConsidering, type Choosing, type JudgedOption } from '@/core/advice';
import { TREATMENTS } from '@/core/chime';
import { decisionOf, wireOf, type Assessment } from '@/core/points';
import { useNarrow } from '../../../frame/useNarrow';
import { Choices } from '../../../form/Choices';
import { FieldGroup, groupName } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { SchoolHere } from '../../../policy/SchoolHere';
import { useTypedIn } from '../../../log/useTyped';
import { useDoorbell } from '../useDoorbell';

import { CantBeHad } from './CantBeHad';
import { TakeWay } from './TakeWay';
import { wayWords } from '@/core/advice';
import { useWays } from './useWays';
import { WayDetail } from './WayDetail';
import { WayPlot } from './WayPlot';
import { WaysInWords } from './WaysInWords';
import { WayTable } from './WayTable';

const KEEP = 'keep';
/** Ways shown at first: a handful is compared, forty are not. */
const FEW = 5;
/** And on a phone, in words. */
const FEW_IN_WORDS = 3;

/** What is proposed stands first; the others stay as they come. */
const inOrder = (ways: readonly JudgedOption[], first: string | undefined): readonly JudgedOption[] =>
  ways.toSorted((a, b) => Number(b.id === first) - Number(a.id === first));
const WIRE_CHOICES = {
  keep: chooseWords.leaveIt,
  join: chooseWords.joinSparePairs,
  repull: chooseWords.pullHeavierWire,
  mend: chooseWords.makeBadSplicesAnew,
} as const;

/** Every sensible way computed and compared: transformer, chime, wire, device. One is taken, with its reason. */
export function ChooseBench() {
  const { keptJob, assessment } = useDoorbell();
  const { weakSupply: policy, powerModule: module } = keptJob.policy;
  const { ways, stop } = useWays(assessment, policy, module);
  const choosing = 'choosing' in ways ? ways.choosing : null;
  const isWorking = ways.state === 'working';
  return (
    <>
      {ways.state === 'waiting' && <p role="status">{chooseWords.workingTheWaysOut}</p>}
      {ways.state === 'failed' && (
        <p className="brick" role="alert">
          {chooseWords.theWaysCouldNot({ message: ways.message })}
        </p>
      )}
      {ways.state === 'working' && (
        <p className="working" role="status">
          {chooseWords.firstFiguresOfWays({ done: ways.done, ofWord: ways.of })}{' '}
          <Button variant="link" onClick={stop}>
            {chooseWords.leaveItAtThat}
          </Button>
        </p>
      )}
      {ways.state === 'done' && ways.stopped && <p className="soft">{chooseWords.leftAtTheFirst}</p>}
      {choosing && choosing.options.length > 0 && <Proposal choosing={choosing} isWorking={isWorking} />}
      {/* It outlasts what is worked out anew: the hand may be in the middle of its answer */}
      <RestsOn proposed={choosing?.proposed ?? null} />
      {choosing && (
        <>
          {choosing.options.length === 0 && <p>{chooseWords.thereIsNoWay}</p>}
          <CantBeHad />
          <WaysCompared choosing={choosing} isWorking={isWorking} />
        </>
      )}
    </>
  );
}

interface ComparedProps {
  readonly choosing: Choosing;
  /** Finer figures are on their way: what leads may still change. */
  readonly isWorking: boolean;
}

function WaysCompared({ choosing, isWorking }: ComparedProps) {
  const say = useSay();
  const { job, point, assessment } = useDoorbell();
  const { known } = assessment;
  const { options: ways, proposed } = choosing;
  const [picked, setPicked] = useState<string | null>(null);
  const [hovered, setHovered] = useState<string | null>(null);
  const narrow = useNarrow();
  const [all, setAll] = useState(false);
  const { choice } = point;
  const taken = choice
    ? optionId({
        transformer: choice.data.transformer,
        tap: choice.data.tap ?? null,
        treatmentId: choice.data.treatmentId,
        wire: wireOf(choice.data),
      })
    : null;
  const by = (id: string | null): JudgedOption | undefined => ways.find((way) => way.id === id);
  const way = by(picked) ?? by(taken) ?? proposed ?? ways[0];
  if (!way) return null;
  const select = ({ id }: JudgedOption) => setPicked(id);
  const first = worthConsidering(choosing, taken, FEW);
  const inWords = narrow && !all;
  const table = {
    selected: way.id,
    hovered,
    taken,
    proposed: proposed?.id ?? null,
    leads: proposed !== null && leadsOnly(proposed, isWorking, assessment),
    onSelect: select,
    onHover: setHovered,
  };
  return (
    <>
      {inWords && (
        <>
          <WaysInWords {...table} ways={inOrder(worthConsidering(choosing, taken, FEW_IN_WORDS), proposed?.id)} />
          <TakeWay
            key={way.id}
            way={way}
            why={say(way.judgement.reason)}
            taken={way.id === taken}
            isWorking={isWorking}
          />
          {way.transformer?.mainsWork && <p className="caution">{chooseWords.replacingTheTransformerIs}</p>}
        </>
      )}
      {narrow && (
        <Button variant="link" onClick={() => setAll(!all)}>
          {all ? chooseWords.aFewInWords : chooseWords.allWaysAndFigures}
        </Button>
      )}
      {!inWords && (
        <>
          <SchoolHere
            matter="weakSupply"
            lead={chooseWords.itIsProposedBy}
            submit={() => chooseWords.proposeByItHere}
          />
          <p className="no-print">
            <Link href={`/jobs/${job.id}/compare?point=${point.id}`}>{chooseWords.allDoorbellsSideBy}</Link>
          </p>
          <section className="compared">
            <h2>{chooseWords.worthConsidering}</h2>
            <WayTable ways={ways} first={first.map(({ id }) => id)} {...table} />
          </section>
          <section>
            <h2>{chooseWords.theOneThatIs}</h2>
            <Turning ways={ways} way={way} onSelect={select} />
            <WayDetail way={way} known={known} ways={ways} />
            {proposed && way.id !== proposed.id && (
              <p data-testid="why-not">
                <b>{chooseWords.whyNotThisOne}</b> {say(whyNotThis(assessment.survey, way, choosing))}
              </p>
            )}
            <TakeWay
              key={way.id}
              way={way}
              why={say(way.judgement.reason)}
              taken={way.id === taken}
              isWorking={isWorking}
            />
            {way.transformer?.mainsWork && <p className="caution">{chooseWords.replacingTheTransformerIs}</p>}
          </section>
          <section>
            <h2>{chooseWords.whatItCostsAgainst}</h2>
            <WayPlot ways={ways.filter(({ judgement }) => judgement.verdict !== 'notComputed')} {...table} />
          </section>
        </>
      )}
    </>
  );
}

/** While it may still move a way leads, and is not proposed. */
const leadsOnly = (way: JudgedOption, isWorking: boolean, assessment: Assessment): boolean =>
  isWorking || restsOn(way, assessment.premises) !== null || decisionOf(assessment)?.settled === false;

/** What the firm's policy takes and why, or what is missing before anything can be proposed. */
function Proposal({ choosing: { proposed, reason, instead }, isWorking }: ComparedProps) {
  const say = useSay();
  const { assessment } = useDoorbell();
  const decision = decisionOf(assessment);
  if (proposed) {
    const leads = leadsOnly(proposed, isWorking, assessment);
    const said = leads ? chooseWords.leadsSoFar<ReactNode> : chooseWords.isProposed<ReactNode>;
    return (
      <p data-testid={isWorking ? 'leading' : 'proposal'}>
        <Filled parts={said({ wayWords: <b>{capital(say(wayWords(proposed)))}</b>, reason: say(reason) })} />{' '}
        {leads && !isWorking && decision?.wouldChange && <b>{say(decision.wouldChange)}</b>}
      </p>
    );
  }
  const next = assessment.next();
  return (
    <p data-testid="proposal">
      <b>{chooseWords.nothingCanBeProposed}</b>{' '}
      {next ? `${say(next.words)}: ${say(next.why)}` : chooseWords.noWayWithThis}{' '}
      {instead && (
        <>
          <Filled parts={chooseWords.wouldHold<ReactNode>({ wayWords: <b>{say(wayWords(instead))}</b> })} />
        </>
      )}
    </p>
  );
}

/** What the way in front rests on and nobody said yet is asked before it is proposed. */
function RestsOn({ proposed }: Pick<Choosing, 'proposed'>) {
  const { kept, assessment } = useDoorbell();
  const scope = { supplyId: kept.hangs.supplyId };
  const { ask, typed } = useFacts('transformerDescribed', scope, kept.transformer);
  const ways = typed('freeWays', { asked: true });
  // While its answer is typed it is answered already, and stays until it is kept
  const { isTyped } = useTypedIn(groupName('transformerDescribed', scope, [ways]));
  const asked = isTyped ? 'freeWays' : proposed && restsOn(proposed, assessment.premises);
  if (!asked) return null;
  return (
    <section className="rests-on" data-testid="rests-on">
      {asked === 'outletNear' ? (
        ask('outletNear')
      ) : (
        <FieldGroup kind="transformerDescribed" scope={scope} fields={[ways]} />
      )}
    </section>
  );
}

interface TurningProps {
  readonly ways: readonly JudgedOption[];
  readonly way: JudgedOption;
  readonly onSelect: (way: JudgedOption) => void;
}

/** What feeds the loop in a way: the old transformer, another pair of its screws, or a new one. */
const supplyId = ({ transformer, tap }: JudgedOption): string => transformer?.id ?? tap?.screws ?? KEEP;
const supplyWords = ({ transformer, tap }: JudgedOption): string =>
  transformer?.name ??
  (tap ? chooseWords.itsVPair({ ratedVolts: tap.ratedVolts, screws: tap.screws }) : chooseWords.keepTheOldOne);
const orderOf = (id: string): number => (id === KEEP ? 0 : id.startsWith('S') ? 1 : 2);

/** Turns the shown way in one respect: the others stay as near as they can. */
function Turning({ ways, way, onSelect }: TurningProps) {
  const say = useSay();
  const turn = (test: (other: JudgedOption) => boolean) => {
    const same = (other: JudgedOption): number =>
      Number(other.instead === way.instead) * 8 +
      Number(other.treatment.id === way.treatment.id) * 4 +
      Number(supplyId(other) === supplyId(way)) * 2 +
      Number(other.wire === way.wire);
    const nearest = ways.filter(test).toSorted((a, b) => same(b) - same(a))[0];
    if (nearest) onSelect(nearest);
  };
  const distinct = <T extends string>(values: readonly T[]): readonly T[] => [...new Set(values)];
  const supplies = [...new Map(ways.map((one) => [supplyId(one), supplyWords(one)]))];
  const treatments = distinct(ways.map(({ treatment }) => treatment.id));
  const wires = distinct(ways.map(({ wire }) => wire));
  const devices = [...new Map(ways.map(({ device }) => [device.id, device])).values()];
  return (
    <div className="selectors">
      <Choices
        label={chooseWords.transformer}
        // Always in the same order, whatever stands first in the table: the old one, its pairs, then by name
        options={supplies
          .map(([value, words]) => ({ value, words }))
          .sort((a, b) => orderOf(a.value) - orderOf(b.value) || a.words.localeCompare(b.words))}
        chosen={supplyId(way)}
        onPick={(id) => id && turn((other) => supplyId(other) === id)}
      />
      <Choices
        label={chooseWords.chime}
        options={TREATMENTS.filter(({ id }) => treatments.includes(id)).map(({ id, name }) => ({
          value: id,
          words: say(name),
        }))}
        chosen={way.treatment.id}
        onPick={(id) => id && turn(({ treatment }) => treatment.id === id)}
      />
      {wires.length > 1 && (
        <Choices
          label={chooseWords.wire}
          options={wires.map((value) => ({ value, words: WIRE_CHOICES[value] }))}
          chosen={way.wire}
          onPick={(wire) => wire && turn((other) => other.wire === wire)}
        />
      )}
      {devices.length > 1 && (
        <Choices
          label={chooseWords.device}
          options={devices.map(({ id, name }) => ({ value: id, words: name }))}
          chosen={way.device.id}
          onPick={(id) => id && turn(({ device }) => device.id === id)}
        />
      )}
    </div>
  );
}
