'use client';
import { floodlightWords } from '@/words/screens';
import { yardBench, bench, isolateBench, leaveBench, proveBench, wireBench } from '../bench';
import type { PointFace } from '../face';
import { FloodlightCarried } from './FloodlightCarried';

export const floodlightFace: PointFace = {
  benches: {
    look: bench(() => import('./FloodlightLook').then(({ FloodlightLook }) => FloodlightLook)),
    measure: bench(() => import('./FloodlightBox').then(({ FloodlightBox }) => FloodlightBox)),
    choose: bench(() => import('./FixtureBench').then(({ FixtureBench }) => FixtureBench)),
    isolate: isolateBench,
    wire: wireBench,
    mount: yardBench,
    prove: proveBench,
    leave: leaveBench,
  },
  whatFor: {
    look: floodlightWords.theHouseTheOld,
    measure: floodlightWords.whatThisBoxIs,
    choose: floodlightWords.theCameraItsFeed,
    isolate: floodlightWords.whichCircuitItIs,
    wire: floodlightWords.spliceBySplice,
    mount: floodlightWords.orientationHeightTiltSeal,
    prove: floodlightWords.eachWithItsFigure,
    leave: floodlightWords.whatStaysWithThe,
  },
  Carried: FloodlightCarried,
  // Nothing of its verdict is a figure to be read in passing
  FootWord: () => null,
};
