import { LANGUAGE } from './chosen';

// What the screens say themselves, room by room, in the language of the program
const { screens } = LANGUAGE;

export const beforeWords = screens.before;
export const boardWords = screens.board;
export const boxWords = screens.box;
export const breakerLabelWords = screens.breakerLabel;
export const catalogueWords = screens.catalogue;
export const chooseWords = screens.choose;
export const compareWords = screens.compare;
export const doorWords = screens.door;
export const doorLookWords = screens.doorLook;
export const doorbellWords = screens.doorbell;
export const drawingWords = screens.drawing;
export const figuresWords = screens.figures;
export const floodlightWords = screens.floodlight;
export const formWords = screens.form;
export const frameWords = screens.frame;
export const houseWords = screens.house;
export const isolateWords = screens.isolate;
export const jobWords = screens.job;
export const leaveWords = screens.leave;
export const lookWords = screens.look;
export const measureWords = screens.measure;
export const meterWords = screens.meter;
export const mountWords = screens.mount;
export const photoWords = screens.photo;
export const plugFloodlightWords = screens.plugFloodlight;
export const pointsWords = screens.points;
export const policyWords = screens.policy;
export const proveWords = screens.prove;
export const settingsWords = screens.settings;
export const sheetWords = screens.sheet;
export const verdictWords = screens.verdict;
export const wireWords = screens.wire;
