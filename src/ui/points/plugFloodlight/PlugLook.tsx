'use client';
import type { PlugSpotArea } from '@/core/points';
import type { ComponentType } from 'react';
import { LookBench, SHARED_AREA_FORMS } from '../../rungs/look/LookBench';
import { SpotArea } from '../SpotArea';

const { board: _board, ...SHARED } = SHARED_AREA_FORMS;
const FORMS: Readonly<Record<PlugSpotArea, ComponentType>> = { ...SHARED, spot: SpotArea };

/** The survey of a spot for a floodlight with a plug. */
export const PlugLook = () => <LookBench forms={FORMS} />;
