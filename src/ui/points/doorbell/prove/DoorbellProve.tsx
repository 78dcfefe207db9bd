'use client';
import { ProveBench } from '../../../rungs/prove/ProveBench';
import { OpenVoltsAnswer } from './OpenVoltsAnswer';
import { ReportAnswer } from './ReportAnswer';
import { VoltsAnswer } from './VoltsAnswer';

const OWN = { Volts: VoltsAnswer, OpenVolts: OpenVoltsAnswer, Report: ReportAnswer } as const;

/** Prove at a doorbell: its volts are held against the band that its survey predicts. */
export const DoorbellProve = () => <ProveBench own={OWN} />;
