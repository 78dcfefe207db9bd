'use client';
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
          <p className="small soft">
            Height counts from where the visitor stands. A lip is a board’s edge, trim or sill that a plate can’t lie
            across.
          </p>
        </div>
        {place ? (
          <PlateDrawing place={place} survey={survey} lengths={lengths} />
        ) : (
          <p className="soft">Pull the lead and measure its reach: the drawing shows what is left of the wall.</p>
        )}
      </div>
      {place && (
        <ul className="plain-list">
          <li>
            {place.onLip
              ? 'Between the lips there is no room for the plate: a backing plate, or another spot.'
              : place.upM === 0 && place.downM === 0
                ? 'The plate can sit at the hole and nowhere else.'
                : place.downM < 0
                  ? `The lip pushes it up: from ${small(-place.downM)} to ${small(place.upM)} above the hole.`
                  : place.upM < 0
                    ? `The lip pushes it down: from ${small(-place.upM)} to ${small(place.downM)} below the hole.`
                    : `It can go ${small(place.upM)} up and ${small(place.downM)} down from the hole.`}
          </li>
          {place.leadShort && <li className="brick">The lead is too short: pull slack, or lengthen it.</li>}
          {!place.coversMarks && <li className="brick">Old marks stay visible: bring a backing plate.</li>}
          {place.fitsSide === false && <li className="brick">It does not fit beside the frame.</li>}
          {place.spacerM > 0 && <li>Under it a spacer of at least {small(place.spacerM)}, over the sheath or box.</li>}
          {place.frameTakesDeg !== null && (
            <li className={place.frameTakesDeg > 20 ? 'brick' : ''}>
              The frame takes {place.frameTakesDeg.toFixed(0)}° of the view at its side
              {place.frameTakesDeg > 20 ? ': a side wedge, or another spot' : ''}.
            </li>
          )}
        </ul>
      )}
    </section>
  );
}
