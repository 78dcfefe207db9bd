import type { TreatmentPath } from '@/core/chime';
import type { Step, Terminal } from '@/core/wiring';

interface Props {
  readonly step: Step;
  /** What the chosen treatment puts between Trans and Front. */
  readonly path: TreatmentPath['path'];
  /** Its name, for the box between the screws. */
  readonly treatment: string;
  /** Terminals whose lead is home already. */
  readonly done: ReadonlySet<Terminal>;
}

const SCREWS: Readonly<
  Record<'chime' | 'door', readonly { readonly id: Terminal; readonly x: number; readonly name: string }[]>
> = {
  chime: [
    { id: 'Front', x: 70, name: 'Front' },
    { id: 'Trans', x: 180, name: 'Trans' },
    { id: 'Rear', x: 290, name: 'Rear' },
  ],
  door: [
    { id: 'D1', x: 110, name: 'first screw' },
    { id: 'D2', x: 250, name: 'second screw' },
  ],
};

/** The screws at hand: the one of this step ringed, its lead in the accent, what is done in ink, what comes dashed. */
export function TerminalDrawing({ step, path, treatment, done }: Props) {
  const place = step.place === 'door' ? 'door' : step.place === 'chime' ? 'chime' : null;
  if (!place) return null;
  const stateOf = (id: Terminal): string => (step.terminal === id ? 'now' : done.has(id) ? 'home' : 'to-come');
  const where = step.terminal ? `, ${step.terminal} ringed` : '';
  return (
    <svg className="drawing terminals" viewBox="0 0 360 206" role="img" aria-label={`Screws at the ${place}${where}`}>
      <rect x="16" y="8" width="328" height="140" rx={place === 'door' ? 12 : 0} className="box" />
      {SCREWS[place].map(({ id, x, name }) => (
        <g key={id}>
          <text x={x} y="34" textAnchor="middle" className={step.terminal === id ? 'strong' : ''}>
            {name}
          </text>
          {step.terminal === id && <circle cx={x} cy="64" r="25" className="ring" />}
          <circle cx={x} cy="64" r="17" className="screw" />
          <path d={`M${x - 10} 64h20`} className="slot" />
        </g>
      ))}
      {place === 'chime' ? (
        <>
          <path d="M62 80V178" className="house" />
          <path d="M172 80V178" className="house" />
          <text x="54" y="176" textAnchor="end" className="soft">
            to the
          </text>
          <text x="54" y="192" textAnchor="end" className="soft">
            door
          </text>
          <text x="182" y="176" className="soft">
            to the transformer
          </text>
          {(path === 'shunt' || path === 'link') && (
            <>
              <path d="M78 80Q84 118 100 120" className={`lead ${stateOf('Front')}`} />
              <path d="M160 120Q180 116 188 80" className={`lead ${stateOf('Trans')}`} />
              {path === 'shunt' ? (
                <>
                  <rect x="100" y="106" width="60" height="28" className="box" />
                  <text x="130" y="125" textAnchor="middle" className="small-text">
                    module
                  </text>
                </>
              ) : (
                <path d="M100 120H160" className={`lead ${stateOf('Front')}`} />
              )}
              {path === 'link' && (
                <text x="228" y="126" className="soft small-text">
                  {treatment.toLowerCase()}
                </text>
              )}
            </>
          )}
          {path === 'none' && <path d="M62 104H172" className={`lead ${step.terminal ? 'now' : 'to-come'}`} />}
        </>
      ) : (
        <>
          {SCREWS.door.map(({ id, x }) => (
            <path key={id} d={`M${x} 82Q${x} 130 180 190`} className={`lead ${stateOf(id)}`} />
          ))}
          <text x="196" y="192" className="soft">
            out of the wall
          </text>
        </>
      )}
    </svg>
  );
}
