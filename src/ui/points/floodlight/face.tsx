'use client';
import { bench, isolateBench, leaveBench, wireBench } from '../bench';
import type { PointFace } from '../face';
import { FloodlightCarried } from './FloodlightCarried';

const byHand = bench(() => import('../ByHandBench').then(({ ByHandBench }) => ByHandBench));

export const floodlightFace: PointFace = {
  benches: {
    look: bench(() => import('./FloodlightLook').then(({ FloodlightLook }) => FloodlightLook)),
    measure: bench(() => import('./FloodlightBox').then(({ FloodlightBox }) => FloodlightBox)),
    choose: bench(() => import('./FixtureBench').then(({ FixtureBench }) => FixtureBench)),
    isolate: isolateBench,
    wire: wireBench,
    mount: byHand,
    prove: byHand,
    leave: leaveBench,
  },
  whatFor: {
    look: 'the house, the old fixture, the spot, and who has to be ready',
    measure: 'what this box is, what comes in, and how it is fed',
    choose: 'the camera, its feed, its ground, splices and screws',
    isolate: 'which circuit it is, and whether it is dead',
    wire: 'splice by splice',
    mount: 'orientation, height, tilt, seal',
    prove: 'each with its figure, nothing passed by default',
    leave: 'what stays with the customer',
  },
  Carried: FloodlightCarried,
  // Nothing of its verdict is a figure to be read in passing
  FootWord: () => null,
};
