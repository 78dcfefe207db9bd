export { answerKinds, type AnswerKind } from './answerKinds';
export { diagnoseBy, type Diagnosis } from './diagnoseBy';
export { hypothesesOf, planned, type Hypotheses } from './planned';
export { isExplained, picked, possibleHouses, sharesOf, type Possible, type TakenTest } from './possibleHouses';
export { predicted, type Prediction } from './prediction';
export { ranked, sharesByFault, type Ranking } from './ranking';
export { chanceShown, drawShown, shareBelow, type FigureOf, type ShownFigure } from './shownFigure';
export { placeIn, type Done, type FaultAsked, type NextAct, type Trouble } from './trouble';
export {
  FIGURE,
  drawnAnswer,
  outcomesOf,
  type Found,
  type Showing,
  type TestAsked,
  type TestShape,
  type TroubleModel,
} from './troubleModel';
