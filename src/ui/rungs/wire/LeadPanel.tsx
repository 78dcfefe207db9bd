'use client';
import { said } from '@/core/said';
import { wireWords } from '@/words/screens';
import { Pick } from '../../form/Pick';
import { Button } from 'react-bootstrap';
import { useSay, useTerms } from '../../log/useSay';
import { builtOf, findingsOf, planOf, spliceHow, spliceOf } from '@/core/points';
import { capital, gaugeText } from '@/core/units';
import { jointById, jointsOf, leadById, leadsAt, type Lead, type Wiring, type WiringPlace } from '@/core/wiring';
import { useJob } from '../../log/JobContext';

/** The end of a lead that a hand can move at a place: not the one inside the part that it comes with. */
export function movableEnd(wiring: Wiring, { id, from, to }: Lead, place: WiringPlace): string | null {
  const own = wiring.parts.find(({ leads }) => leads.some((lead) => lead.id === id));
  const ends = [to, from].filter(
    (end): end is string =>
      end !== null && jointById(wiring, end)?.place === place && !own?.joints.some((joint) => joint.id === end),
  );
  return ends[0] ?? null;
}

interface Props {
  readonly leadId: string;
  readonly place: WiringPlace;
  readonly onMoved: () => void;
  readonly onStep: (stepId: string) => void;
}

/** One lead: what it is, its step, what it shares a joint with, what the rules say of it, and where else it may be. */
export function LeadPanel({ leadId, place, onMoved, onStep }: Props) {
  const say = useSay();
  const words = useTerms();
  const { job, point, write } = useJob();
  const wiring = builtOf(point);
  const lead = leadById(wiring, leadId) ?? leadById(planOf(point)?.planned ?? wiring, leadId);
  if (!lead) return null;
  const end = movableEnd(wiring, lead, place);
  const joint = end === null ? undefined : jointById(wiring, end);
  const beside = end === null ? [] : leadsAt(wiring, end).filter(({ id }) => id !== leadId);
  const steps = planOf(point)?.steps.filter(({ moves }) =>
    moves.some((move) => (move.do === 'on' || move.do === 'off' || move.do === 'mark') && move.lead === leadId),
  );
  const splice = spliceOf(point, leadId);
  const { planned, built, byDeviation } = findingsOf(job, point);
  const findings = [
    ...new Map([...byDeviation, ...built, ...planned].map((one) => [say(one.words), one])).values(),
  ].filter(({ leads }) => leads.includes(leadId));
  const carries =
    lead.carries === 'hot'
      ? words.hot
      : lead.carries === 'ground'
        ? words.ground
        : lead.carries === 'unknown'
          ? wireWords.notKnown
          : lead.carries;
  const there = jointsOf(wiring).filter((one) => one.place === place && one.kind !== 'port' && one.id !== end);
  const moved = (to: string | null) => {
    write('leadMoved', { pointId: point.id, lead: leadId, from: end, to });
    onMoved();
  };
  return (
    <div className="lead-panel" data-testid="lead-panel">
      <p>
        <b>{capital(say(lead.name))}</b>: {carries}
        {lead.wire &&
          `, ${say(said('wireColour', { colour: lead.wire.colour }))}, ${gaugeText(lead.wire.gauge)} ${lead.wire.strands}`}
        {lead.wire?.marked && wireWords.marked}. {joint ? wireWords.at({ name: say(joint.name) }) : wireWords.free}
        {beside.length > 0 &&
          wireWords.withWord({
            beside: beside
              .map(({ name }) => name)
              .map(say)
              .join(', '),
          })}
        .
      </p>
      {splice && <p className="small">{say(spliceHow(splice, job.policy.connectors === 'taped'))}</p>}
      {findings.map(({ words: one, severity }) => (
        <p key={say(one)} className={severity === 'stop' ? 'brick' : 'straw-ink'}>
          {say(one)}
        </p>
      ))}
      {steps && steps.length > 0 && (
        <p className="small">
          {wireWords.its({ step: steps.length === 1 ? wireWords.step : wireWords.steps })}{' '}
          {steps.map(({ id, words: step }) => (
            <Button key={id} variant="link" onClick={() => onStep(id)}>
              {say(step)}
            </Button>
          ))}
        </p>
      )}
      <Pick
        label={wireWords.asBuiltItIs}
        options={[
          ...there.map(({ id, name, kind }) => ({ value: id, words: `${say(name)} (${kind})` })),
          ...(end === null ? [] : [{ value: 'loose', words: wireWords.loose }]),
        ]}
        chosen={undefined}
        none={wireWords.asItIsDrawn}
        onPick={(picked) => moved(picked === 'loose' ? null : picked)}
      />
    </div>
  );
}
