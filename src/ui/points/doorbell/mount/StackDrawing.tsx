import { mountWords } from '@/words/screens';
import type { Wedge } from '@/core/catalogue';
import type { DoorHangs } from '@/core/mount';

const WIDE = 56;
const TALL = 96;

interface Props extends Pick<DoorHangs, 'tiltDeg' | 'sideDeg'> {
  /** From the wall out. */
  readonly stack: readonly Wedge[];
}

/** The bracket stack as somebody sees it who faces the wall, from the wall out: where the thick ends go, and which way the face then turns. */
export function StackDrawing({ stack, tiltDeg, sideDeg }: Props) {
  const parts = [
    ...stack.map(({ axis, deg }, i) =>
      axis === 'side'
        ? {
            id: `side-${i}`,
            words: mountWords.sideWedgeOf({ deg }),
            // A wedge that turns the face to the right of who looks out is thick at the right of who faces the wall
            thick: sideDeg > 0 ? mountWords.thickSideRightShort : mountWords.thickSideLeftShort,
            looks: sideDeg > 0 ? mountWords.looksLeft : mountWords.looksRight,
            bar: { x: sideDeg > 0 ? WIDE - 16 : 0, y: 0, width: 16, height: TALL },
          }
        : {
            id: `tilt-${i}`,
            words: mountWords.tiltWedgeOf({ deg }),
            thick: tiltDeg > 0 ? mountWords.thickEndUpShort : mountWords.thickEndDownShort,
            looks: tiltDeg > 0 ? mountWords.looksDown : mountWords.looksUp,
            bar: { x: 0, y: tiltDeg > 0 ? 0 : TALL - 16, width: WIDE, height: 16 },
          },
    ),
    { id: 'plate', words: mountWords.plate, thick: mountWords.leadsThrough, looks: '', bar: null },
  ];
  return (
    <ol className="stack">
      {parts.map(({ id, words, thick, looks, bar }, i) => (
        <li key={id}>
          <b>
            <span className="figure">{i + 1}</span> {words}
          </b>
          <svg className="drawing" viewBox={`-2 -2 ${WIDE + 4} ${TALL + 4}`} aria-hidden="true">
            <rect className="body" width={WIDE} height={TALL} />
            {bar && <rect className="thick-end" {...bar} />}
            {!bar && (
              <>
                <circle cx={WIDE / 2} cy="26" r="8" className="thick-end" />
                <rect x={WIDE / 2 - 11} y="60" width="22" height="22" className="body" />
              </>
            )}
          </svg>
          <span className="small">{thick}</span> {looks && <span className="small fox">{looks}</span>}
        </li>
      ))}
    </ol>
  );
}
