'use client';
import { WireBench } from '../../rungs/wire/WireBench';
import { OpenVoltsStep } from './prove/OpenVoltsStep';

/** Wire at a doorbell: a step that takes a reading has its field. */
export const DoorbellWire = () => <WireBench StepReading={OpenVoltsStep} />;
