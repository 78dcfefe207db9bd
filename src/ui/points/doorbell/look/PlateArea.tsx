'use client';
import { doorLookWords } from '@/words/screens';
import { lengthsOf } from '@/core/job';
import { missingAtLook, plateSurveyOf } from '@/core/points';
import { platePlace } from '@/core/mount';
import { lengthText } from '@/core/units';
import { FieldGroup } from '../../../form/FieldGroup';
import { useFacts } from '../../../form/useFacts';
import { useDoorbell } from '../useDoorbell';
import { PlateDrawing } from './PlateDrawing';

/** What is held to a tape at the hole, after the lead’s reach. */
const OTHERS = ['holeHeightM', 'oldMarksM', 'sideClearM', 'lipAboveM', 'lipBelowM', 'proudM', 'revealM'] as const;

/** Where the plate can sit: what the lead, the old marks, lips, a sheath and the frame leave of the wall. */
export function PlateArea() {
  const { job, point, kept } = useDoorbell();
  const { look } = kept;
  const lengths = lengthsOf(job);
  const scope = { pointId: point.id };
  const { typed } = useFacts('pointDescribed', scope, look);
  const asked = missingAtLook(job, kept).some(({ id }) => id === 'leadReachM');
  const survey = plateSurveyOf(point);
  const place = platePlace(survey);
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  return (
    <section>
      <div className="split wide-drawing">
        <div>
          <FieldGroup
            kind="pointDescribed"
            scope={scope}
            fields={[typed('leadReachM', { asked }), ...OTHERS.map((field) => typed(field))]}
          />
          <p className="small soft">{doorLookWords.heightCountsFromWhere}</p>
        </div>
        {place ? (
          <PlateDrawing place={place} survey={survey} lengths={lengths} />
        ) : (
          <p className="soft">{doorLookWords.pullTheLeadAnd}</p>
        )}
      </div>
      {place && (
        <ul className="plain-list">
          <li>
            {place.onLip
              ? doorLookWords.betweenTheLipsThere
              : place.upM === 0 && place.downM === 0
                ? doorLookWords.thePlateCanSit
                : place.downM < 0
                  ? doorLookWords.theLipPushesIt({ small: small(-place.downM), small2: small(place.upM) })
                  : place.upM < 0
                    ? doorLookWords.theLipPushesItDown({ small: small(-place.upM), small2: small(place.downM) })
                    : doorLookWords.itCanGoUp({ small: small(place.upM), small2: small(place.downM) })}
          </li>
          {place.leadShort && <li className="brick">{doorLookWords.theLeadIsToo}</li>}
          {!place.coversMarks && <li className="brick">{doorLookWords.oldMarksStayVisible}</li>}
          {place.fitsSide === false && <li className="brick">{doorLookWords.itDoesNotFit}</li>}
          {place.spacerM > 0 && <li>{doorLookWords.underItASpacer({ small: small(place.spacerM) })}</li>}
          {place.frameTakesDeg !== null && (
            <li className={place.frameTakesDeg > 20 ? 'brick' : ''}>
              {doorLookWords.theFrameTakesOf({
                frameTakesDeg: place.frameTakesDeg.toFixed(0),
                aSideWedge: place.frameTakesDeg > 20 ? doorLookWords.aSideWedgeOr : '',
              })}
            </li>
          )}
        </ul>
      )}
    </section>
  );
}
