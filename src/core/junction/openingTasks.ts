import { said, type Text } from '../said';
import { lookTask, moveTask, proofTask, type Task } from '../wiring';

const BOX = 'box';

/** What is read live at a box, by the position of the switches: all of one position in one round. */
export interface LiveRounds {
  readonly allOff: readonly Text[];
  readonly allOn: readonly Text[];
}

/**
 * How a closed box is opened: looked at, then its cover off as if live, and proved dead with it. Where conductors have to be
 * told apart live, they are parted and spread dead first, read in as few rounds as it takes, and proved dead again
 * (domain/safety, the order at a closed box).
 * @param rounds what is read live; null where nothing is
 */
export const openingTasks = (rounds: LiveRounds | null): readonly Task[] => [
  { ...lookTask(BOX, 'box-photo', said('photographOldFixture'), said('ladderFirm')), photo: true },
  { ...proofTask(BOX, 'box-open', said('coverOffProve'), said('everyPairEach')), photo: true },
  ...(rounds === null
    ? []
    : [
        moveTask(BOX, 'box-spread', 'mains', [], said('spreadHow'), said('partAndSpread')),
        {
          ...lookTask(BOX, 'box-read', said('everybodyClearOn'), said('readInRounds', { ...rounds })),
          role: 'liveTest' as const,
          energises: true as const,
        },
        proofTask(BOX, 'box-dead-after', said('offProvedAfterReading'), said('offTaggedLocked')),
      ]),
];
