/** Sheets that a desk printer takes, in millimetres. */
export const PAPERS = {
  a4: { name: "A4", width: 210, height: 297 },
  a3: { name: "A3", width: 297, height: 420 },
  letter: { name: "US Letter", width: 215.9, height: 279.4 },
} as const;
export type PaperId = keyof typeof PAPERS;

export function isPaper(value: unknown): value is PaperId {
  return typeof value === "string" && Object.hasOwn(PAPERS, value);
}

/** What most printers cannot reach at the edge of a sheet. */
export const PAGE_MARGIN_MM = 10;
/** Neighbouring sheets share this strip, to be glued one over the other. */
export const OVERLAP_MM = 15;

export type Tile = {
  /** Read on the page map: rows are lettered from the top, columns numbered from the left. */
  readonly label: string;
  readonly row: number;
  readonly column: number;
  /** The drawing's place that falls on the upper left corner of the printable area. */
  readonly left: number;
  readonly top: number;
};

/** Rolls of a copy shop's plotter, by their width in millimetres. */
export const ROLLS = {
  roll24: { name: "24 in roll", width: 609.6 },
  roll36: { name: "36 in roll", width: 914.4 },
  roll44: { name: "44 in roll", width: 1117.6 },
} as const;
export type RollId = keyof typeof ROLLS;

export function isRoll(value: unknown): value is RollId {
  return typeof value === "string" && Object.hasOwn(ROLLS, value);
}

/** What of a sheet is drawn on; a sheet may lie with its long side across. */
export function printableArea(
  paper: PaperId,
  isLandscape: boolean,
): { readonly width: number; readonly height: number } {
  const { width, height } = PAPERS[paper];
  const [across, down] = isLandscape ? [height, width] : [width, height];
  return { width: across - 2 * PAGE_MARGIN_MM, height: down - 2 * PAGE_MARGIN_MM };
}

export type Tiling = {
  readonly columns: number;
  readonly rows: number;
  readonly tileWidth: number;
  readonly tileHeight: number;
  readonly tiles: readonly Tile[];
};

/** Cuts a drawing of this size into overlapping sheets; those on which nothing lies are left out. */
export function tile(
  width: number,
  height: number,
  paper: PaperId,
  isLandscape = false,
  isUsed: (column: number, row: number) => boolean = () => true,
): Tiling {
  const { width: tileWidth, height: tileHeight } = printableArea(paper, isLandscape);
  const columns = countTiles(width, tileWidth);
  const rows = countTiles(height, tileHeight);
  const tiles = Array.from({ length: rows * columns }, (_, index): Tile => {
    const row = Math.floor(index / columns);
    const column = index % columns;
    return {
      label: `${rowLetter(row)}${column + 1}`,
      row,
      column,
      left: column * (tileWidth - OVERLAP_MM),
      top: row * (tileHeight - OVERLAP_MM),
    };
  }).filter(({ column, row }) => isUsed(column, row));
  return { columns, rows, tileWidth, tileHeight, tiles };
}

function countTiles(size: number, tileSize: number): number {
  return Math.max(1, Math.ceil((size - OVERLAP_MM) / (tileSize - OVERLAP_MM)));
}

/** A to Z, then AA, AB …: a coat laid out on small paper can pass Z. */
function rowLetter(row: number): string {
  const letter = String.fromCharCode(65 + (row % 26));
  return row < 26 ? letter : `${rowLetter(Math.floor(row / 26) - 1)}${letter}`;
}
