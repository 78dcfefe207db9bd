'use client';
import { bench, isolateBench, leaveBench, wireBench } from '../bench';
import type { PointFace } from '../face';
import { PlugCarried } from './PlugCarried';

const byHand = bench(() => import('../ByHandBench').then(({ ByHandBench }) => ByHandBench));

export const plugFloodlightFace: PointFace = {
  benches: {
    look: bench(() => import('./PlugLook').then(({ PlugLook }) => PlugLook)),
    measure: bench(() => import('./OutletBench').then(({ OutletBench }) => OutletBench)),
    choose: bench(() => import('./PlugChooseBench').then(({ PlugChooseBench }) => PlugChooseBench)),
    isolate: isolateBench,
    wire: wireBench,
    mount: byHand,
    prove: byHand,
    leave: leaveBench,
  },
  whatFor: {
    look: 'the house, the spot, and who has to be ready',
    measure: 'the outlet: how far, always on, protected, covered',
    choose: 'the camera whose lead reaches',
    isolate: 'a plug: what makes it dead is its being out',
    wire: 'from the van to the plug',
    mount: 'orientation, height, tilt, seal',
    prove: 'each with its figure, nothing passed by default',
    leave: 'what stays with the customer',
  },
  Carried: PlugCarried,
  FootWord: () => null,
};
