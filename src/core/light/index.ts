export { LIGHT_ZONES, NIGHT_LUX, WINDOW_LUX, type LightZone } from './guidance';
export { beamOf, luxOf, luxOnGround, type Beam, type Lamp, type Receiver } from './lamp';
