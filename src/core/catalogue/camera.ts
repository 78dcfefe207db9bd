import type { CameraProfile } from './cameraProfile';
import type { FixtureProfile } from './fixture';

/** Taken where a sheet does not say: usual of the kind (domain/mount). */
const ASSUMED: Omit<CameraProfile, 'headDownDeg' | 'headUpDeg'> = {
  projection: 'rectilinear',
  hfovDeg: 110,
  widthPx: 2560,
  heightPx: 1440,
  panDeg: 90,
  sensorReachM: 9,
  sensorHeightM: 2.9,
  sensorLobeDeg: 180,
  lamps: 2,
  lampLm: 1000,
  lampBeamDeg: 90,
};

/** Fields of a fixture that its sheet may leave open. */
export const CAMERA_FIELDS = Object.keys(ASSUMED) as readonly (keyof typeof ASSUMED)[];

/**
 * A fixture as a camera.
 * @returns with the fields that its sheet does not give: they are assumed
 */
export function cameraOf(fixture: Omit<FixtureProfile, 'plugLeadM'>): {
  readonly camera: CameraProfile;
  readonly assumed: readonly (keyof typeof ASSUMED)[];
} {
  const { headDownDeg, headUpDeg } = fixture;
  const known = Object.fromEntries(
    CAMERA_FIELDS.flatMap((name) => (fixture[name] === undefined ? [] : [[name, fixture[name]]])),
  );
  return {
    camera: { ...ASSUMED, ...known, headDownDeg, headUpDeg },
    assumed: CAMERA_FIELDS.filter((name) => fixture[name] === undefined),
  };
}
