import { create } from 'qrcode';

/** A quiet edge of so many modules stands round a code. */
export const QUIET = 4;

/** The dark modules of a code as one path, each module one unit wide. */
function codePath(address: string): { readonly path: string; readonly size: number } {
  const { modules } = create(address, { errorCorrectionLevel: 'M' });
  const cells: string[] = [];
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++)
      if (modules.get(row, column)) cells.push(`M${column} ${row}h1v1h-1z`);
  return { path: cells.join(''), size: modules.size };
}

/** A code as part of a drawing, with its quiet edge, so wide. */
export function QrModules({ address, x, y, side }: Readonly<Record<'x' | 'y' | 'side', number>> & { address: string }) {
  const { path, size } = codePath(address);
  const cell = side / (size + 2 * QUIET);
  return (
    <g transform={`translate(${x + QUIET * cell} ${y + QUIET * cell}) scale(${cell})`}>
      <path d={path} fill="#000000" shapeRendering="crispEdges" />
    </g>
  );
}

const SIDE = 100;

/** A code that a phone reads as an address. */
export const QrCode = ({ address, name }: { readonly address: string; readonly name: string }) => (
  <svg className="qr-code" viewBox={`0 0 ${SIDE} ${SIDE}`} role="img" aria-label={name}>
    <rect width={SIDE} height={SIDE} fill="#ffffff" />
    <QrModules address={address} x={0} y={0} side={SIDE} />
  </svg>
);
