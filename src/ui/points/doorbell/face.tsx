'use client';
import { bench, isolateBench, leaveBench, wireBench } from '../bench';
import type { PointFace } from '../face';
import { DoorbellCarried } from './DoorbellCarried';
import { DoorbellFootWord } from './DoorbellFootWord';

export const doorbellFace: PointFace = {
  benches: {
    look: bench(() => import('./look/DoorbellLook').then(({ DoorbellLook }) => DoorbellLook)),
    measure: bench(() => import('./DoorbellMeasure').then(({ DoorbellMeasure }) => DoorbellMeasure)),
    choose: bench(() => import('./choose/ChooseBench').then(({ ChooseBench }) => ChooseBench)),
    isolate: isolateBench,
    wire: wireBench,
    mount: bench(() => import('./mount/MountBench').then(({ MountBench }) => MountBench)),
    prove: bench(() => import('./prove/ProveBench').then(({ ProveBench }) => ProveBench)),
    leave: leaveBench,
  },
  whatFor: {
    look: 'the house, the door, the chime, and who has to be ready',
    measure: 'what this circuit can carry to the door',
    choose: 'what each way does, and which one to take',
    isolate: 'which circuit it is, and whether it is dead',
    wire: 'terminal by terminal',
    mount: 'how high, which wedge, which screws',
    prove: 'each with its figure, nothing passed by default',
    leave: 'what stays with the customer',
  },
  Carried: DoorbellCarried,
  FootWord: DoorbellFootWord,
};
