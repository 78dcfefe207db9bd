'use client';
import { doorbellWords } from '@/words/screens';
import { bench, isolateBench, leaveBench } from '../bench';
import type { PointFace } from '../face';
import { DoorbellCarried } from './DoorbellCarried';
import { DoorbellFootWord } from './DoorbellFootWord';

export const doorbellFace: PointFace = {
  benches: {
    look: bench(() => import('./look/DoorbellLook').then(({ DoorbellLook }) => DoorbellLook)),
    measure: bench(() => import('./DoorbellMeasure').then(({ DoorbellMeasure }) => DoorbellMeasure)),
    choose: bench(() => import('./choose/ChooseBench').then(({ ChooseBench }) => ChooseBench)),
    isolate: isolateBench,
    wire: bench(() => import('./DoorbellWire').then(({ DoorbellWire }) => DoorbellWire)),
    mount: bench(() => import('./mount/MountBench').then(({ MountBench }) => MountBench)),
    prove: bench(() => import('./prove/DoorbellProve').then(({ DoorbellProve }) => DoorbellProve)),
    leave: leaveBench,
  },
  whatFor: {
    look: doorbellWords.theHouseTheDoor,
    measure: doorbellWords.whatThisCircuitCan,
    choose: doorbellWords.whatEachWayDoes,
    isolate: doorbellWords.whichCircuitItIs,
    wire: doorbellWords.terminalByTerminal,
    mount: doorbellWords.howHighWhichWedge,
    prove: doorbellWords.eachWithItsFigure,
    leave: doorbellWords.whatStaysWithThe,
  },
  Carried: DoorbellCarried,
  FootWord: DoorbellFootWord,
};
