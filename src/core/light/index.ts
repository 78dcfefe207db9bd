export { beamOf, luxOf, type Beam, type Lamp, type Receiver } from './lamp';
