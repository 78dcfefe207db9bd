'use client';
import { useSay } from '../../log/useSay';
import { useState } from 'react';
import { PROOF_PROBLEM_WORDS, isBellVoltage, proofProblem, type Proof } from '@/core/isolation';
import { LIMITS, type EntryData } from '@/core/kinds';
import type { Probe } from '@/contract/instrument';
import { VOLTS, type FigureRule } from '@/core/units';
import { AskForm } from '../../form/AskForm';
import type { TypedField } from '../../form/field';
import { figureField } from '../../form/fields';
import { Yes } from '../../form/Yes';

type Weight = Proof['weight'];
type Proved = Omit<EntryData<'deadProved'>, 'circuitId'>;

const RULE: FigureRule = { ...VOLTS, ...LIMITS.proofVolts, zeroAllowed: true };

const voltsField = (name: string, label: string, from: Probe, to: Probe): TypedField => ({
  ...figureField(name, label, RULE, undefined),
  meter: { function: 'voltsAc', from, to, state: 'open' },
});

const VOLT_FIELDS = {
  bell: [
    voltsField('betweenVolts', 'between the two leads', 'D1', 'D2'),
    voltsField('firstToEarthVolts', 'first lead to earth', 'D1', 'earth'),
    voltsField('secondToEarthVolts', 'second lead to earth', 'D2', 'earth'),
  ],
  mains: [
    voltsField('hotNeutralVolts', 'hot to neutral', 'hot', 'neutral'),
    voltsField('hotGroundVolts', 'hot to ground', 'hot', 'earth'),
    voltsField('neutralGroundVolts', 'neutral to ground', 'neutral', 'earth'),
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
  /** The readings are to show bell voltage on a live circuit, not that it is dead. */
  readonly asksBellVoltage?: boolean;
  readonly onProof: (proof: Proved) => void;
}

/** The readings that prove a circuit dead, by one of the two weights; what is still missing is said while they are typed. */
export function ProofForm({ weight, asksBellVoltage = false, onProof }: Props) {
  const say = useSay();
  const [met, setMet] = useState<Readonly<Record<string, boolean>>>({});
  // The fields give the volts, the ticks the rest: together the proof of this weight
  const proofOf = (data: object) => ({ weight, ...met, ...data }) as Proof;
  return (
    <AskForm
      fields={VOLT_FIELDS[weight]}
      submit={asksBellVoltage ? 'Write the reading down' : 'Write the proof down'}
      main
      onSubmit={(data) => {
        onProof({ weight, ...met, ...data });
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
                onTurn={(yes) => setMet((before) => ({ ...before, [name]: yes }))}
              />
            ))}
            <p className={problem ? 'brick' : data ? 'moss' : 'soft'} role="status" data-testid={`proof-${weight}`}>
              {say(
                data === null
                  ? 'Type all three readings: 0 where the meter shows nothing.'
                  : problem
                    ? PROOF_PROBLEM_WORDS[problem]
                    : fine
                      ? 'Bell voltage and no more. It proves nothing dead.'
                      : 'This proves it dead.',
              )}
            </p>
          </>
        );
      }}
    </AskForm>
  );
}
