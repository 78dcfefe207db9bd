import type { TreatmentPath } from '../chime';
import type { BellCase } from './bellCase';
import type { Houses } from './houses';

type OfHouse = (houses: Houses, i: number) => number;

/**
 * Resistance and reactance between Trans and Front under a treatment, house by house. Where there is no chime, what would
 * stand beside or instead of its coil is alone; the coil of an electronic one counts as a plain resistance, which only
 * matters beside a shunt.
 */
export function pathImpedance(kind: BellCase['chime']['kind'], path: TreatmentPath): { re: OfHouse; im: OfHouse } {
  const none: OfHouse = () => 0;
  switch (path.path) {
    case 'none':
      return { re: none, im: none };
    case 'link':
      return { re: () => path.linkOhms, im: none };
    case 'series':
      return kind === 'none'
        ? { re: none, im: none }
        : { re: (houses, i) => houses.coilOhms[i] ?? 0, im: (houses, i) => houses.coilReactanceOhms[i] ?? 0 };
    case 'shunt': {
      const shunt = path.shuntOhms;
      if (shunt === 0 || kind === 'none') return { re: () => shunt, im: none };
      // s(r + jx)/(s + r + jx)
      const square = (r: number, x: number): number => (shunt + r) * (shunt + r) + x * x;
      return {
        re: (houses, i) => {
          const r = houses.coilOhms[i] ?? 0;
          const x = houses.coilReactanceOhms[i] ?? 0;
          return (shunt * (r * (shunt + r) + x * x)) / square(r, x);
        },
        im: (houses, i) => {
          const r = houses.coilOhms[i] ?? 0;
          const x = houses.coilReactanceOhms[i] ?? 0;
          return (shunt * shunt * x) / square(r, x);
        },
      };
    }
  }
}
