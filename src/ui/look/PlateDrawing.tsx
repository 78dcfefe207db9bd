import { LEAD_NEEDED_M, type PlatePlace, type PlateSurvey } from '@/core/mount';
import { lengthText, type LengthSystem } from '@/core/units';

interface Props {
  readonly place: PlatePlace;
  readonly survey: PlateSurvey;
  readonly lengths: LengthSystem;
}

const WIDTH = 330;
const HEIGHT = 250;

/** The wall round the hole: how far the lead lets the plate go, what it must cover, what stands beside it. */
export function PlateDrawing({ place, survey, lengths }: Props) {
  const { leadReachM, oldMarksM, sideClearM, plateM } = survey;
  const reach = Math.max(0, (leadReachM ?? 0) - LEAD_NEEDED_M);
  const tallest = Math.max(plateM.height + 2 * place.shiftM, oldMarksM ?? 0, Math.min(2 * reach, 0.3));
  const scale = (HEIGHT - 40) / tallest;
  const cx = 120;
  const cy = HEIGHT / 2;
  const plate = { width: plateM.width * scale, height: plateM.height * scale };
  const shift = place.shiftM * scale;
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  const frameX = sideClearM === null ? null : Math.min(cx + sideClearM * scale, WIDTH - 20);
  return (
    <svg
      className="drawing"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Plate can sit ${small(place.shiftM)} up or down of the hole`}
    >
      {frameX !== null && <rect x={frameX} y="0" width={WIDTH - frameX} height={HEIGHT} className="wall" />}
      <rect
        x={cx - plate.width / 2}
        y={cy - plate.height / 2 - shift}
        width={plate.width}
        height={plate.height + 2 * shift}
        className="region"
      />
      <rect x={cx - plate.width / 2} y={cy - plate.height / 2} {...plate} className="box see-through" />
      {oldMarksM !== null && (
        <rect
          x={cx - plate.width * 0.35}
          y={cy - (oldMarksM * scale) / 2}
          width={plate.width * 0.7}
          height={oldMarksM * scale}
          className="worked"
        />
      )}
      <circle cx={cx} cy={cy} r={Math.min(reach * scale, 112)} className="worked" />
      <circle cx={cx} cy={cy} r="5" className="hole" />
      <g className="labels">
        <text x="204" y={cy - 66}>
          lens at
        </text>
        <text x="204" y={cy - 48} className="m strong">
          {place.lowestM === null || place.highestM === null ? `± ${small(place.shiftM)}` : `${small(place.lowestM)} …`}
        </text>
        {place.lowestM !== null && place.highestM !== null && (
          <text x="204" y={cy - 30} className="m strong">
            {small(place.highestM)}
          </text>
        )}
        <text x="204" y={cy + 4} className="soft">
          lead lets it go
        </text>
        <text x="204" y={cy + 21} className="m">
          {small(reach)}
        </text>
        {frameX !== null && (
          <>
            <text x="204" y={cy + 52} className="soft">
              frame after
            </text>
            <text x="204" y={cy + 69} className={`m${place.fitsSide === false ? ' brick' : ''}`}>
              {small(sideClearM ?? 0)}
            </text>
          </>
        )}
      </g>
    </svg>
  );
}
