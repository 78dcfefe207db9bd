'use client';
import type { DoorArea } from '@/core/points';
import type { ComponentType } from 'react';
import { LookBench, SHARED_AREA_FORMS } from '../../../rungs/look/LookBench';
import { BagArea } from './BagArea';
import { ChimeArea } from './ChimeArea';
import { DoorArea as Door } from './DoorArea';
import { DoorView } from './DoorView';
import { PlateArea } from './PlateArea';
import { SupplyArea } from './SupplyArea';
import { TransformerArea } from './TransformerArea';

const FORMS: Readonly<Record<DoorArea, ComponentType>> = {
  ...SHARED_AREA_FORMS,
  door: Door,
  plate: PlateArea,
  view: DoorView,
  chime: ChimeArea,
  transformer: TransformerArea,
  supply: SupplyArea,
  bag: BagArea,
};

/** The survey of a door. */
export const DoorbellLook = () => <LookBench forms={FORMS} />;
