import type { Catalogue } from '@/core/catalogue';
import { doorbellWords, sheetWords, verdictWords } from '@/words/screens';
import { placeOf } from '@/core/job';
import { sayIn } from '@/words';
import { answerName } from '@/core/kinds';
import type { Say } from '@/words';
import { said } from '@/core/said';
import { DRAWS_WHILE_TYPING, chimeFigures, tuneFigures } from '@/core/bell';
import { settingAt, settingName, treatmentById } from '@/core/chime';
import { lengthsOf, regionOf, type Job } from '@/core/job';
import {
  TRANSFORMER_ADDED,
  assess,
  failuresOf,
  boxSurveyOf,
  midwayWords,
  partsOf,
  roomWords,
  wifiOf,
  worriesOf,
  type Doorbell,
  wireOf,
  type Assessment,
} from '@/core/points';
import { boxRoom, feedCase, standardBox } from '@/core/junction';
import { gaugeText, lengthText } from '@/core/units';
import { WIFI_WORDS } from '@/core/wifi';
import { BellLoop } from '../../drawing/BellLoop';
import { DoorOnSheet } from './DoorOnSheet';
import { loopWords } from './loopWords';
import { margin, percent, volts } from '../../figures/words';
import { ProvedChecks } from '../../paper/AsItCame';
import { ReadingsTable, StepsTable } from '../../paper/SheetTables';
import { factLines } from '../../paper/factLines';
import { HandedOver } from '../../paper/HandedOver';
import { Lines } from '../../paper/Lines';
import { SheetPhotos } from '../../paper/SheetPhotos';
import { ProofsTable } from '../../paper/ProofsTable';
import { PartsTaken, StillOpen } from '../../paper/StillOpen';
import { SwitchOff } from '../../paper/SwitchOff';
import { WiredPlaces } from '../../paper/WiredPlaces';

const wireWords = (data: Parameters<typeof wireOf>[0], say: Say): string | undefined => {
  const wire = wireOf(data);
  return wire === 'keep' ? undefined : say(said('wireRemedy', { wire }));
};

interface Props {
  readonly job: Job;
  readonly point: Doorbell;
  /** The site’s own photos stand with its first point. */
  readonly first: boolean;
  readonly catalogue: Catalogue;
}

/** The box that the transformer sits on: what it is, how it is fed, and its room. */
function boxWords(job: Job, point: Doorbell, say: Say): string | undefined {
  const box = standardBox(point.box.standardBox);
  const survey = boxSurveyOf(point);
  const room = boxRoom(survey, TRANSFORMER_ADDED, regionOf(job).boxRoom);
  if (!room) return undefined;
  const { feed } = feedCase(survey);
  return [
    box && say(answerName('boxDescribed', 'standardBox', box.id)),
    feed && doorbellWords.feed({ feed }),
    say(roomWords(room)),
  ]
    .filter(Boolean)
    .join(', ');
}

/** What the chime gets when it is pressed, beside what it is made for; nothing where it is silent or not computed. */
function chimeWords({ survey, known, reference }: Assessment): string | undefined {
  const chime = reference.treatment && chimeFigures(survey, known.houses, reference.change, reference.treatment);
  if (chime)
    return doorbellWords.chimeGetsOf({ volts: volts(chime.pressedVolts.likely), rated: `${chime.ratedVolts} V` });
  const tune = reference.treatment && tuneFigures(survey, known.houses, reference.change, reference.treatment);
  return tune
    ? doorbellWords.chimePlaysOn({ volts: volts(tune.playingVolts.likely), rated: `${tune.ratedVolts} V` })
    : undefined;
}

/** A doorbell on the sheet. */
export function DoorbellSheet({ job, point, first, catalogue }: Props) {
  const say = sayIn(placeOf(job));
  // As the job’s page draws its houses: what is as good as another there is no other here
  const assessment = assess(job, point, DRAWS_WHILE_TYPING, catalogue);
  const { reference } = assessment;
  const { judgement } = reference;
  const { look, transformer, chime, mount, choice, left } = point;
  const lengths = lengthsOf(job);
  const treatment = choice && treatmentById(choice.data.treatmentId);
  const worries = worriesOf(job, point, assessment);
  const parts = partsOf(job, point);
  const wifi = wifiOf(job, point);
  const run = (name: 'toChime' | 'toDoor'): string | undefined => {
    const { lengthLowM: low, lengthHighM: high, awg, mm2, pairs, sparePairs } = point.runs[name];
    if (low === undefined) return undefined;
    const span =
      high === undefined || high === low
        ? lengthText(low, lengths)
        : doorbellWords.to({ low: lengthText(low, lengths), high: lengthText(high, lengths) });
    const gauge =
      awg !== undefined ? gaugeText({ awg }) : mm2 !== undefined ? gaugeText({ mm2 }) : doorbellWords.gaugeNotKnown;
    return [
      span,
      gauge,
      pairs && pairs > 1 && doorbellWords.pairsJoined({ pairs }),
      sparePairs && doorbellWords.sparePairs({ sparePairs }),
    ]
      .filter(Boolean)
      .join(', ');
  };
  return (
    <>
      <h2 className="point-name">{point.name}</h2>
      <StillOpen say={say} point={point} worries={worries} />
      <p data-testid="sheet-verdict">
        {failuresOf(point).length > 0 && `${verdictWords.workedOutBefore} `}
        <b>{say(said('verdict', { verdict: judgement.verdict }))}.</b> {say(judgement.reason)}{' '}
        {judgement.verdict !== 'notComputed' &&
          doorbellWords.believedToHoldMargin({
            belief: percent(judgement.belief),
            marginVolts: margin(judgement.marginVolts),
          })}
        {say(reference.words)}.
      </p>
      <SwitchOff say={say} job={job} point={point} />
      <section>
        <h3>{sheetWords.asFound}</h3>
        <Lines
          lines={[
            ...factLines(job, 'pointDescribed', look, ['wasThere', 'ownCable']),
            [
              doorbellWords.transformer,
              transformer.ratedVolts !== undefined &&
                `${transformer.ratedVolts} V ${transformer.ratedVa ?? '?'} VA${transformer.place ? `, ${transformer.place}` : ''}`,
            ],
            [
              doorbellWords.chime,
              chime.chimeKind &&
                `${say(answerName('chimeDescribed', 'chimeKind', chime.chimeKind))}${chime.place ? `, ${chime.place}` : ''}`,
            ],
            [doorbellWords.runToThe({ midwayWords: midwayWords(point) }), run('toChime')],
            [doorbellWords.runToTheDoor, run('toDoor')],
            ...factLines(job, 'pointDescribed', look, ['wall', 'leadReachM']),
            [doorbellWords.wiFiAtThe, wifi && `${say(WIFI_WORDS[wifi.word])}: ${say(wifi.reason)}`],
            [
              doorbellWords.pairsOfScrews,
              transformer.taps
                ?.map(
                  ({ screws, ratedVolts, ratedVa }) =>
                    `${screws} ${ratedVolts} V ${ratedVa} VA${screws === transformer.pair ? doorbellWords.inUse : ''}`,
                )
                .join('; '),
            ],
            ...factLines(job, 'chimeDescribed', chime, ['secondChime', 'rear']),
            [doorbellWords.transformersBox, boxWords(job, point, say)],
            ...factLines(job, 'transformerDescribed', transformer, ['foundAt', 'toldApart', 'alwaysFed', 'joined']),
          ]}
        />
        <ReadingsTable point={point} />
      </section>
      <section className="keep-together">
        <h3>{sheetWords.asBuilt}</h3>
        {choice && treatment ? (
          <Lines
            lines={[
              [doorbellWords.device, choice.data.device.name],
              [
                doorbellWords.transformer,
                choice.data.transformer?.name ??
                  (choice.data.tap
                    ? doorbellWords.theOldOneBell({
                        screws: choice.data.tap.screws,
                        ratedVolts: choice.data.tap.ratedVolts,
                      })
                    : doorbellWords.theOldOneIs),
              ],
              [doorbellWords.chime, `${say(treatment.name)}: ${say(treatment.what)}`],
              [doorbellWords.chimeGets, chimeWords(assessment)],
              [doorbellWords.wire, wireWords(choice.data, say)],
              [doorbellWords.why, choice.data.reason],
              [
                doorbellWords.workedOutThen,
                doorbellWords.atWorst({
                  verdict: say(said('verdict', { verdict: choice.data.verdict })),
                  governingVolts: volts(choice.data.governingVolts),
                }),
              ],
              [
                doorbellWords.devicesSetting,
                say(settingName(settingAt(treatment.setting, point.chime.chimeKind ?? null))),
              ],
              [doorbellWords.by, choice.by.name],
            ]}
          />
        ) : (
          <p className="soft">{doorbellWords.noWayWasTaken}</p>
        )}
        <BellLoop words={loopWords(job, point, assessment, judgement.governing)} printed />
      </section>
      <section>
        <h3>{doorbellWords.wired}</h3>
        <WiredPlaces say={say} point={point} />
        <StepsTable say={say} point={point} />
        <ProofsTable job={job} point={point} />
      </section>
      <section className="keep-together">
        <h3>{doorbellWords.mounted}</h3>
        <Lines
          lines={[
            ...factLines(job, 'mountRecorded', mount, ['heightM']),
            [
              doorbellWords.tiltWedge,
              mount.tiltDeg !== undefined &&
                (mount.tiltDeg === 0
                  ? doorbellWords.none
                  : doorbellWords.thickEnd({ tiltDeg: mount.tiltDeg, tiltThickEnd: mount.tiltThickEnd ?? 'up' })),
            ],
            [
              doorbellWords.sideWedge,
              mount.sideDeg !== undefined &&
                (mount.sideDeg === 0
                  ? doorbellWords.none
                  : doorbellWords.thickSide({ sideDeg: mount.sideDeg, sideThick: mount.sideThick ?? 'left' })),
            ],
            ...factLines(job, 'mountRecorded', mount, ['level', 'fixings', 'seal', 'wall']),
          ]}
        />
        <DoorOnSheet job={job} point={point} />
      </section>
      <ProvedChecks job={job} say={say} point={point} />
      <SheetPhotos job={job} point={point} first={first} />
      <PartsTaken say={say} parts={parts} />
      <HandedOver left={left} />
    </>
  );
}
