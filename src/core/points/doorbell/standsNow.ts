import { leavesNoChime, treatmentById } from '../../chime';
import type { Stated } from '../../kinds/register';
import type { Doorbell } from './doorbell';

/** What stands at a door once its plan is built, where it is otherwise than it was found. */
export function doorStandsNow({ id: pointId, choice, feed, hangs }: Doorbell): readonly Stated[] {
  if (!choice) return [];
  const { supplyId, chimeId } = hangs;
  const { treatmentId, joinPairs, repull } = choice.data;
  const treatment = treatmentById(treatmentId);
  const transformer = feed?.transformer ?? null;
  const tap = feed?.tap ?? null;
  const supply: readonly Stated[] = transformer
    ? [
        {
          kind: 'transformerDescribed',
          data: {
            supplyId,
            ratedVolts: transformer.ratedVolts,
            ratedVa: transformer.ratedVa,
            plugged: transformer.fit === 'plugIn' ? 'yes' : 'no',
            taps: null,
            pair: null,
            givenUp: null,
          },
        },
      ]
    : tap
      ? [
          {
            kind: 'transformerDescribed',
            data: { supplyId, pair: tap.screws, ratedVolts: tap.ratedVolts, ratedVa: tap.ratedVa },
          },
        ]
      : [];
  const chime: readonly Stated[] =
    leavesNoChime(treatmentId) || treatmentId === 'boxedReplaced'
      ? [{ kind: 'chimeDescribed', data: { chimeId, chimeKind: 'none', present: null, coilOhms: null } }]
      : treatment
        ? [
            {
              kind: 'chimeDescribed',
              data: {
                chimeId,
                present: treatment.standing.path,
                ...(treatment.isNewChime
                  ? { chimeKind: 'mechanical' as const, ratedVolts: null, ratedVa: null, coilOhms: null }
                  : {}),
              },
            },
          ]
        : [];
  // What lies in the wall now is another wire, or two of one: asked anew rather than guessed
  const unknown = { awg: null, mm2: null, pairs: null, sparePairs: null } as const;
  const wires: readonly Stated[] =
    joinPairs || repull
      ? [
          { kind: 'runDescribed', data: { run: 'toDoor', pointId, ...unknown } },
          { kind: 'runDescribed', data: { run: 'toChime', chimeId, ...unknown } },
        ]
      : [];
  return [
    { kind: 'pointDescribed', data: { pointId, wasThere: 'videoDoorbell', ownCable: null } },
    ...supply,
    ...chime,
    ...wires,
  ];
}
