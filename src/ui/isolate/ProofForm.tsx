'use client';
import { useState } from 'react';
import { PROOF_PROBLEM_WORDS, proofProblem, type Proof } from '@/core/isolation';
import { LIMITS, type EntryData } from '@/core/job';
import { VOLTS, type FigureRule } from '@/core/units';
import { AskForm } from '../kit/form/AskForm';
import { figureField } from '../kit/form/fields';
import { Yes } from '../kit/form/Yes';

type Weight = Proof['weight'];
type Proved = Omit<EntryData<'deadProved'>, 'circuitId'>;

const RULE: FigureRule = { ...VOLTS, ...LIMITS.proofVolts, zeroAllowed: true };

const VOLT_FIELDS = {
  bell: [
    figureField('betweenVolts', 'between the two leads', RULE, undefined),
    figureField('firstToEarthVolts', 'first lead to earth', RULE, undefined),
    figureField('secondToEarthVolts', 'second lead to earth', RULE, undefined),
  ],
  mains: [
    figureField('hotNeutralVolts', 'hot to neutral', RULE, undefined),
    figureField('hotGroundVolts', 'hot to ground', RULE, undefined),
    figureField('neutralGroundVolts', 'neutral to ground', RULE, undefined),
  ],
} as const;

const CONDITIONS: Readonly<Record<Weight, readonly { readonly name: string; readonly words: string }[]>> = {
  bell: [
    { name: 'meterMainsRated', words: 'Meter is rated for mains' },
    { name: 'dry', words: 'Place is dry' },
  ],
  mains: [
    { name: 'triedBefore', words: 'Two-pole tester tried on a live point before' },
    { name: 'everyConductor', words: 'Every pair and each conductor in the box tested' },
    { name: 'triedAfter', words: 'Tester tried on a live point afterwards' },
    { name: 'locked', words: 'Breaker locked off, key kept' },
  ],
};

interface Props {
  readonly weight: Weight;
  readonly onProof: (proof: Proved) => void;
}

/** The readings that prove a circuit dead, by one of the two weights; what is still missing is said while they are typed. */
export function ProofForm({ weight, onProof }: Props) {
  const [met, setMet] = useState<Readonly<Record<string, boolean>>>({});
  // The fields give the volts, the ticks the rest: together the proof of this weight
  const proofOf = (data: object) => ({ weight, ...met, ...data }) as Proof;
  return (
    <AskForm
      fields={VOLT_FIELDS[weight]}
      submit="Write the proof down"
      main
      onSubmit={(data) => {
        onProof({ weight, ...met, ...data });
        setMet({});
      }}
    >
      {(data) => {
        const problem = data && proofProblem(proofOf(data));
        return (
          <>
            {CONDITIONS[weight].map(({ name, words }) => (
              <Yes
                key={name}
                words={words}
                yes={met[name] ?? false}
                onTurn={(yes) => setMet((before) => ({ ...before, [name]: yes }))}
              />
            ))}
            <p className={problem ? 'brick' : data ? 'moss' : 'soft'} role="status" data-testid={`proof-${weight}`}>
              {data === null
                ? 'Type all three readings: 0 where the meter shows nothing.'
                : problem
                  ? PROOF_PROBLEM_WORDS[problem]
                  : 'This proves it dead.'}
            </p>
          </>
        );
      }}
    </AskForm>
  );
}
