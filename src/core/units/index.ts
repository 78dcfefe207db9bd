export {
  DEGREES,
  OHMS,
  VOLTS,
  VOLT_AMPS,
  parseFigure,
  parseSpan,
  parseVoltAmps,
  type FigureRule,
  type Span,
} from './figure';
export { gaugeText, parseGauge, type Gauge } from './gauge';
export {
  METRES_PER_FOOT,
  METRES_PER_INCH,
  lengthText,
  parseLength,
  parseLengthSpan,
  type LengthSystem,
  type LengthUnit,
} from './length';
export { capital, lowerFirst } from './letterCase';
export { parsed, refused, type FigureProblem, type Parsed } from './parsed';
export type { UnitsSayings } from './sayings';
export { figureProblemText } from './wording';
