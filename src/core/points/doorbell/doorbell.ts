import type { DoorHangs, Looked, TriedSwitch } from '../../house/things';
import type { RUN_NAMES } from '../../kinds/chime';
import type { EntryData } from '../../kinds/register';
import type { Facts, Source, Taken } from '../../kinds/said';
import type { PointView } from '../pointView';

type RunName = (typeof RUN_NAMES)[number];
export type TakenReading = Taken<'readingTaken'>;
export type Choice = Taken<'choiceMade'>;
export type BagAnswer = Source & Pick<EntryData<'bagChecked'>, 'state' | 'note'>;

/** What feeds a supply from now on: chosen once, at one of its doors, for all of them. */
export interface Feed extends Pick<EntryData<'choiceMade'>, 'transformer' | 'tap'> {
  /** The door whose plan has the steps of it. */
  readonly pointId: string;
}

/** Another door on the same chime, and what was chosen for the chime at it. Every doorbell point ends with a device. */
export interface SharedChimeDoor {
  readonly name: string;
  readonly terminal: 'Front' | 'Rear';
  readonly treatmentId: string | null;
  /** The door at which the chime’s treatment was chosen first; null while none is. */
  readonly choseFirst: string | null;
}

/** A video doorbell at a door. What stands here of supply and chime is theirs, shared with whatever else hangs there. */
export interface Doorbell extends PointView {
  readonly kind: 'doorbell';
  readonly hangs: DoorHangs;
  readonly transformer: Facts<'transformerDescribed'>;
  /** Where the transformer is not. */
  readonly looked: Looked;
  readonly switches: readonly TriedSwitch[];
  readonly supply: Facts<'supplyPlanned'>;
  readonly bag: Readonly<Record<string, BagAnswer>>;
  readonly runs: Readonly<Record<RunName, Facts<'runDescribed'>>>;
  readonly chime: Facts<'chimeDescribed'>;
  readonly readings: readonly TakenReading[];
  readonly choice: Choice | null;
  /** What was chosen to feed its supply; null while nothing is. */
  readonly feed: Feed | null;
  /** Other doors on the same chime, as a plan needs them. */
  readonly sharesChime: readonly SharedChimeDoor[];
  /** There was no bell at any door of its supply: what feeds it is still to be made. */
  readonly toBeMade: boolean;
}
