export { add, complex, divide, magnitude, multiply, parallel, subtract, type Complex } from './complex';
export {
  AWG_SIZES,
  COPPER_LAW_ENDS_CELSIUS,
  MATERIAL_FACTOR,
  awgToMm2,
  nearestAwg,
  copperWarmth,
  isAwg,
  runOhms,
  type ConductorMaterial,
  type Run,
} from './conductor';
export {
  COLLAPSED,
  chimeImpedance,
  collapseWatts,
  operatingPoint,
  type ChimePath,
  type Load,
  type Loop,
  type OperatingPoint,
  type Source,
} from './operatingPoint';
export {
  ORDINARY_METER,
  sourceFit,
  type LoadReading,
  type MeterAccuracy,
  type SourceFit,
  type SourceFitProblem,
  type SourceFitRequest,
} from './sourceFit';
export { emptyPorts, loadVolts, settleCurrents, type PortSystem } from './settleCurrents';
export { settlePorts, type PortLoad, type Ports } from './portLoads';
export { fundamentalVars, upperRootVolts } from './upperRoot';
export { rms, type DistortedPhasor } from './distortedPhasor';
export {
  networkPorts,
  solveNetwork,
  voltsBetween,
  type Branch,
  type Network,
  type NetworkLoad,
  type NetworkSolution,
  type NetworkSource,
} from './network';
export { halfWaveVolts, wattsPastDiode, type DiodeLoop } from './halfWaves';
export {
  lowestCapVolts,
  rectifierPoint,
  type RectifierFigures,
  type RectifierLoad,
  type RectifierLoop,
} from './rectifierPoint';
export { sharedSourcePoint, type SecondFigures, type SecondLoad } from './sharedSource';
export {
  REGULATION_BY_VA,
  SHEET_OPEN_PERCENT,
  regulationSpread,
  sheetOpenVolts,
  type SheetVolts,
  type Spread,
} from './regulation';
export { resistorSeconds } from './testResistor';
