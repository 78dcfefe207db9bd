import { number, string } from 'yup';
import { PROJECTIONS, type Lens, type Projection } from '@/core/view';
import { refuse } from './geometry';

/** The fields of a camera that its data sheet gives. */
export const lensFields = {
  model: string<Projection>().oneOf(PROJECTIONS).defined(),
  hfovDeg: number().defined(),
  widthPx: number().defined(),
  heightPx: number().defined(),
};

/** @throws ProblemError 422 where a size is none, or the field of view is out of the range of its model */
export function checkLens({ model, hfovDeg, widthPx, heightPx }: Lens): void {
  if (widthPx <= 0) refuse('camera.widthPx', 'is not over 0');
  if (heightPx <= 0) refuse('camera.heightPx', 'is not over 0');
  if (hfovDeg <= 0) refuse('camera.hfovDeg', 'is not over 0');
  if (model === 'rectilinear' && hfovDeg >= 180) refuse('camera.hfovDeg', 'is not under 180 with a rectilinear lens');
  if (hfovDeg > 360) refuse('camera.hfovDeg', 'is over 360');
}
