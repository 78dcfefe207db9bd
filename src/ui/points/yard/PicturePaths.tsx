import type { Outline, Picture } from '@/core/yard';

export const pathOf = (outline: Outline): string =>
  outline.map(([x, y], i) => `${i ? 'L' : 'M'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');

/** The lines of a plan as a camera shows them: ground, horizon, what stands in the way. @param unit pixels of a thin line */
export function PicturePaths({ picture, unit }: { readonly picture: Picture; readonly unit: number }) {
  return (
    <g className="plan-lines" strokeWidth={unit}>
      {picture.ground.map((outline, i) => (
        <path key={i} d={pathOf(outline)} />
      ))}
      <path d={pathOf(picture.horizon)} />
      {picture.boxes.flatMap(({ id, faces }) =>
        faces.map((outline, i) => <path key={`${id} ${i}`} d={`${pathOf(outline)}Z`} strokeWidth={2 * unit} />),
      )}
      {picture.figures.map(
        ({ target, foot, head }) =>
          foot && <path key={target.id} d={`M${foot[0]} ${foot[1]}L${head[0]} ${head[1]}`} strokeWidth={3 * unit} />,
      )}
    </g>
  );
}
