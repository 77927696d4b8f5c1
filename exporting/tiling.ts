/** Sheets that a desk printer takes, in millimetres. */
export const PAPERS = {
  a4: { name: "A4", width: 210, height: 297 },
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

export type Tiling = {
  readonly columns: number;
  readonly rows: number;
  readonly tileWidth: number;
  readonly tileHeight: number;
  readonly tiles: readonly Tile[];
};

/** Cuts a drawing of this size into overlapping sheets. */
export function tile(width: number, height: number, paper: PaperId): Tiling {
  const tileWidth = PAPERS[paper].width - 2 * PAGE_MARGIN_MM;
  const tileHeight = PAPERS[paper].height - 2 * PAGE_MARGIN_MM;
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
  });
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
