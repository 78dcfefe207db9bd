'use client';
import { doorWords } from '@/words/screens';
import { midwayWords } from '@/core/points';
import { useTerms } from '../../../log/useSay';
import { useDoorbell } from '../useDoorbell';
import type { Lit } from './asking';

/** The loop in small, with the one place lit where the probes are held; wires that have to be off stand apart. */
export function DoorLoop({ lit, ohms }: { readonly lit: Lit; readonly ohms: number | null }) {
  const { point } = useDoorbell();
  const terms = useTerms();
  const { ratedVolts, ratedVa } = point.transformer;
  const plate = [ratedVolts && `${ratedVolts} V`, ratedVa && `${ratedVa} VA`].filter(Boolean).join(' ');
  const parted = lit === 'transformer';
  const box = (name: Lit, x: number, y: number, width: number, words: string, below: string) => (
    <g className={lit === name ? 'lit' : undefined}>
      <rect x={x} y={y} width={width} height="42" className="plate-box" />
      <text x={x + width / 2} y={y + (below ? 18 : 26)} textAnchor="middle">
        {words}
      </text>
      {below && (
        <text x={x + width / 2} y={y + 34} textAnchor="middle" className="m">
          {below}
        </text>
      )}
    </g>
  );
  return (
    <svg className="drawing door-loop" viewBox="0 0 360 132" role="img" aria-label={doorWords.whereItIsRead}>
      <path d={`M62 ${parted ? 28 : 46}V14H148M252 14H312V46M312 88V118H62V${parted ? 106 : 88}`} className="line" />
      {parted && (
        <>
          <circle cx="62" cy="28" r="3.5" className="end" />
          <circle cx="62" cy="106" r="3.5" className="end" />
        </>
      )}
      {box('transformer', 4, 46, 122, doorWords.transformer, plate)}
      {box('chime', 148, 2, 104, midwayWords(point), '')}
      {box('door', 262, 46, 94, point.name.toLowerCase(), '')}
      {lit === 'outlet' && box('outlet', 148, 76, 104, terms.outlet, '')}
      {lit === 'transformer' && (
        <>
          <path d="M126 58C150 58 156 66 176 66M126 76C150 76 156 78 176 78" className="probe" />
          <rect x="176" y="56" width="64" height="32" className="meter-box" />
          <text x="208" y="77" textAnchor="middle">
            {ohms === null ? doorWords.meter : `${ohms} Ω`}
          </text>
        </>
      )}
    </svg>
  );
}
