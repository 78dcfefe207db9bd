export { meterBench, type MeterBench } from './meter/bench';
export { ORDINARY, seedOf, simulatedMeter, type MeterKind } from './meter/simulatedMeter';
export { simulatedDevice, type DeviceSupply } from './device/simulatedDevice';
export { simulatedCode } from './phone/simulatedCode';
export { simulatedLean } from './phone/simulatedLean';
export { simulatedPhone } from './phone/simulatedPhone';
