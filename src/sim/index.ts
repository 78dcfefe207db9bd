export { meterBench, type MeterBench } from './meter/bench';
export { ORDINARY, seedOf, simulatedMeter, type MeterKind } from './meter/simulatedMeter';
export { simulatedPhone } from './phone/simulatedPhone';
