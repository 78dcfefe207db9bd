/** A picture of the made-up firm: drawn, so that it shows nobody’s house. */
export interface DemoPicture {
  readonly site: string;
  readonly svg: string;
  readonly caption: string;
  readonly trial: boolean;
  readonly marks: readonly {
    readonly shape: 'arrow' | 'circle' | 'label';
    readonly fromX: number;
    readonly fromY: number;
    readonly toX: number;
    readonly toY: number;
    readonly text: string;
  }[];
}

const brickWall = (): string =>
  Array.from({ length: 16 }, (_, row) =>
    Array.from(
      { length: 9 },
      (_one, column) =>
        `<rect x="${column * 150 - (row % 2) * 75}" y="${row * 58}" width="142" height="50" fill="${(row + column) % 3 ? '#a8684d' : '#9b5d45'}"/>`,
    ).join(''),
  ).join('');

const ways = (): string =>
  Array.from({ length: 24 }, (_, i) => {
    const [x, y] = [i % 2 ? 640 : 330, 110 + Math.floor(i / 2) * 62];
    return `<rect x="${x}" y="${y}" width="230" height="52" fill="#2b2d2e"/><rect x="${x + 150}" y="${y + 12}" width="60" height="28" fill="#c9c9c2"/>`;
  }).join('');

export const DEMO_PICTURES: readonly DemoPicture[] = [
  {
    site: 'Tern Cottage',
    caption: 'hole and stain at the door, phone held there',
    trial: true,
    svg: `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="900"><rect width="1200" height="900" fill="#c9b8a6"/>${brickWall()}<rect x="820" width="380" height="900" fill="#e9e4d6"/><rect x="860" y="40" width="300" height="860" fill="#3d5b4f"/><circle cx="930" cy="480" r="16" fill="#c9a24a"/><ellipse cx="560" cy="430" rx="52" ry="95" fill="#6d4636" opacity="0.55"/><circle cx="560" cy="430" r="12" fill="#1c1412"/><path d="M560 430 q40 60 20 110" stroke="#e8e2cf" stroke-width="7" fill="none"/></svg>`,
    marks: [
      { shape: 'circle', fromX: 0.467, fromY: 0.478, toX: 0.55, toY: 0.478, text: '' },
      { shape: 'arrow', fromX: 0.2, fromY: 0.25, toX: 0.41, toY: 0.41, text: '' },
      { shape: 'label', fromX: 0.06, fromY: 0.22, toX: 0.06, toY: 0.22, text: 'stain, 80 mm' },
    ],
  },
  {
    site: 'Whimbrel Court',
    caption: 'board with its labels, or what is left of them',
    trial: false,
    svg: `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="900"><rect width="1200" height="900" fill="#8d8a80"/><rect x="250" y="30" width="700" height="850" fill="#bdbdb5"/><rect x="300" y="80" width="600" height="780" fill="#6f716f"/>${ways()}</svg>`,
    marks: [{ shape: 'label', fromX: 0.3, fromY: 0.4, toX: 0.3, toY: 0.4, text: '9: freezer, keep on' }],
  },
];
