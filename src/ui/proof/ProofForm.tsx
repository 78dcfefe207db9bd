'use client';
import { isolateWords } from '@/words/screens';
import type { Terms } from '@/words';
import { useSay, useTerms } from '../log/useSay';
import { useMemo, useState } from 'react';
import { PROOF_PROBLEM_WORDS, isBellVoltage, proofProblem, type Proof } from '@/core/isolation';
import { LIMITS, type EntryData } from '@/core/kinds';
import type { Probe } from '@/contract/instrument';
import { VOLTS, type FigureRule } from '@/core/units';
import { AskForm } from '../form/AskForm';
import type { TypedField } from '../form/field';
import { figureField, optional, textField } from '../form/fields';
import { Yes } from '../form/Yes';
import { useJob } from '../log/JobContext';

type Weight = Proof['weight'];
type Proved = Omit<EntryData<'deadProved'>, 'circuitId' | 'placeId' | 'switchingId'>;

const RULE: FigureRule = { ...VOLTS, ...LIMITS.proofVolts, zeroAllowed: true };

const voltsField = <N extends string>(
  name: N,
  label: string,
  from: Probe,
  to: Probe,
): TypedField<Readonly<Record<N, number>>> => ({
  ...figureField(name, label, RULE, undefined),
  meter: { function: 'voltsAc', from, to, state: 'open' },
});

const voltFields = (terms: Terms) => ({
  bell: [
    voltsField('betweenVolts', isolateWords.betweenTheTwoLeads, 'D1', 'D2'),
    voltsField('firstToEarthVolts', isolateWords.firstLeadToEarth(terms), 'D1', 'earth'),
    voltsField('secondToEarthVolts', isolateWords.secondLeadToEarth(terms), 'D2', 'earth'),
  ],
  mains: [
    voltsField('hotNeutralVolts', isolateWords.hotToNeutral(terms), 'hot', 'neutral'),
    voltsField('hotGroundVolts', isolateWords.hotToGround(terms), 'hot', 'earth'),
    voltsField('neutralGroundVolts', isolateWords.neutralToGround(terms), 'neutral', 'earth'),
    optional(textField('earthFrom', isolateWords.longLeadFrom(terms), undefined)),
  ],
});

/** The three volts of each weight. */
const VOLTS_OF: Readonly<Record<Weight, readonly string[]>> = {
  bell: ['betweenVolts', 'firstToEarthVolts', 'secondToEarthVolts'],
  mains: ['hotNeutralVolts', 'hotGroundVolts', 'neutralGroundVolts'],
};

interface Condition {
  readonly name: string;
  readonly words: string;
}

const CONDITIONS: Readonly<Record<Weight, readonly Condition[]>> = {
  bell: [
    { name: 'meterMainsRated', words: isolateWords.meterIsRatedFor },
    { name: 'dry', words: isolateWords.placeIsDry },
  ],
  mains: [
    { name: 'triedBefore', words: isolateWords.twoPoleTesterTried },
    { name: 'everyConductor', words: isolateWords.everyPairAndEach },
    { name: 'triedAfter', words: isolateWords.testerTriedOnA },
  ],
};

interface Props {
  readonly weight: Weight;
  /** Of what, where, and after which switching-off: readings of before it are given back to nobody. */
  readonly about: string;
  /** The readings are to show bell voltage on a live circuit, not that it is dead. */
  readonly asksBellVoltage?: boolean;
  readonly onProof: (proof: Proved) => void;
}

/** The readings that prove a circuit dead, by one of the two weights; what is still missing is said while they are typed. */
export function ProofForm({ weight, about, asksBellVoltage = false, onProof }: Props) {
  const say = useSay();
  const terms = useTerms();
  const { who } = useJob();
  const fields = useMemo(() => voltFields(terms)[weight], [terms, weight]);
  const [met, setMet] = useState<Readonly<Partial<Record<string, boolean>>>>({});
  // The fields give the volts, the ticks the rest: together the proof of this weight
  const proofOf = (data: object) => ({ weight, ...met, ...data }) as Proof;
  const isWhole = CONDITIONS[weight].every(({ name }) => met[name] === true);
  return (
    <AskForm
      about={`${weight}/${about}/${who?.id ?? ''}`}
      fields={fields}
      submit={asksBellVoltage ? isolateWords.writeTheReadingDown : isolateWords.writeTheProofDown}
      main
      fill={
        asksBellVoltage
          ? undefined
          : { words: isolateWords.nothingOnAny, texts: Object.fromEntries(VOLTS_OF[weight].map((name) => [name, '0'])) }
      }
      whole={isWhole || asksBellVoltage ? undefined : isolateWords.allSoWriteTheProof}
      onSubmit={(data, { whole, ...marks }) => {
        const all = whole && Object.fromEntries(CONDITIONS[weight].map(({ name }) => [name, true]));
        onProof({ weight, ...met, ...all, ...data, ...marks });
        setMet({});
      }}
    >
      {(data) => {
        const proof = data && proofOf(data);
        const fine = proof?.weight === 'bell' && asksBellVoltage && isBellVoltage(proof);
        const problem = proof && !fine ? proofProblem(proof) : null;
        return (
          <>
            {CONDITIONS[weight].map(({ name, words }) => (
              <Yes
                key={name}
                words={words}
                yes={met[name] ?? false}
                onTurn={(yes) => setMet({ ...met, [name]: yes })}
              />
            ))}
            <p className={problem ? 'brick' : data ? 'moss' : 'soft'} role="status" data-testid={`proof-${weight}`}>
              {say(
                data === null
                  ? isolateWords.typeAllThreeReadings
                  : problem
                    ? PROOF_PROBLEM_WORDS[problem]
                    : fine
                      ? isolateWords.bellVoltageAndNo
                      : isolateWords.thisProvesItDead,
              )}
            </p>
          </>
        );
      }}
    </AskForm>
  );
}
