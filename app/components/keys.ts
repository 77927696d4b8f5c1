/** A key or a chord: as the browser is told of it (null where a part of a page listens by itself), as it is shown, and what it does. */
export type KeyOf = { readonly press: string | null; readonly shown: string; readonly does: string };

const key = <Press extends string | null>(press: Press, shown: string, does: string) => ({ press, shown, does });

/** Where one can go from anywhere, with the letter that leads there after g while no box is being written in; the empty letter has none. */
export const PLACES = [
  { key: "w", to: "/", name: "Worktable", about: "what is in hand" },
  { key: "f", to: "/?show=fitting", name: "Fittings due", about: "the first day first" },
  { key: "n", to: "/garments/new", name: "New garment", about: "start one" },
  { key: "c", to: "/clients", name: "Clients", about: "all of them" },
  { key: "s", to: "/settings", name: "Settings", about: "of the workroom" },
  { key: "h", to: "/help", name: "Help", about: "order of work, words, findings, keys" },
  { key: "", to: "/settings/cloths", name: "Cloths", about: "what each takes" },
  { key: "", to: "/settings/ease", name: "Ease", about: "how much room each garment has" },
  { key: "", to: "/settings/people", name: "People", about: "who belongs to the workroom" },
  { key: "", to: "/settings/data", name: "Back up", about: "save or restore an archive" },
  { key: "", to: "/shelves", name: "Shelves", about: "what is put away" },
  { key: "", to: "/clients/new", name: "New client", about: "add one" },
  { key: "", to: "/account", name: "Your account", about: "password, sign out" },
] as const;

export const ANYWHERE = {
  goTo: key("/", "/", "Go to a garment, a client or a page by a few letters"),
  goToFromBox: key("$mod+k", "Ctrl K", "The same while a box is written in"),
  help: key("Shift+?", "?", "Open this page"),
} as const;

export const ON_A_GARMENT = {
  versions: key("v", "V", "Versions"),
  fittings: key("t", "T", "Fittings"),
  firstBox: key("b", "B", "The first box of the station"),
  findFigure: key("f", "F", "Find a figure by letters"),
  print: key("p", "P", "Print and download"),
  leaveBox: key("Escape", "Esc", "Leave a box"),
  save: key("$mod+s", "Ctrl S", "Save a version"),
  undo: key("$mod+z", "Ctrl Z", "Undo"),
  redo: key("$mod+y", "Ctrl Y", "Redo"),
  redoToo: key("$mod+Shift+z", "Ctrl Shift Z", "Redo"),
  foldLeft: key("$mod+ArrowLeft", "Ctrl ←", "Fold the left panel, or open it"),
  foldRight: key("$mod+ArrowRight", "Ctrl →", "Fold the right panel, or open it"),
} as const;

export const ON_THE_SHEET: Readonly<Record<string, KeyOf>> = {
  pan: key(null, "← ↑ → ↓", "Move the sheet"),
  zoom: key(null, "+ −", "Larger, smaller"),
  whole: key(null, "0", "The whole draft"),
  handle: key(null, "← ↑ → ↓", "On a handle: move it by one mark of the tape"),
  open: key(null, "Enter", "On a figure: open its card"),
  next: key(null, "Enter", "In a card: go to the next figure"),
  previous: key(null, "Shift Enter", "In a card: go to the previous figure"),
  step: key(null, "↑ ↓", "In a card: one mark of the tape more or less"),
  close: key(null, "Esc", "In a card: close it"),
};
