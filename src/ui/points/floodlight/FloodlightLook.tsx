'use client';
import type { SpotArea } from '@/core/points';
import type { ComponentType } from 'react';
import { LookBench, SHARED_AREA_FORMS } from '../../rungs/look/LookBench';
import { FixtureArea } from './FixtureArea';

const FORMS: Readonly<Record<SpotArea, ComponentType>> = { ...SHARED_AREA_FORMS, fixture: FixtureArea };

/** The survey of a floodlight’s spot. */
export const FloodlightLook = () => <LookBench forms={FORMS} />;
