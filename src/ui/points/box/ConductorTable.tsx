'use client';
import { said } from '@/core/said';
import { boxWords } from '@/words/screens';
import { PlainPick } from '../../form/PlainPick';
import { optionsOf } from '../../form/Choices';
import { Button, Form, InputGroup, Table } from 'react-bootstrap';
import { useSay, useTerms } from '../../log/useSay';
import type { ListedCable } from '@/core/house';
import { lengthsOf, regionOf } from '@/core/job';
import { LIMITS, type EntryData } from '@/core/kinds';
import { conclusionsOf, conductorKey } from '@/core/points';
import { CONDUCTOR_FUNCTIONS, CONDUCTOR_STATES } from '@/core/junction';
import { gaugeText, lengthText, parseGauge, parseLength } from '@/core/units';
import { WIRE_COLOURS } from '@/core/wiring';
import { useState } from 'react';
import { useJob } from '../../log/JobContext';
import { conclusionWords, functionWords } from './conductorWords';

type Conductors = NonNullable<EntryData<'cableDescribed'>['conductors']>;
type Conductor = Conductors[number];

const MADE_OF = (['copper', 'aluminium'] as const).flatMap((metal) =>
  (['solid', 'stranded'] as const).map((strands) => ({ strands, metal })),
);
const MADE_WORDS = { solid: boxWords.solidOf, stranded: boxWords.strandedOf } as const;
/** How a conductor was found; what passes unbroken is joined to nothing here. */
const FOUND_WORDS = {
  good: boxWords.good,
  nicked: boxWords.nicked,
  brittle: boxWords.brittle,
  loose: boxWords.lyingLoose,
  through: boxWords.passesUnbroken,
  looped: boxWords.loopedUnbroken,
} as const;

interface Props {
  readonly cable: ListedCable;
  /** The lead that was tapped in the drawing. */
  readonly picked: string | null;
  readonly onChange: (conductors: Conductors) => void;
}

/** Every conductor of a cable: colour, size, what it carries by test, how it was found. */
export function ConductorTable({ cable, picked, onChange }: Props) {
  const say = useSay();
  const { kept } = useJob();
  const words = useTerms();
  const all = cable.facts.conductors ?? [];
  const { byId } = conclusionsOf(kept);
  const functions = functionWords(words);
  const change = (id: string, data: Partial<Conductor>) =>
    onChange(all.map((one) => (one.id === id ? { ...one, ...data } : one)));
  const named = (one: Conductor): string => say(said('wireColour', { colour: one.colour }));
  const next = all.reduce((most, { id }) => Math.max(most, Number(id) || 0), 0) + 1;
  const [first] = all;
  return (
    <div className="scroll-x">
      <Table className="conductors">
        <thead>
          <tr>
            <th>{boxWords.colour(words)}</th>
            <th>{boxWords.size}</th>
            <th>{boxWords.byTest}</th>
            <th>{boxWords.found}</th>
            <th>{boxWords.madeOf}</th>
            <th>{boxWords.freeLength}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {all.map((one) => {
            const key = conductorKey(cable.id, one.id);
            const { text, colour } = conclusionWords(byId.get(key), words, say);
            const told = one.carries && one.carries !== 'unknown' ? one.carries : null;
            return (
              <tr key={one.id} aria-selected={picked === key}>
                <td className="colour">
                  <span className={`swatch ${one.colour}`} aria-hidden="true" />
                  <PlainPick
                    name={`colour of ${named(one)}`}
                    chosen={one.colour}
                    options={WIRE_COLOURS.map((value) => ({
                      value,
                      words: say(said('wireColour', { colour: value })),
                    }))}
                    onPick={(colour) => change(one.id, { colour })}
                  />
                </td>
                <td>
                  <SizeCell
                    conductor={one}
                    label={boxWords.sizeOf({ named: named(one) })}
                    onSize={(size) => change(one.id, size)}
                  />
                </td>
                <td>
                  <PlainPick
                    name={`${named(one)} carries`}
                    chosen={told ?? 'unknown'}
                    options={CONDUCTOR_FUNCTIONS.map((value) => ({
                      value,
                      words: value === 'unknown' ? boxWords.itsReadings : boxWords.tested({ value: functions[value] }),
                    }))}
                    onPick={(carries) => change(one.id, { carries })}
                  />
                  {!told && <span className={`block small ${colour}`}>{text}</span>}
                </td>
                <td>
                  <PlainPick
                    name={`${named(one)} was found`}
                    chosen={one.passes ?? one.state ?? 'good'}
                    options={optionsOf(FOUND_WORDS)}
                    onPick={(value) =>
                      change(one.id, {
                        passes: value === 'through' || value === 'looped' ? value : undefined,
                        state: CONDUCTOR_STATES.find((each) => each === value) ?? 'good',
                      })
                    }
                  />
                </td>
                <td>
                  <PlainPick
                    name={`${named(one)} is made of`}
                    chosen={`${one.strands} ${one.metal}`}
                    options={MADE_OF.map(({ strands, metal }) => ({
                      value: `${strands} ${metal}`,
                      words: MADE_WORDS[strands]({ metal: metal === 'copper' ? boxWords.copper : words.aluminium }),
                    }))}
                    onPick={(value) =>
                      change(one.id, MADE_OF.find(({ strands, metal }) => `${strands} ${metal}` === value) ?? {})
                    }
                  />
                </td>
                <td>
                  <FreeCell
                    freeM={one.freeM}
                    label={boxWords.freeLengthOf({ named: named(one) })}
                    onFree={(freeM) => change(one.id, { freeM })}
                  />
                </td>
                <td>
                  <Button
                    variant="link"
                    aria-label={boxWords.takeOutOfThe({ named: named(one) })}
                    onClick={() => onChange(all.filter(({ id }) => id !== one.id))}
                  >
                    {boxWords.out}
                  </Button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {all.length < LIMITS.conductors.most && first && (
        <Button
          variant="link"
          onClick={() =>
            onChange([
              ...all,
              { ...first, id: String(next), colour: 'black', carries: 'unknown', state: 'good', passes: undefined },
            ])
          }
        >
          {boxWords.oneMoreConductor}
        </Button>
      )}
    </div>
  );
}

interface CellProps<T> {
  readonly label: string;
  readonly shown: string;
  readonly size: number;
  /** What a typed text means; null where it means nothing here. */
  readonly read: (text: string) => T | null;
  readonly fault: string;
  readonly onValue: (value: T) => void;
}

/** A cell that is typed over: kept when it is left, told at the cell where it is none. */
function TypedCell<T>({ label, shown, size, read, fault, onValue }: CellProps<T>) {
  const [text, setText] = useState<string | null>(null);
  const value = text === null ? null : read(text);
  const wrong = text !== null && value === null;
  const left = () => {
    if (value === null) return;
    onValue(value);
    setText(null);
  };
  return (
    <span className={`field${wrong ? ' wrong' : ''}`}>
      <InputGroup className="figure">
        <Form.Control
          aria-label={label}
          htmlSize={size}
          isInvalid={wrong}
          value={text ?? shown}
          autoComplete="off"
          aria-invalid={wrong ? true : undefined}
          onFocus={({ target }) => target.select()}
          onChange={(event) => setText(event.target.value)}
          onBlur={left}
          onKeyDown={(event) => event.key === 'Enter' && left()}
        />
      </InputGroup>
      {wrong && (
        <span className="fault" role="alert">
          {fault}
        </span>
      )}
    </span>
  );
}

interface SizeProps {
  readonly conductor: Conductor;
  readonly label: string;
  readonly onSize: (size: Pick<Conductor, 'awg' | 'mm2'>) => void;
}

function SizeCell({ conductor: { awg, mm2 }, label, onSize }: SizeProps) {
  const { job } = useJob();
  return (
    <TypedCell
      label={label}
      size={6}
      shown={awg === undefined ? `${mm2 ?? ''} mm²` : gaugeText({ awg })}
      read={(text) => {
        const gauge = parseGauge(text, regionOf(job).gauge);
        return gauge.ok ? gauge.value : null;
      }}
      fault={boxWords.noSuchSize}
      onValue={(gauge) =>
        onSize('awg' in gauge ? { awg: gauge.awg, mm2: undefined } : { mm2: gauge.mm2, awg: undefined })
      }
    />
  );
}

/** Most that a conductor hangs free, m. */
const FREE_MOST_M = 3;

interface FreeProps {
  readonly freeM: number | undefined;
  readonly label: string;
  readonly onFree: (freeM: number | undefined) => void;
}

function FreeCell({ freeM, label, onFree }: FreeProps) {
  const { job } = useJob();
  const lengths = lengthsOf(job);
  return (
    <TypedCell<{ readonly freeM: number | undefined }>
      label={label}
      size={4}
      shown={freeM === undefined ? '' : lengthText(freeM, lengths, 'small')}
      read={(text) => {
        if (text.trim() === '') return { freeM: undefined };
        const length = parseLength(text, lengths === 'metric' ? 'mm' : 'in');
        return length.ok && length.value <= FREE_MOST_M ? { freeM: length.value } : null;
      }}
      fault={boxWords.noSuchLength}
      onValue={(said) => onFree(said.freeM)}
    />
  );
}
