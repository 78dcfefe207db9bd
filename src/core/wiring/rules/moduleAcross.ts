import { said } from '../../said';
import type { Edge } from './graph';
import type { Rule } from './rule';

const isShunt = ({ element, part }: Edge): boolean =>
  element.kind === 'shunt' || (element.kind === 'link' && part.place === 'chime');

/** A module or link at the chime lies between Trans and Front, and across nothing else. */
export const moduleAcross: Rule = {
  id: 'moduleAcross',
  name: said('moduleAcrossFront'),
  severity: 'stop',
  check: ({ edges }) =>
    edges.filter(isShunt).flatMap(({ part, a, b }) => {
      const pair = (x: string, y: string): boolean => (x === a && y === b) || (x === b && y === a);
      if (a === b) return { words: said('bothLeadsOne', { part: part.name }), leads: ids(part.leads) };
      const winding = edges.find(({ element }) => element.kind === 'winding');
      if (winding && pair(winding.a, winding.b))
        return { words: said('liesAcrossTransformer', { part: part.name }), leads: ids(part.leads) };
      const rear = edges.find(({ element }) => element.rings === 'rear');
      if (rear && pair(rear.a, rear.b))
        return { words: said('liesAcrossTrans', { part: part.name }), leads: ids(part.leads) };
      const front = edges.find(({ element }) => element.rings === 'front');
      if (front && rear && pair(front.b, rear.b))
        return { words: said('liesAcrossFront', { part: part.name }), leads: ids(part.leads) };
      return [];
    }),
};

const ids = (leads: readonly { readonly id: string }[]): readonly string[] => leads.map(({ id }) => id);
