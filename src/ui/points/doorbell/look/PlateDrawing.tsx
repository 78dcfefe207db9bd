import { doorLookWords } from '@/words/screens';
import { LEAD_NEEDED_M, type PlatePlace, type PlateSurvey } from '@/core/mount';
import { lengthText, type LengthSystem } from '@/core/units';

interface Props {
  readonly place: PlatePlace;
  readonly survey: PlateSurvey;
  readonly lengths: LengthSystem;
}

const WIDTH = 330;
const HEIGHT = 270;
const LIP_PX = 7;

/** The wall round the hole: how far the lead lets the plate go, what it must cover, lips, and what stands beside it. */
export function PlateDrawing({ place, survey, lengths }: Props) {
  const { leadReachM, oldMarksM, sideClearM, lipAboveM, lipBelowM, proudM, plateM } = survey;
  const reach = Math.max(0, (leadReachM ?? 0) - LEAD_NEEDED_M);
  const most = Math.max(Math.abs(place.upM), Math.abs(place.downM), lipAboveM ?? 0, lipBelowM ?? 0);
  const tallest = Math.max(plateM.height + 2 * Math.min(most, 0.15), oldMarksM ?? 0, Math.min(2 * reach, 0.3));
  const scale = (HEIGHT - 40) / tallest;
  const cx = 120;
  const cy = HEIGHT / 2;
  const plate = { width: plateM.width * scale, height: plateM.height * scale };
  const middle = (place.upM - place.downM) / 2;
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  const frameX = sideClearM === null ? null : Math.min(cx + sideClearM * scale, WIDTH - 20);
  const wallTo = frameX ?? 196;
  return (
    <svg
      className="drawing"
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={doorLookWords.plateCanSitUp({ small: small(place.upM), small2: small(place.downM) })}
    >
      {frameX !== null && <rect x={frameX} y="0" width={WIDTH - frameX} height={HEIGHT} className="wall" />}
      {lipAboveM !== null && (
        <rect x="0" y={cy - lipAboveM * scale - LIP_PX} width={wallTo} height={LIP_PX} className="hole" />
      )}
      {lipBelowM !== null && <rect x="0" y={cy + lipBelowM * scale} width={wallTo} height={LIP_PX} className="hole" />}
      {!place.onLip && (
        <>
          <rect
            x={cx - plate.width / 2}
            y={cy - place.upM * scale - plate.height / 2}
            width={plate.width}
            height={plate.height + (place.upM + place.downM) * scale}
            className="region"
            data-testid="plate-region"
          />
          <rect
            x={cx - plate.width / 2}
            y={cy - middle * scale - plate.height / 2}
            {...plate}
            className="box see-through"
          />
        </>
      )}
      {oldMarksM !== null && (
        <rect
          x={cx - plate.width * 0.35}
          y={cy - (oldMarksM * scale) / 2}
          width={plate.width * 0.7}
          height={oldMarksM * scale}
          className="worked"
        />
      )}
      {proudM !== null && proudM > 0 && <circle cx={cx} cy={cy} r="13" className="screw" />}
      <circle cx={cx} cy={cy} r={Math.min(reach * scale, 112)} className="worked" />
      <circle cx={cx} cy={cy} r="5" className="hole" />
      <g className="labels">
        <text x="204" y={cy - 66}>
          {place.onLip ? doorLookWords.noRoom : doorLookWords.lensAt}
        </text>
        {!place.onLip && (
          <text x="204" y={cy - 48} className="m strong">
            {place.lowestM === null || place.highestM === null
              ? `+${small(place.upM)} −${small(place.downM)}`
              : `${small(place.lowestM)} …`}
          </text>
        )}
        {!place.onLip && place.lowestM !== null && place.highestM !== null && (
          <text x="204" y={cy - 30} className="m strong">
            {small(place.highestM)}
          </text>
        )}
        <text x="204" y={cy + 4} className="soft">
          {doorLookWords.leadLetsItGo}
        </text>
        <text x="204" y={cy + 21} className="m">
          {small(reach)}
        </text>
        {frameX !== null && (
          <>
            <text x="204" y={cy + 52} className="soft">
              {doorLookWords.frameAfter}
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
