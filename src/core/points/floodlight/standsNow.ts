import type { Stated } from '../../kinds/register';
import type { Floodlight } from './floodlight';

/** Remedies that leave every conductor of the box where it was found. */
const SAME_FEED = 'useFeed';
const SAME_GROUNDS: readonly string[] = ['useGround', 'byRule', 'classTwo'];

/** What hangs at a box once its plan is built. A box, or a feed, that was changed is looked at anew rather than guessed. */
export function spotStandsNow({
  id: pointId,
  hangs: { boxId },
  fixture,
  mount,
  cables,
}: Floodlight): readonly Stated[] {
  if (!fixture) return [];
  const { feedId, groundId, cure } = fixture.data;
  const isRewired = feedId !== SAME_FEED || !SAME_GROUNDS.includes(groundId);
  return [
    {
      kind: 'pointDescribed',
      data: {
        pointId,
        oldFixture: 'floodlight',
        ...(mount.heightM === undefined ? {} : { fixtureHeightM: mount.heightM }),
      },
    },
    ...(cure
      ? [{ kind: 'boxDescribed', data: { boxId, standardBox: null, markedIn3: null, depthM: null } } as const]
      : []),
    ...(isRewired
      ? [
          { kind: 'boxDescribed', data: { boxId, ahead: null, fedFrom: null } } as const,
          ...cables.map(
            ({ id: cableId }) => ({ kind: 'cableDescribed', data: { boxId, cableId, conductors: null } }) as const,
          ),
        ]
      : []),
  ];
}
