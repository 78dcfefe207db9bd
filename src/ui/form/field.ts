import type { MeterTask } from '@/contract/instrument';
import type { Parsed } from '@/core/units';

/**
 * A typed field of a group: what it shows, and what its text means as a part of an entry's data.
 * @typeParam D that part: a group takes only fields whose data is of its kind
 */
export interface TypedField<D extends object = object> {
  readonly name: string;
  readonly label: string;
  readonly unit?: string;
  readonly figure?: boolean;
  /** Marks the field as the one that would help most now. */
  readonly asked?: boolean;
  /** May stay empty where the other fields are asked for. */
  readonly optional?: boolean;
  /** Id of its input, where a drawing leads to it. */
  readonly id?: string;
  readonly hint?: string;
  /** What somebody else said of it. */
  readonly also?: string;
  /** How the probes are put on to take it from the meter; undefined where a meter can’t give it. */
  readonly meter?: MeterTask;
  /** Text for what stands now; empty where nothing was said. */
  readonly shown: string;
  /** Data for the typed text; `texts` are the group's other fields as they are typed now. */
  readonly read: (text: string, texts: Readonly<Record<string, string>>) => Parsed<D>;
  /** Data that says “not any more”. */
  readonly cleared: object;
}

/** What the fields of a form say together. */
export type DataOf<F extends readonly TypedField[]> = Together<F[number] extends TypedField<infer D> ? D : never>;

type Together<D> = (D extends unknown ? (data: D) => void : never) extends (data: infer All) => void ? All : never;
