'use client';
import { plugFloodlightWords } from '@/words/screens';
import { yardBench, bench, isolateBench, leaveBench, proveBench, wireBench } from '../bench';
import type { PointFace } from '../face';
import { PlugCarried } from './PlugCarried';

export const plugFloodlightFace: PointFace = {
  benches: {
    look: bench(() => import('./PlugLook').then(({ PlugLook }) => PlugLook)),
    measure: bench(() => import('./OutletBench').then(({ OutletBench }) => OutletBench)),
    choose: bench(() => import('./PlugChooseBench').then(({ PlugChooseBench }) => PlugChooseBench)),
    isolate: isolateBench,
    wire: wireBench,
    mount: yardBench,
    prove: proveBench,
    leave: leaveBench,
  },
  whatFor: {
    look: plugFloodlightWords.theHouseTheSpot,
    measure: plugFloodlightWords.theOutletHowFar,
    choose: plugFloodlightWords.theCameraWhoseLead,
    isolate: plugFloodlightWords.aPlugWhatMakes,
    wire: plugFloodlightWords.fromTheVanTo,
    mount: plugFloodlightWords.orientationHeightTiltSeal,
    prove: plugFloodlightWords.eachWithItsFigure,
    leave: plugFloodlightWords.whatStaysWithThe,
  },
  Carried: PlugCarried,
  FootWord: () => null,
};
