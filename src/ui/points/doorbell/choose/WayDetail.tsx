'use client';
import { Table } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import { wayPlan, type JudgedOption, type WayPlan } from '@/core/advice';
import { capital } from '@/core/units';
import { chimeFigures, fallingVolts, type Estimate, type OtherJudgement } from '@/core/bell';
import { STATE_WORDS } from '@/core/catalogue';
import { FallingLine } from '../../../plot/FallingLine';
import { Verdict } from '../../../verdict/Verdict';
import { percent, volts } from '../../../figures/words';
import { useDoorbell } from '../useDoorbell';
import { BeforeAfter } from './BeforeAfter';
import { wayWords } from '@/core/advice';

const RINGS = { rings: 'rings well', weak: 'may not strike', hammers: 'hammers and heats' } as const;

/** Another door on the same supply, in its hungriest moment. */
function OtherDoor({ other: { name, low, belief, minVolts } }: { readonly other: OtherJudgement }) {
  const say = useSay();
  return (
    <p data-testid="other-door">
      <b>{capital(say(name))}:</b> at worst it{' '}
      {low.likely > 0 ? (
        <>
          keeps <b className="figure">{volts(low.likely)}</b>
        </>
      ) : (
        'gets too little to run at all'
      )}{' '}
      and needs {minVolts.toFixed(1)} V; it holds in {percent(belief)} of cases, all doorbells at work together.
    </p>
  );
}

/** What the device is set to, and what is read once it is built: each with its predicted band. */
function PlanAfter({ plan: { tools, visits, settings, tests } }: { readonly plan: WayPlan }) {
  const say = useSay();
  return (
    <section>
      <h2>What it asks for</h2>
      <p>
        {capital(say(visits))}. Tools: {[...new Set(tools.map(say))].join(', ')}.
      </p>
      <p>Set: {settings.map(say).join('; ')}.</p>
      <ul className="plain-list" data-testid="planned-tests">
        {tests.map(({ words, band }) => (
          <li key={say(words)}>
            {say(words)}
            {band && (
              <>
                {': '}
                <b className="figure">
                  {band.low.toFixed(1)} to {band.high.toFixed(1)} V
                </b>
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

interface Props {
  readonly way: JudgedOption;
  readonly known: Estimate;
  /** All of them: the same way with and without the module is among these. */
  readonly ways: readonly JudgedOption[];
}

/** What the module makes of the door volts; nothing where it does not stand beside a plain coil. */
function ModuleWorth({ way, ways }: Pick<Props, 'way' | 'ways'>) {
  const say = useSay();
  const { path } = way.treatment.standing;
  if (path !== 'series' && path !== 'shunt') return null;
  const other = ways.find(
    ({ treatment, transformer, tap, wire, device }) =>
      treatment.id === (path === 'series' ? 'powerModule' : 'leaveAsIs') &&
      transformer?.id === way.transformer?.id &&
      tap?.screws === way.tap?.screws &&
      wire === way.wire &&
      device.id === way.device.id,
  );
  if (!other || other.judgement.verdict === 'notComputed') return null;
  return (
    <p className="small soft" data-testid="module-worth">
      {path === 'series' ? 'With a power module' : 'Without the module'}{' '}
      {other.judgement.governingVolts > 0 ? (
        <>
          the door would keep <b className="figure">{volts(other.judgement.governingVolts)}</b>
        </>
      ) : (
        'the supply would collapse'
      )}
      {other.forbidden ? `; the device does not allow it: ${say(other.forbidden)}.` : '.'}
    </p>
  );
}

/** What one way does: verdict, volts on their way, each lasting state, and what becomes of the chime. */
export function WayDetail({ way, known, ways }: Props) {
  const say = useSay();
  const { judgement, change, treatment, device } = way;
  const { point } = useDoorbell();
  // Another device draws other watts from the same house
  const of = { ...known, survey: { ...known.survey, device } };
  const { survey } = of;
  const chime = chimeFigures(survey, known.houses, change, treatment);
  return (
    <>
      <div className="halves">
        <div>
          <Verdict judgement={judgement} way={say(wayWords(way))} />
          <ModuleWorth way={way} ways={ways} />
          {judgement.others.map((other) => (
            <OtherDoor key={other.id} other={other} />
          ))}
          {way.forbidden && <p className="caution">The device does not allow it: {say(way.forbidden)}.</p>}
          <Table className="states">
            <caption>At the worst: low mains, hot winding, hot wires</caption>
            <thead>
              <tr>
                <th>the device is</th>
                <th className="n">low</th>
                <th className="n">likely</th>
                <th className="n">high</th>
                <th className="n">of rating</th>
              </tr>
            </thead>
            <tbody>
              {judgement.states.map(({ state, low, utilisation }) => (
                <tr key={state} aria-selected={state === judgement.governing}>
                  <td>{STATE_WORDS[state]}</td>
                  {[low.low, low.likely, low.high].map((value, i) => (
                    <td
                      key={i}
                      className={`n${value < survey.device.doorMinVolts ? ' brick' : ''}${i === 1 ? ' strong' : ''}`}
                    >
                      {value > 0 ? value.toFixed(1) : 'none'}
                    </td>
                  ))}
                  <td className={`n${(utilisation ?? 0) > 1 ? ' brick' : ''}`}>
                    {utilisation === null ? '–' : `${Math.round(utilisation * 100)} %`}
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
          <p>
            {chime ? (
              <>
                Pressed, the chime gets <b className="figure">{volts(chime.pressedVolts.likely)}</b> (
                {chime.pressedVolts.low.toFixed(1)} to {chime.pressedVolts.high.toFixed(1)}), made for{' '}
                {chime.ratedVolts} V{chime.ratingRead ? '' : ', guessed'}: it {RINGS[chime.rings]}.{' '}
                {chime.hums ? `In standby ${volts(chime.standbyVolts.likely)} make it hum.` : 'No hum in standby.'}
              </>
            ) : treatment.sounds ? (
              'What this chime gets can’t be worked out here: ring it and listen.'
            ) : (
              'The chime in the wall is silent: a plug-in sounder rings.'
            )}{' '}
          </p>
        </div>
        <div>
          <h2>Volts on their way, {STATE_WORDS[judgement.governing]}</h2>
          <FallingLine
            falling={fallingVolts(of, change, judgement.governing)}
            device={survey.device}
            words={say(wayWords(way))}
          />
          <p className="small soft">
            {way.minutes} minutes, {way.cost} in parts. {capital(say(treatment.what))}.
          </p>
        </div>
      </div>
      <PlanAfter plan={wayPlan(known, way)} />
      <BeforeAfter point={point} way={way} />
    </>
  );
}
